'use client';

import type { Job } from '@/core/model';
import { useEffect, useState } from 'react';
import { useRouter } from 'next/navigation';
import { jobState, movedRecords, type StepMove, type StepRecord } from '@/core/bench';
import { wallIso } from '@/core/time';
import { useShortcut } from '@/ui/keys/use-shortcut';
import { useWrite } from '@/ui/fields/use-write';
import { isKept } from '@/ui/fields/answer';
import { useOutbox, useSentSince } from '@/ui/outbox/use-outbox';
import { benchScreenWords } from '@/words/screens/bench';
import { act } from '@/writes/act';
import { actOrKeep } from '@/writes/act-or-keep';

const WORDS = benchScreenWords.useRunner;

type Move = 'next' | 'back' | 'skip';

/** Keeps the screen awake while a job is open, where the browser can. */
function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    const take = async () => {
      try {
        lock = await navigator.wakeLock?.request('screen');
      } catch {
        // Refused on low battery or without https: the timers do not depend on it.
      }
    };
    const onWake = () => document.visibilityState === 'visible' && void take();
    void take();
    document.addEventListener('visibilitychange', onWake);
    return () => {
      document.removeEventListener('visibilitychange', onWake);
      void lock?.release();
    };
  }, []);
}

interface StepInput extends Omit<StepMove, 'atMs'> {
  jobId: string;
  at: string;
}

/** A job with the steps that were ended on this device and that its page does not have yet. */
function useAhead(job: Job): Job {
  const { entries } = useOutbox();
  const sent = useSentSince(job);
  const ours = [...sent, ...entries]
    .filter(({ kind, why }) => kind === 'job.move' && why === undefined)
    .map(({ input }) => input as StepInput)
    .filter(({ jobId }) => jobId === job.id);
  const records = ours.reduce(
    (before, step) => movedRecords(job.sheet, before, { ...step, atMs: Date.parse(step.at) }),
    job.records as readonly StepRecord[],
  );
  return { ...job, records: [...records] };
}

/** State of the runner of one job: what was typed for the step, and the moves. */
export function useRunner(stored: Job) {
  const router = useRouter();
  const job = useAhead(stored);
  const state = jobState(job.sheet, job.records);
  const { position, current } = state;
  const [typed, setTyped] = useState<{ position: number; setC?: number; grams?: number }>();
  const own = typed?.position === position ? typed : undefined;
  const [problem, setProblem] = useState<string>();
  const { send } = useWrite();
  const [sent, setSent] = useState<{ move: Move; position: number }>();
  // The page may show the next step before the answer is here: what was sent for an older step blocks nothing.
  const busy = sent?.position === position ? sent.move : undefined;
  useWakeLock();

  const move = async (kind: Move, reason?: string): Promise<boolean> => {
    if (busy) return false;
    setSent({ move: kind, position });
    const step = {
      jobId: job.id,
      position,
      move: kind,
      reason,
      setC: own?.setC,
      grams: own?.grams,
    };
    const done = await send(`${kind}:${position}:${job.records.length}`, (key) => {
      // A step taken back needs the server: what was booked for it is undone there.
      if (kind === 'back') return act('job.move', key, step);
      const at = wallIso();
      const label = WORDS.stepOf(job.sheet.title, current?.title ?? '');
      return actOrKeep('job.move', step, { key, label, at, later: { ...step, at } });
    });
    setSent((now) => (now?.position === position ? undefined : now));
    if (!done) return false;
    const isHere = isKept(done);
    setProblem(done.ok || isHere ? undefined : done.error.message);
    if (!done.ok && !isHere) router.refresh();
    return done.ok || isHere;
  };

  useShortcut('stepBack', () => void move('back'));

  return {
    state,
    current,
    problem,
    busy,
    move,
    setC: own?.setC ?? current?.figures.temperatureC,
    grams: own?.grams ?? current?.figures.grams,
    type: (change: { setC?: number; grams?: number }) =>
      setTyped({ position, setC: own?.setC, grams: own?.grams, ...change }),
  };
}

export type RunnerState = ReturnType<typeof useRunner>;
