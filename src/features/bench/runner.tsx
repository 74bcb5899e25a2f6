'use client';

import type { Job } from '@/core/model';
import { useEffect, useRef } from 'react';
import { Box, Text } from '@chakra-ui/react';
import { leftOfJob } from '@/core/bench';
import { benchWords } from '@/words/areas/bench';
import { benchScreenWords } from '@/words/screens/bench';
import { dayAndTime } from '@/words/times';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { useServerClock } from '@/ui/format/server-clock';
import { Part, Sheet } from '@/ui/frame/sheet';
import { Finished, PutAway } from './job-end';
import { JobTabs } from './job-tabs';
import { RunnerBar } from './runner-bar';
import { StepFace } from './step-face';
import type { OpenJob } from './open-job';
import { StepsList } from './steps-list';
import { useRunner } from './use-runner';

const WORDS = benchScreenWords.runner;

interface RunnerProps {
  job: Job;
  /** Every job under way, for the tabs. */
  open: readonly OpenJob[];
  outingId: string;
  /** Of the venue: when the job will be done is said on its clock. */
  timeZone: string;
  serverNowMs: number;
}

const whereIn = (name: string, position: number, count: number) =>
  position < count ? WORDS.stepOf(name, position + 1, count) : WORDS.allSteps(name, count);

/** The runner: one step large on the screen, one key or thumb to go on. */
export function Runner({ job, open, outingId, timeZone, serverNowMs }: RunnerProps) {
  const runner = useRunner(job);
  const { state, current } = runner;
  const now = useServerClock(serverNowMs);
  const bench = `/outing/${outingId}/bench`;
  const left = leftOfJob(job.sheet, job.records, now);
  return (
    <Sheet
      question={whereIn(job.sheet.title, state.position, job.sheet.steps.length)}
      answer={<StepTitle position={state.position} title={current?.title ?? WORDS.done} />}
    >
      <JobTabs open={open} job={job} bench={bench} />
      {current ? (
        <>
          <StepFace
            key={current.key}
            step={current}
            pieces={job.sheet.pieces}
            runner={runner}
            now={now}
          />
          <RunnerBar runner={runner} jobId={job.id} open={open} bench={bench} now={now} />
          <Text textStyle="small" color="faint" mt="1">
            {WORDS.left(
              left.steps,
              dayAndTime(new Date(now + left.leftMs).toISOString(), timeZone),
            )}{' '}
            {WORDS.keysHint}
          </Text>
        </>
      ) : (
        <Finished runner={runner} job={job} outingId={outingId} />
      )}
      <FieldProblemText problem={runner.problem} />
      <Box mt="8">
        <Part title={WORDS.theWholeSheet}>
          <StepsList sheet={job.sheet} records={job.records} position={state.position} />
          <Text textStyle="small" color="faint" mt="3">
            {benchWords.FIRST_OF_ALL}
          </Text>
          {current && <PutAway jobId={job.id} name={job.sheet.title} />}
        </Part>
      </Box>
    </Sheet>
  );
}

/** The step's name; it takes the focus when the step changes. */
function StepTitle({ position, title }: { position: number; title: string }) {
  const heading = useRef<HTMLParagraphElement>(null);
  const shown = useRef(position);
  useEffect(() => {
    if (shown.current === position) return;
    shown.current = position;
    // A reader hears the new step, and the one key goes on from here.
    heading.current?.focus({ preventScroll: true });
    window.scrollTo({ top: 0 });
  }, [position]);
  return (
    <Text ref={heading} tabIndex={-1} outline="none" textStyle="hero" data-testid="step-title">
      {title}
    </Text>
  );
}
