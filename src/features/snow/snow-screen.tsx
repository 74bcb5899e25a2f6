'use client';

import type { Reading, TrackEvent } from '@/core/model';
import { Text } from '@chakra-ui/react';
import { afterPage, room } from '@/ui/frame/after-page';
import { SkipLink } from '@/ui/frame/skip-link';
import { Sheet } from '@/ui/frame/sheet';
import { CourseStrip } from './course-strip';
import { OutlookPart, type SnowView } from './outlook-part';
import { ReadingsList } from './readings-list';
import { ReadingDraft, useReadingDraft } from './reading-draft';
import { SnowAnswer, type StartAnswer } from './snow-answer';
import { TakeReading, type TakeReadingProps } from './take-reading';
import { snowScreenWords } from '@/words/screens/snow';

/** What stands at the end of the screen comes after it. */
const place = room({ minH: '160px' });
const TrackWork = afterPage(() => import('./track-work').then((module) => module.TrackWork), place);
const ImportReadings = afterPage(
  () => import('./import-readings').then((module) => module.ImportReadings),
  place,
);

const WORDS = snowScreenWords.snowScreen;

interface SnowScreenProps extends Omit<TakeReadingProps, 'latest' | 'corrected'> {
  readings: readonly Reading[];
  correctedId: string | undefined;
  /** What the server computed for the course, or why it could not. */
  view: SnowView;
  /** The snow at the start and what it asks for; undefined without weather and reading. */
  start: StartAnswer | undefined;
  trackEvents: readonly TrackEvent[];
  serverNowMs: number;
}

/** What stands for an answer while nothing is known of the snow. */
function NoAnswerYet() {
  const { values } = useReadingDraft();
  return (
    <Text textStyle="title">
      {values.temperatureC === undefined ? WORDS.noReading : WORDS.notSavedYet}
    </Text>
  );
}

/** The Snow screen: what the snow will be, then the reading to take, then what it all stands on. */
export function SnowScreen(props: SnowScreenProps) {
  const { outing, readings, correctedId, course, view, start, serverNowMs } = props;
  const latest = readings[0];
  const corrected = readings.find((one) => one.id === correctedId);
  return (
    <ReadingDraft outingId={outing.id} latest={latest} corrected={corrected}>
      <SkipLink to="reading-form">{WORDS.skipToTheReading}</SkipLink>
      <Sheet
        question={WORDS.question}
        answer={
          start ? <SnowAnswer start={start} latest={latest} outing={outing} /> : <NoAnswerYet />
        }
      >
        <TakeReading
          {...{ outing, latest, corrected, course }}
          products={props.products}
          own={props.own}
          pretended={props.pretended}
        />
        <OutlookPart outing={outing} course={course} view={view} nowMs={serverNowMs} />
        {view.ok && <CourseStrip places={view.snow.places} />}
        <TrackWork outing={outing} events={props.trackEvents} />
        <ReadingsList readings={readings} outing={outing} />
        <ImportReadings outingId={outing.id} timeZone={outing.venue.timeZone} />
      </Sheet>
    </ReadingDraft>
  );
}
