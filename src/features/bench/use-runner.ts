'use client';

import { useEffect, useState } from 'react';
import { useRouter } from 'next/navigation';
import { jobState } from '@/core/bench';
import type { Job } from '@/data/jobs';
import { isTyping } from '@/ui/fields/is-typing';
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
  const [busy, setBusy] = useState<Move>();
  useWakeLock();

  const move = async (kind: Move, reason?: string): Promise<boolean> => {
    if (busy) return false;
    setBusy(kind);
    const done = await moveAction({
      jobId: job.id,
      position,
      move: kind,
      reason,
      setC: own?.setC,
      grams: own?.grams,
    }).catch(() => undefined);
    setBusy(undefined);
    setProblem(
      done?.ok
        ? undefined
        : (done?.error.message ??
            'No answer from the server: nothing moved, nothing is lost. Again.'),
    );
    if (done && !done.ok) router.refresh();
    return done?.ok === true;
  };

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const isOnControl =
        event.target instanceof HTMLElement &&
        event.target.closest('button, a, summary, input') !== null;
      if (event.key === ' ' && !isOnControl) {
        event.preventDefault();
        void move('next');
      }
      if (event.key === 'u') void move('back');
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });

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
