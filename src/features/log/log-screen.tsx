'use client';

import type { Outcome, Outing } from '@/core/model';
import { Flex, Text } from '@chakra-ui/react';
import { Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { logScreenWords } from '@/words/screens/log';
import { dayAndTime } from '@/words/times';
import type { LogView } from './log-view';
import { OutcomePart } from './outcome-part';
import { PastPart } from './past-part';
import { TimelinePart } from './timeline-part';
import type { AskedOutcome } from './use-cases/load-outcomes';
import type { PastDay } from './use-cases/load-past';
import type { Timeline } from './use-cases/load-timeline';

const WORDS = logScreenWords.logScreen;
const OUTCOME = logScreenWords.outcome;

/** The choice of an outing that stands. */
export interface StandingChoice {
  id: string;
  productName: string;
  createdAt: string;
}

interface LogScreenProps {
  outing: Outing;
  outings: readonly Outing[];
  view: LogView;
  timeline: Timeline;
  /** How many entries a page has. */
  aPage: number;
  /** The last of this outing; undefined: none. */
  choice: StandingChoice | undefined;
  /** How choices turned out, and which to ask about. */
  outcomes: { said: Readonly<Record<string, Outcome>>; asked: readonly AskedOutcome[] };
  /** Past days like that of this outing; undefined where nobody knows its snow. */
  past: readonly PastDay[] | undefined;
}

/** The Log: how the outing went, all that was recorded, and past days like it. */
export function LogScreen(props: LogScreenProps) {
  const { outing, outings, view, timeline, aPage, choice, outcomes, past } = props;
  const outcome = choice && outcomes.said[choice.id];
  return (
    <Sheet
      question={WORDS.question}
      answer={<LogAnswer outing={outing} choice={choice} outcome={outcome} />}
    >
      <OutcomePart asked={outcomes.asked} />
      {past && past.length > 0 && <PastPart past={past} />}
      <TimelinePart {...{ outing, outings, view, timeline, aPage }} />
    </Sheet>
  );
}

function LogAnswer(props: {
  outing: Outing;
  choice: StandingChoice | undefined;
  outcome: Outcome | undefined;
}) {
  const { outing, choice, outcome } = props;
  return (
    <>
      {choice ? (
        <>
          <Text textStyle="hero">{choice.productName}</Text>
          <Text textStyle="body">
            {WORDS.chosen(outing.name, dayAndTime(choice.createdAt, outing.venue.timeZone))}{' '}
            {outcome
              ? OUTCOME.was(OUTCOME.GLIDE[outcome.glide], OUTCOME.FEEL[outcome.feel])
              : WORDS.notSaid}
          </Text>
        </>
      ) : (
        <>
          <Text textStyle="title">{WORDS.nothingYet}</Text>
          <SheetLink href={`/outing/${outing.id}/pick`}>{WORDS.saveChoiceFirst}</SheetLink>
        </>
      )}
      <Flex gap="4" mt="2">
        <SheetLink href={`/outing/${outing.id}/learning`}>{OUTCOME.learning}</SheetLink>
        <SheetLink href={`/outing/${outing.id}/season`}>{OUTCOME.season}</SheetLink>
      </Flex>
    </>
  );
}
