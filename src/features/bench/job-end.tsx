'use client';

import { useState } from 'react';
import { Flex, Text } from '@chakra-ui/react';
import type { Job } from '@/data/jobs';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { useWrite } from '@/ui/fields/use-write';
import { TextField } from '@/ui/fields/text-field';
import { SheetLink } from '@/ui/frame/sheet-link';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { dropAction } from './actions';
import type { RunnerState } from './use-runner';

/** Leaves a step out, with a reason. */
export function SkipStep({ runner }: { runner: RunnerState }) {
  const [isAsking, setIsAsking] = useState(false);
  const [reason, setReason] = useState('');
  if (!isAsking) {
    return (
      <ActionButton quiet minH={{ base: 'target', md: '72px' }} onClick={() => setIsAsking(true)}>
        Skip
      </ActionButton>
    );
  }
  return (
    <Flex gap="3" align="flex-end" wrap="wrap">
      <TextField label="Why it is skipped" value={reason} onChange={setReason} />
      <ActionButton quiet onClick={() => void runner.move('skip', reason)}>
        Skip this step
      </ActionButton>
      <ActionButton quiet onClick={() => setIsAsking(false)}>
        Keep it
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
      <Text textStyle="title">
        {job.sheet.title} is done. Its reserve, the shelf and the log have moved.
      </Text>
      <Text textStyle="body">
        {early > 0 ? `${early} waits ended early. ` : ''}
        {skipped > 0 ? `${skipped} steps were skipped.` : ''}
      </Text>
      <Flex gap="4" mt="4" wrap="wrap" align="center">
        <SheetLink href={`/outing/${outingId}/skis/${job.skiId}`}>To the ski</SheetLink>
        <SheetLink href={`/outing/${outingId}/log`}>To the log</SheetLink>
        <ActionButton quiet onClick={() => void runner.move('back')}>
          Undo the last step
        </ActionButton>
      </Flex>
    </>
  );
}

/** Puts a job away unfinished, with the way back. */
export function PutAway({ jobId, name }: { jobId: string; name: string }) {
  const [isAway, setIsAway] = useState(false);
  const { send } = useWrite();
  const [problem, setProblem] = useState<string>();
  const move = async (away: boolean) => {
    const done = await send(`${away ? 'away' : 'back'}:${jobId}`, (key) =>
      dropAction(key, jobId, away),
    );
    if (done) setProblem(done.ok ? undefined : done.error.message);
    if (done?.ok) setIsAway(away);
  };
  const put = (away: boolean) => void move(away);
  return isAway ? (
    <UndoNotice
      message={`${name} is put away unfinished.`}
      onUndo={() => put(false)}
      onClose={() => setIsAway(false)}
    />
  ) : (
    <>
      <ActionButton quiet mt="4" onClick={() => put(true)}>
        Put this job away
      </ActionButton>
      <FieldProblemText problem={problem} />
    </>
  );
}
