'use client';

import { useRef, useState } from 'react';
import { useRouter } from 'next/navigation';
import { Flex, Text } from '@chakra-ui/react';
import { leftOf } from '@/core/bench';
import { ActionButton } from '@/ui/fields/action-button';
import { useShortcut } from '@/ui/keys/use-shortcut';
import { benchScreenWords } from '@/words/screens/bench';
import { span } from '@/words/times';
import { SkipStep } from './job-end';
import { DOUBLE_TAP_MS, LARGE_BUTTON, ThumbBar } from './thumb-bar';
import type { OpenJob } from './open-job';
import type { RunnerState } from './use-runner';

const WORDS = benchScreenWords.runner;

const MINUTE_MS = 60_000;

interface RunnerBarProps {
  runner: RunnerState;
  jobId: string;
  open: readonly OpenJob[];
  bench: string;
  now: number;
}

/** The one way on, large under the thumb: the next step, or while a wait runs the next ski. */
export function RunnerBar({ runner, jobId, open, bench, now }: RunnerBarProps) {
  const { state, busy, move } = runner;
  const isWaiting = state.wait !== undefined && leftOf(state.wait, now) > 0;
  const lastMs = useRef(0);
  const goOn = () => {
    // A glove that bounces goes one step, not two.
    const isBounce = performance.now() - lastMs.current < DOUBLE_TAP_MS;
    if (isBounce) return;
    lastMs.current = performance.now();
    void move('next');
  };
  // The key goes on from a step, never out of a wait.
  useShortcut('nextStep', () => !isWaiting && goOn(), { leaveToControls: true });
  return (
    <ThumbBar>
      {isWaiting ? (
        <NextSki jobId={jobId} open={open} bench={bench} />
      ) : (
        <ActionButton {...LARGE_BUTTON} loading={busy === 'next'} onClick={goOn}>
          {WORDS.doneNext}
        </ActionButton>
      )}
      {isWaiting && <EndWait runner={runner} now={now} />}
      <ActionButton
        quiet
        minH={{ base: 'target', md: '72px' }}
        loading={busy === 'back'}
        disabled={state.position === 0}
        onClick={() => void move('back')}
      >
        {WORDS.oneStepBack}
      </ActionButton>
      <SkipStep key={state.position} runner={runner} />
    </ThumbBar>
  );
}

/** To the ski that needs hands now, else to the list of the bench. */
function NextSki({ jobId, open, bench }: Pick<RunnerBarProps, 'jobId' | 'open' | 'bench'>) {
  const router = useRouter();
  const next = open.find((one) => one.id !== jobId && !one.isDone && !one.wait);
  return (
    <ActionButton
      {...LARGE_BUTTON}
      onClick={() => router.push(next ? `${bench}?job=${next.id}` : bench)}
    >
      {next ? WORDS.nextSki : WORDS.toTheBench}
    </ActionButton>
  );
}

/** Ends a wait before its time: at once from its least on, before that only when asked again. */
function EndWait({ runner, now }: Pick<RunnerBarProps, 'runner' | 'now'>) {
  const [isAsking, setIsAsking] = useState(false);
  const { wait } = runner.state;
  const short = wait ? wait.leastMs - now : 0;
  const end = () => void runner.move('next');
  if (isAsking && short > 0) {
    return (
      <Flex gap="3" align="center" wrap="wrap" role="group" aria-label={WORDS.endTheWaitEarly}>
        <Text textStyle="body">{WORDS.tooShort(span(short + MINUTE_MS))}</Text>
        <ActionButton quiet onClick={end}>
          {WORDS.endItAnyway}
        </ActionButton>
        <ActionButton quiet onClick={() => setIsAsking(false)}>
          {WORDS.keepWaiting}
        </ActionButton>
      </Flex>
    );
  }
  return (
    <ActionButton quiet onClick={() => (short > 0 ? setIsAsking(true) : end())}>
      {WORDS.endTheWaitEarly}
    </ActionButton>
  );
}
