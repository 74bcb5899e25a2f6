'use client';

import type { Job } from '@/core/model';
import { useState } from 'react';
import { Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { TextField } from '@/ui/fields/text-field';
import { SheetLink } from '@/ui/frame/sheet-link';
import type { RunnerState } from './use-runner';
import { benchScreenWords } from '@/words/screens/bench';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';

const WORDS = benchScreenWords.jobEnd;

/** Leaves a step out, with a reason. */
export function SkipStep({ runner }: { runner: RunnerState }) {
  const [isAsking, setIsAsking] = useState(false);
  const [reason, setReason] = useState('');
  if (!isAsking) {
    return (
      <ActionButton quiet minH={{ base: 'target', md: '72px' }} onClick={() => setIsAsking(true)}>
        {WORDS.skip}
      </ActionButton>
    );
  }
  return (
    <Flex gap="3" align="flex-end" wrap="wrap">
      <TextField label={WORDS.whyItIsSkipped} value={reason} onChange={setReason} />
      <ActionButton quiet onClick={() => void runner.move('skip', reason)}>
        {WORDS.skipThisStep}
      </ActionButton>
      <ActionButton quiet onClick={() => setIsAsking(false)}>
        {WORDS.keepIt}
      </ActionButton>
    </Flex>
  );
}

/** What a finished job did, and where to go. */
export function Finished(props: { runner: RunnerState; job: Job; outingId: string }) {
  const { runner, job, outingId } = props;
  const early = job.records.filter((one) => one.outcome === 'ended_early').length;
  const skipped = job.records.filter((one) => one.outcome === 'skipped').length;
  return (
    <>
      <Text textStyle="title">{WORDS.isDoneItsReserveThe(job.sheet.title)}</Text>
      <Text textStyle="body">
        {early > 0 ? WORDS.waitsEndedEarly(early) : ''}
        {skipped > 0 ? WORDS.stepsWereSkipped(skipped) : ''}
      </Text>
      <Flex gap="4" mt="4" wrap="wrap" align="center">
        <SheetLink href={`/outing/${outingId}/skis/${job.skiId}`}>{WORDS.toTheSki}</SheetLink>
        <SheetLink href={`/outing/${outingId}/log`}>{WORDS.toTheLog}</SheetLink>
        <ActionButton quiet onClick={() => void runner.move('back')}>
          {WORDS.undoTheLastStep}
        </ActionButton>
      </Flex>
    </>
  );
}

/** Puts a job away unfinished, with the way back. */
export function PutAway({ jobId, name }: { jobId: string; name: string }) {
  const acts = useAct();
  const putAway = () =>
    acts.write(
      'job.drop',
      { id: jobId, isDropped: true },
      {
        said: () => WORDS.isPutAwayUnfinished(name),
        undo: () => ['job.drop', { id: jobId, isDropped: false }],
      },
    );
  return (
    <>
      {!acts.notice && (
        <ActionButton quiet mt="4" onClick={() => void putAway()}>
          {WORDS.putThisJobAway}
        </ActionButton>
      )}
      <ActNotice acts={acts} />
    </>
  );
}
