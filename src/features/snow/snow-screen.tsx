'use client';

import type { CourseData, Outing, Reading, TrackEvent } from '@/core/model';
import { useState } from 'react';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { Box, Text } from '@chakra-ui/react';
import type { RoledProduct } from '@/core/choice';
import type { OwnCorrection } from '@/core/wax';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { useWrite } from '@/ui/fields/use-write';
import { SkipLink } from '@/ui/frame/skip-link';
import { Part, Sheet } from '@/ui/frame/sheet';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { withdrawReadingAction } from './actions';
import { CourseStrip } from './course-strip';
import { OutlookPart, type SnowView } from './outlook-part';
import { ReadingsList } from './readings-list';
import { SnowAnswer, type StartAnswer } from './snow-answer';
import type { PretendedSnow } from './instruments/stand-in-instruments';
import { sameAs, useReadingForm } from './use-reading-form';
import { snowScreenWords } from '@/words/screens/snow';

/**
 * It computes with the whole of the core: it comes once something is typed. Without a place of its own to wait in, its
 * coming would take the field from under the fingers.
 */
const TypedChangeLine = dynamic(
  () => import('./typed-change').then(({ TypedChangeLine: line }) => line),
  { ssr: false, loading: () => null },
);

/** The fields of a reading come after the answer, into their place. */
const ReadingForm = dynamic(() => import('./reading-form').then((module) => module.ReadingForm), {
  ssr: false,
  loading: () => <Box minH={{ base: '1580px', md: '500px' }} aria-busy />,
});

/** What stands at the end of the screen comes after it. */
const place = () => <Box minH="160px" aria-busy />;
const TrackWork = dynamic(() => import('./track-work').then((module) => module.TrackWork), {
  ssr: false,
  loading: place,
});
const ImportReadings = dynamic(
  () => import('./import-readings').then((module) => module.ImportReadings),
  { ssr: false, loading: place },
);

const WORDS = snowScreenWords.snowScreen;

interface SnowScreenProps {
  outing: Outing;
  readings: readonly Reading[];
  products: readonly RoledProduct[];
  correctedId: string | undefined;
  course: CourseData;
  /** What the server computed for the course, or why it could not. */
  view: SnowView;
  /** The snow at the start and what it asks for; undefined without weather and reading. */
  start: StartAnswer | undefined;
  trackEvents: readonly TrackEvent[];
  /** The venue's own correction, and what was learned there. */
  own: OwnCorrection;
  /** What the stand-in instruments measure. */
  pretended: PretendedSnow;
  serverNowMs: number;
}

/** The Snow screen: what the snow will be, then the reading to take, then what it all stands on. */
export function SnowScreen(props: SnowScreenProps) {
  const { outing, readings, products, correctedId, course, view, start, serverNowMs } = props;
  const router = useRouter();
  const latest = readings[0];
  const corrected = readings.find((one) => one.id === correctedId);
  const form = useReadingForm({ outingId: outing.id, latest, corrected });
  const [savedId, setSavedId] = useState<string>();
  const { send } = useWrite();
  const [undoProblem, setUndoProblem] = useState<string>();
  const onSaved = (id: string) => {
    setSavedId(id);
    if (corrected) router.replace(`/outing/${outing.id}/snow`);
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
          start ? (
            <SnowAnswer start={start} latest={latest} outing={outing} />
          ) : (
            <Text textStyle="title">
              {form.values.temperatureC === undefined
                ? WORDS.noReadingYetMeasureThe
                : WORDS.notSavedYetSaveThe}
            </Text>
          )
        }
      >
        <div id="reading-form" tabIndex={-1}>
          <FieldProblemText problem={undoProblem} />
          {savedId && (
            <UndoNotice
              message={WORDS.readingSaved}
              onUndo={() => void undoSave()}
              onClose={() => setSavedId(undefined)}
            />
          )}
          <Part
            title={corrected ? WORDS.correctThisReading : WORDS.takeAReading}
            aside={
              latest &&
              !corrected && (
                <ActionButton plain onClick={() => form.set(sameAs(latest))}>
                  {WORDS.sameAsLastTime}
                </ActionButton>
              )
            }
          >
            <ReadingForm
              key={corrected?.id ?? 'new'}
              form={form}
              timeZone={outing.venue.timeZone}
              isCorrection={corrected !== undefined}
              pretended={props.pretended}
              changes={
                form.values.temperatureC !== undefined && (
                  <TypedChangeLine
                    draft={form.values}
                    ground={{ outing, course, latest, corrected, products, own: props.own }}
                  />
                )
              }
              onSaved={onSaved}
            />
          </Part>
        </div>
        <OutlookPart outing={outing} course={course} view={view} nowMs={serverNowMs} />
        {view.ok && <CourseStrip places={view.snow.places} />}
        <TrackWork outing={outing} events={props.trackEvents} />
        <ReadingsList readings={readings} outing={outing} />
        <ImportReadings outingId={outing.id} timeZone={outing.venue.timeZone} />
      </Sheet>
    </>
  );
}
