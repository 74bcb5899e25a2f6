'use client';

import type { Job } from '@/core/model';
import { useEffect, useState } from 'react';
import { useRouter } from 'next/navigation';
import { jobState } from '@/core/bench';
import { useShortcut } from '@/ui/keys/use-shortcut';
import { useWrite } from '@/ui/fields/use-write';
import { moveAction } from './actions';

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

/** State of the runner of one job: what was typed for the step, and the moves. */
export function useRunner(job: Job) {
  const router = useRouter();
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
    const done = await send(`${kind}:${position}:${job.records.length}`, (key) =>
      moveAction(key, step),
    );
    setSent((now) => (now?.position === position ? undefined : now));
    if (!done) return false;
    setProblem(done.ok ? undefined : done.error.message);
    if (!done.ok) router.refresh();
    return done.ok;
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
