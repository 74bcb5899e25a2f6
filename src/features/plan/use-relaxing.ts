'use client';

import type { Cabin, PlanWish } from '@/core/model';
import { useState } from 'react';
import type { Plan } from '@/core/plan';
import { NO_ANSWER } from '@/ui/fields/answer';
import type { PlanAnswer, PlanQuestion } from '@/workers/plan.worker';
import type { WorkerPool } from '@/workers/worker-pool';
import { groundAction } from './actions';
import { liquidSteps, relaxations, relaxed, together, type Relaxation } from './relaxations';
import type { PlanGround } from './use-cases/plan-ground';

/** Less to do, and what the plan would be with it: worked out by planning anew. */
export interface Relaxed {
  relaxation: Relaxation;
  weightedLatenessMin: number;
  left: number;
}

type Pool = Pick<WorkerPool<PlanQuestion, PlanAnswer>, 'run'>;

const SEED = 1;
/** Each change gets little time: many are tried. */
const SEARCH_S = 0.2;
const HELPS_SHARE = 0.9;

const isBetter = (a: Omit<Relaxed, 'relaxation'>, b: Omit<Relaxed, 'relaxation'>) =>
  a.left < b.left ||
  (a.left === b.left && a.weightedLatenessMin < b.weightedLatenessMin * HELPS_SHARE);

/** Looks what less work would do for a plan that is late: each change alone, then all together. */
export function useRelaxing() {
  const [found, setFound] = useState<Relaxed[]>([]);
  const look = async (
    pool: Pool,
    { cabin, wish }: { cabin: Cabin; wish: PlanWish },
    { ground, plan }: { ground: PlanGround; plan: Plan },
  ): Promise<void> => {
    const now = {
      weightedLatenessMin: plan.weightedLatenessMin,
      left: plan.hopeless.length,
    };
    setFound([]);
    if (now.weightedLatenessMin < 1 && now.left === 0) return;
    const helping: Relaxed[] = [];
    const isSolved = () =>
      helping.some(({ weightedLatenessMin, left }) => weightedLatenessMin < 1 && left === 0);
    const tryOne = async (relaxation: Relaxation): Promise<void> => {
      const wished = relaxed(wish, relaxation);
      const asked = await groundAction({ cabin, wish: wished }).catch(() => NO_ANSWER);
      if (!asked.ok) return;
      const { problem } = asked.value.left;
      const [answer] = await pool.run([
        { problem, seed: SEED, searchS: SEARCH_S, hasRemedies: false },
      ]).result;
      const { weightedLatenessMin, hopeless } = answer!.plan;
      const one = { relaxation, weightedLatenessMin, left: hopeless.length };
      if (!isBetter(one, now)) return;
      helping.push(one);
      setFound(inOrder(helping));
    };
    const liquids = liquidSteps(ground.liquids, lateOf(plan));
    for (const relaxation of liquids) {
      if (isSolved()) break;
      await tryOne(relaxation);
    }
    const all = relaxations(ground);
    for (const relaxation of all) await tryOne(relaxation);
    if (!isSolved() && all.length + liquids.length > 1)
      await tryOne(together([...all, ...liquids]));
  };
  return { found, look };
}

/** By how much each pair is late, min; the hopeless most of all. */
const lateOf = ({ lateness, hopeless }: Plan): ReadonlyMap<string, number> =>
  new Map([
    ...lateness.map(({ pairId, minutes }) => [pairId, minutes] as const),
    ...hopeless.map(({ pairId }) => [pairId, Infinity] as const),
  ]);

const MOST_SHOWN = 4;

/** What helps most first; of the liquids alone only the one that helps most, which asks for the fewest pairs that do. */
function inOrder(all: readonly Relaxed[]): Relaxed[] {
  const sorted = [...all].sort(
    (a, b) => a.left - b.left || a.weightedLatenessMin - b.weightedLatenessMin,
  );
  const liquids = sorted.filter(({ relaxation }) => isLiquidAlone(relaxation));
  return sorted
    .filter((one) => !isLiquidAlone(one.relaxation) || one === liquids[0])
    .slice(0, MOST_SHOWN);
}

const isLiquidAlone = ({ liquid, leaveOut, mostCoats }: Relaxation) =>
  liquid !== undefined && leaveOut.length === 0 && mostCoats === undefined;
