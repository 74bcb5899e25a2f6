'use client';

import { useMemo, useState } from 'react';
import { useRouter } from 'next/navigation';
import { Grid, Text } from '@chakra-ui/react';
import {
  demand,
  pick,
  startConditions,
  type OutingFacts,
  type PickResult,
  type SnowConditions,
} from '@/core/wax';
import { snowAt, type StartSnow } from '@/core/snow/outlook';
import type { CourseData } from '@/data/course';
import type { Outing } from '@/data/outings';
import type { Reading } from '@/data/readings';
import { snowSchema } from '@/formats/schemas/snow';
import { validate } from '@/formats/schemas/validation';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { useWrite } from '@/ui/fields/use-write';
import { percent, temperature, temperatureWithSpread } from '@/ui/format/quantities';
import { dayAndTime } from '@/ui/format/times';
import { useUnits } from '@/ui/format/units-context';
import { SOURCE_WORDS, WETNESS_WORDS } from '@/ui/format/words';
import { SkipLink } from '@/ui/frame/skip-link';
import { Part, Sheet } from '@/ui/frame/sheet';
import type { ShownProduct } from '@/ui/wax/ranking-list';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { withdrawReadingAction } from './actions';
import { CourseStrip } from './course-strip';
import { ImportReadings } from './import-readings';
import { LiveAnswer } from './live-answer';
import { OutlookPart } from './outlook-part';
import { ReadingForm } from './reading-form';
import { ReadingsList } from './readings-list';
import type { PretendedSnow } from './instruments/stand-in-instruments';
import { useOutlooks, type PlaceOutlook } from './use-outlooks';
import { useReadingForm, type ReadingDraft } from './use-reading-form';

interface SnowScreenProps {
  outing: Outing;
  readings: readonly Reading[];
  products: readonly ShownProduct[];
  correctedId: string | undefined;
  course: CourseData;
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
  const { result, missing, title } = useLiveResult(
    form.values,
    latest,
    main?.start,
    outing,
    products,
  );
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
      <SkipLink to="reading-form">Skip to the reading</SkipLink>
      <Sheet
        question="What will the snow be at the start?"
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
                message="Reading saved."
                onUndo={() => void undoSave()}
                onClose={() => setSavedId(undefined)}
              />
            )}
            <Part title={corrected ? 'Correct this reading' : 'Take a reading'}>
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
        {typed === undefined
          ? 'No reading yet. Measure the snow and type it in below.'
          : 'Not saved yet: save the reading below.'}
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
        modelled at the start, {WETNESS_WORDS[snow.wetness].toLowerCase()}, while the air is{' '}
        <strong data-testid="air-start">{temperature(start.airTemperatureC, units)}</strong> at{' '}
        {percent(start.humidityFraction)} over water, {percent(snow.humidityOverIceFraction)} over
        ice.
      </Text>
      {latest && (
        <Text textStyle="body" color="faint">
          {latest.source === 'guess' ? 'Guessed' : 'Measured'} last:{' '}
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
        {latest.source === 'guess'
          ? 'guessed, not measured'
          : `measured (${SOURCE_WORDS[latest.source]?.toLowerCase() ?? latest.source})`}
        , {dayAndTime(latest.takenAt, timeZone)}
        {latest.spot ? `, ${latest.spot}` : ''}; without weather nothing is known of the start.
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
  result: PickResult | undefined;
  missing: string | undefined;
}

/** The choice for the values as typed; before a temperature is typed, for the start or the last reading. */
function useLiveResult(
  values: ReadingDraft,
  latest: Reading | undefined,
  start: StartSnow | undefined,
  outing: Outing,
  products: readonly ShownProduct[],
): LiveResult {
  return useMemo(() => {
    const { title, snow } = shownSnow(values, latest, start);
    if (snow.temperatureC === undefined) {
      return { title, result: undefined, missing: 'Enter the snow temperature, or guess it.' };
    }
    const checked = validate(snowSchema, snow);
    if (!checked.ok) {
      const missing = 'Mend the marked fields to see what it asks for.';
      return { title, result: undefined, missing };
    }
    const facts: OutingFacts = outing;
    const own = { venueC: outing.venue.ownCorrectionC, handC: 0 };
    if (products.length === 0) {
      const asked = demand(checked.value, facts, own);
      const cautions = ['The shelf is empty: put waxes on it under Shelf.'];
      const result = { ...asked, ranking: [], cautions, modelVersion: '' };
      return { title, result, missing: undefined };
    }
    return { title, result: pick(checked.value, facts, products, own), missing: undefined };
  }, [values, latest, start, outing, products]);
}

function shownSnow(
  values: ReadingDraft,
  latest: Reading | undefined,
  start: StartSnow | undefined,
): { title: string; snow: Partial<SnowConditions> } {
  if (values.temperatureC !== undefined) {
    return { title: 'What this reading asks for', snow: values };
  }
  if (start) return { title: 'What the start asks for', snow: startConditions(start, latest) };
  const snow = latest ? { ...values, ...latestTemperature(latest) } : values;
  return { title: 'What the last reading asks for', snow };
}

const latestTemperature = (latest: Reading) => ({
  temperatureC: latest.temperatureC,
  temperatureSdC: latest.temperatureSdC,
});
