'use client';

import type { CourseData, Outing, Reading, TrackEvent } from '@/core/model';
import { useMemo, useState } from 'react';
import { useRouter } from 'next/navigation';
import { Grid, Text } from '@chakra-ui/react';
import { casesFromReading, demandOf, rank } from '@/core/choice';
import { startConditions, type SnowConditions } from '@/core/wax';
import { snowAt, type StartSnow } from '@/core/snow/outlook';
import { MODEL_VERSION } from '@/core/model-version';
import { snowSchema } from '@/formats/schemas/snow';
import { validate } from '@/formats/schemas/validation';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { useWrite } from '@/ui/fields/use-write';
import { percent, temperature, temperatureWithSpread } from '@/words/quantities';
import { dayAndTime } from '@/words/times';
import { useUnits } from '@/ui/format/units-context';
import { SkipLink } from '@/ui/frame/skip-link';
import { Part, Sheet } from '@/ui/frame/sheet';
import type { ShownProduct } from '@/ui/wax/ranking-list';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { withdrawReadingAction } from './actions';
import { CourseStrip } from './course-strip';
import { ImportReadings } from './import-readings';
import { LiveAnswer, type LiveChoice } from './live-answer';
import { OutlookPart } from './outlook-part';
import { ReadingForm } from './reading-form';
import { ReadingsList } from './readings-list';
import type { PretendedSnow } from './instruments/stand-in-instruments';
import { TrackWork } from './track-work';
import { useOutlooks, type PlaceOutlook } from './use-outlooks';
import { useReadingForm, type ReadingDraft } from './use-reading-form';
import { words } from '@/words';

const WORDS = words.screens.snow.snowScreen;

interface SnowScreenProps {
  outing: Outing;
  readings: readonly Reading[];
  products: readonly ShownProduct[];
  correctedId: string | undefined;
  course: CourseData;
  trackEvents: readonly TrackEvent[];
  serverNowMs: number;
}

/** The Snow screen: what the snow is now, and what that asks for while one types. */
export function SnowScreen(props: SnowScreenProps) {
  const { outing, readings, products, correctedId, course, serverNowMs } = props;
  const router = useRouter();
  const latest = readings[0];
  const corrected = readings.find((one) => one.id === correctedId);
  const form = useReadingForm({ outingId: outing.id, latest, corrected });
  const outlooks = useOutlooks(course, outing);
  const main = outlooks.state.kind === 'done' ? outlooks.state.places[0] : undefined;
  const { result, missing, title } = useLiveResult(form.values, {
    latest,
    start: main?.start,
    outing,
    products,
  });
  const pickHref = `/outing/${outing.id}/pick`;
  const snowHref = `/outing/${outing.id}/snow`;
  const [savedId, setSavedId] = useState<string>();
  const { send } = useWrite();
  const [undoProblem, setUndoProblem] = useState<string>();
  const onSaved = (id: string) => {
    setSavedId(id);
    if (corrected) router.replace(snowHref);
  };
  const undoSave = async () => {
    if (!savedId) return;
    const done = await send(`withdraw:${savedId}`, (key) => withdrawReadingAction(key, savedId));
    if (done) setUndoProblem(done.ok ? undefined : done.error.message);
    if (done?.ok) setSavedId(undefined);
  };
  return (
    <>
      <SkipLink to="reading-form">{WORDS.skipToTheReading}</SkipLink>
      <Sheet
        question={WORDS.whatWillTheSnowBe}
        answer={
          <SnowAnswer
            draft={form.values}
            latest={latest}
            start={main?.start}
            timeZone={outing.venue.timeZone}
          />
        }
      >
        <OutlookPart
          outing={outing}
          course={course}
          state={outlooks.state}
          plan={outlooks.plan}
          nowMs={serverNowMs}
          onCancel={outlooks.cancel}
          onRestart={outlooks.restart}
        />
        {outlooks.state.kind === 'done' && <CourseStrip places={outlooks.state.places} />}
        <Grid templateColumns={{ base: '1fr', lg: '7fr 5fr' }} gap={{ base: '0', lg: '10' }}>
          <div id="reading-form" tabIndex={-1}>
            <FieldProblemText problem={undoProblem} />
            {savedId && (
              <UndoNotice
                message={WORDS.readingSaved}
                onUndo={() => void undoSave()}
                onClose={() => setSavedId(undefined)}
              />
            )}
            <Part title={corrected ? WORDS.correctThisReading : WORDS.takeAReading}>
              <ReadingForm
                key={corrected?.id ?? 'new'}
                form={form}
                timeZone={outing.venue.timeZone}
                isCorrection={corrected !== undefined}
                pretended={pretendedSnow(main, serverNowMs)}
                onSaved={onSaved}
              />
            </Part>
          </div>
          <LiveAnswer
            title={title}
            result={result}
            products={products}
            missing={missing}
            pickHref={pickHref}
          />
        </Grid>
        <TrackWork outing={outing} events={props.trackEvents} />
        <ReadingsList readings={readings} outing={outing} />
        <ImportReadings outingId={outing.id} timeZone={outing.venue.timeZone} />
      </Sheet>
    </>
  );
}

function SnowAnswer(props: {
  draft: ReadingDraft;
  latest: Reading | undefined;
  start: StartSnow | undefined;
  timeZone: string;
}) {
  const { draft, latest, start, timeZone } = props;
  const typed = draft.temperatureC;
  if (!start) {
    return latest ? (
      <MeasuredAnswer latest={latest} timeZone={timeZone} />
    ) : (
      <Text textStyle="title">
        {typed === undefined ? WORDS.noReadingYetMeasureThe : WORDS.notSavedYetSaveThe}
      </Text>
    );
  }
  return <StartAnswer start={start} latest={latest} timeZone={timeZone} />;
}

/** The modelled snow at the start, beside the air that everybody knows, and what was measured last. */
function StartAnswer(props: { start: StartSnow; latest: Reading | undefined; timeZone: string }) {
  const units = useUnits();
  const { start, latest, timeZone } = props;
  const { snow } = start;
  return (
    <>
      <Text textStyle="hero" data-testid="snow-start">
        {temperatureWithSpread(snow.contactC.p50, snow.contactSdC, units)}
      </Text>
      <Text textStyle="body">
        {WORDS.modelledAtTheStartWhile(words.terms.WETNESS_WORDS[snow.wetness].toLowerCase())}
        <strong data-testid="air-start">{temperature(start.airTemperatureC, units)}</strong>{' '}
        {WORDS.atOverWaterOverIce(
          percent(start.humidityFraction),
          percent(snow.humidityOverIceFraction),
        )}
      </Text>
      {latest && (
        <Text textStyle="body" color="faint">
          {WORDS.last(latest.source === 'guess' ? WORDS.guessed : WORDS.measured)}
          <span data-testid="snow-now">
            {temperatureWithSpread(latest.temperatureC, latest.temperatureSdC, units)}
          </span>
          , {dayAndTime(latest.takenAt, timeZone)}
          {latest.spot ? `, ${latest.spot}` : ''}.
        </Text>
      )}
    </>
  );
}

function MeasuredAnswer({ latest, timeZone }: { latest: Reading; timeZone: string }) {
  const units = useUnits();
  return (
    <>
      <Text textStyle="hero" data-testid="snow-now">
        {temperatureWithSpread(latest.temperatureC, latest.temperatureSdC, units)}
      </Text>
      <Text textStyle="body">
        {WORDS.withoutWeatherNothingIsKnown(
          latest.source === 'guess'
            ? WORDS.guessedNotMeasured
            : WORDS.measured2(
                words.terms.SOURCE_WORDS[latest.source]?.toLowerCase() ?? latest.source,
              ),
          dayAndTime(latest.takenAt, timeZone),
          latest.spot ? `, ${latest.spot}` : '',
        )}
      </Text>
    </>
  );
}

const NO_OUTLOOK = { contactC: -6, surfaceC: -7, airC: -3, humidityFraction: 0.7 };

/** The snow of now as the outlook has it, for the stand-in instruments to measure. */
function pretendedSnow(main: PlaceOutlook | undefined, nowMs: number): PretendedSnow {
  if (!main) return NO_OUTLOOK;
  const { timesMs } = main.outlook;
  const withinMs = Math.min(timesMs.at(-1)!, Math.max(timesMs[0]!, nowMs));
  const now = snowAt(main.outlook, withinMs);
  if (!now || !main.start) return NO_OUTLOOK;
  return {
    contactC: now.contactC.p50,
    surfaceC: now.surfaceC,
    airC: main.start.airTemperatureC,
    humidityFraction: main.start.humidityFraction,
  };
}

interface LiveResult {
  title: string;
  result: LiveChoice | undefined;
  missing: string | undefined;
}

/** The choice for the values as typed; before a temperature is typed, for the start or the last reading. */
function useLiveResult(
  values: ReadingDraft,
  {
    latest,
    start,
    outing,
    products,
  }: {
    latest: Reading | undefined;
    start: StartSnow | undefined;
    outing: Outing;
    products: readonly ShownProduct[];
  },
): LiveResult {
  return useMemo(() => {
    const { title, snow } = shownSnow(values, latest, start);
    if (snow.temperatureC === undefined) {
      return { title, result: undefined, missing: WORDS.enterTheSnowTemperatureOr };
    }
    const checked = validate(snowSchema, snow);
    if (!checked.ok) {
      const missing = WORDS.mendTheMarkedFieldsTo;
      return { title, result: undefined, missing };
    }
    const cases = casesFromReading(checked.value);
    const own = { venueC: outing.venue.ownCorrectionC, handC: 0 };
    if (products.length === 0) {
      const asked = demandOf({ cases, outing, own });
      const result = { ...asked, ranking: [], cautions: [], modelVersion: MODEL_VERSION };
      return { title, result, missing: undefined };
    }
    return { title, result: rank({ cases, outing, own, products }), missing: undefined };
  }, [values, latest, start, outing, products]);
}

function shownSnow(
  values: ReadingDraft,
  latest: Reading | undefined,
  start: StartSnow | undefined,
): { title: string; snow: Partial<SnowConditions> } {
  if (values.temperatureC !== undefined) {
    return { title: WORDS.whatThisReadingAsksFor, snow: values };
  }
  if (start) return { title: WORDS.whatTheStartAsksFor, snow: startConditions(start, latest) };
  const snow = latest ? { ...values, ...latestTemperature(latest) } : values;
  return { title: WORDS.whatTheLastReadingAsks, snow };
}

const latestTemperature = (latest: Reading) => ({
  temperatureC: latest.temperatureC,
  temperatureSdC: latest.temperatureSdC,
});
