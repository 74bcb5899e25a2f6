'use client';

import type { Cabin, PlanWish } from '@/core/model';
import { useEffect, useRef, useState } from 'react';
import type { Plan, PlanMove, Remedy } from '@/core/plan';
import { useUnits } from '@/ui/format/units-context';
import { NO_ANSWER, type Answer } from '@/ui/fields/answer';
import { useWrite } from '@/ui/fields/use-write';
import { planScreenWords } from '@/words/screens/plan';
import { failureWords } from '@/words/rendered/mistake';
import { span } from '@/words/times';
import { planPool } from '@/workers/pools';
import { failureOf } from '@/workers/failure';
import { Cancelled } from '@/workers/worker-pool';
import { act } from '@/writes/act';
import { useRelaxing } from './use-relaxing';
import { groundAction } from './actions';

const WORDS = planScreenWords.planScreen;

const MINUTE_MS = 60_000;
const SEED = 1;

/** What is under way: the bench is looked at, a plan is searched, so much of it done, or what would help. */
export type Planning = { kind: 'looking' | 'helping' } | { kind: 'searching'; share: number };

interface Problem {
  field?: string;
  message: string;
}

/** Makes plans on this device, keeps them on the server, takes them back. */
export function usePlan() {
  const units = useUnits();
  const [planning, setPlanning] = useState<Planning>();
  const [problems, setProblems] = useState<Problem[]>([]);
  const [remedies, setRemedies] = useState<Remedy[]>([]);
  const [withoutPair, setWithoutPair] = useState<string[]>([]);
  const [notice, setNotice] = useState<{ message: string; onUndo?: () => void }>();
  const running = useRef<{ cancel: () => void; enough: () => void }>(undefined);
  const { send } = useWrite();
  const relaxing = useRelaxing();
  useEffect(() => () => running.current?.cancel(), []);

  const takeBack = async (planId: string) => {
    const done = await send(`back:${planId}`, (key) => act('plan.back', key, { id: planId }));
    if (!done) return;
    setNotice({ message: done.ok ? WORDS.takenBack : done.error.message });
  };

  /** Says how a write to the plan went, with the way back. */
  const settle = (done: Answer<{ id: string }> | undefined, message: string): boolean => {
    if (!done) return false;
    setProblems(done.ok ? [] : problemsOf(done.error));
    if (done.ok) {
      const { id } = done.value;
      setNotice({ message, onUndo: () => void takeBack(id) });
    }
    return done.ok;
  };

  /** Moves one step of the plan in force. */
  const move = async (input: { planId: string } & PlanMove, message: string): Promise<void> => {
    const done = await send(`move:${JSON.stringify(input)}`, (key) => act('plan.move', key, input));
    settle(done, message);
  };

  /** Plans from now on what is not done yet, for this cabin and wish. */
  const make = async (cabin: Cabin, wish: PlanWish): Promise<boolean> => {
    if (planning) return false;
    setPlanning({ kind: 'looking' });
    setNotice(undefined);
    const pool = planPool();
    try {
      const ground = await groundAction({ cabin, wish }).catch(() => NO_ANSWER);
      if (!ground.ok) {
        setProblems(problemsOf(ground.error));
        return false;
      }
      const { left } = ground.value;
      setWithoutPair(ground.value.withoutPair);
      setPlanning({ kind: 'searching', share: 0 });
      const job = pool.run([{ problem: left.problem, seed: SEED, hasRemedies: true }], {
        onProgress: (share) => setPlanning({ kind: 'searching', share }),
      });
      running.current = job;
      const [answer] = await job.result;
      const { plan, remedies: found } = answer!;
      const message = WORDS.kept(outcomeOf(plan));
      const input = { cabin, wish, tasks: plan.tasks, fromMs: left.problem.startMs };
      const done = await send(`plan:${JSON.stringify(input)}`, (key) =>
        act('plan.keep', key, input),
      );
      const isKept = settle(done, message);
      setRemedies(isKept ? found : []);
      if (isKept) {
        setPlanning({ kind: 'helping' });
        await relaxing.look(pool, { cabin, wish }, { ground: ground.value, plan });
      }
      return isKept;
    } catch (error) {
      if (!(error instanceof Cancelled)) {
        setProblems([{ message: failureWords(failureOf(error), units) }]);
      }
      return false;
    } finally {
      running.current = undefined;
      pool.close();
      setPlanning(undefined);
    }
  };

  return {
    planning,
    withoutPair,
    problems,
    remedies,
    relaxed: relaxing.found,
    notice,
    say: (message: string) => setNotice({ message }),
    close: () => setNotice(undefined),
    make,
    move,
    enough: () => running.current?.enough(),
  };
}

/** How a plan came out, in a sentence. */
function outcomeOf({ hopeless, lateness }: Plan): string {
  if (hopeless.length > 0) return WORDS.keptLeftOut(hopeless.length);
  const lateMin = Math.max(0, ...lateness.map(({ minutes }) => minutes));
  return lateMin >= 1 ? WORDS.keptLate(span(lateMin * MINUTE_MS)) : WORDS.keptAllReady;
}

/** Every problem by its field, or the one sentence. */
function problemsOf(error: { message: string; details: unknown[] }): Problem[] {
  const details = error.details.filter(
    (one): one is { field: string; message: string } =>
      typeof (one as Problem | null)?.message === 'string',
  );
  return details.length > 0 ? details : [{ message: error.message }];
}
