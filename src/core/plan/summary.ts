import { MINUTE_MS } from '../units/constants';
import { PLAN } from './figures';
import type { Plan, PlannedTask, PlanPair } from './types';

/** When a pair is ready by the plan, and how late that is. */
export interface PairReady {
  pairId: string;
  readyMs: number;
  lateMin: number;
}

/** A plan at a glance. */
export interface PlanSummary {
  pairs: PairReady[];
  weightedLatenessMin: number;
  finishMs: number;
  /** How far it may be from the best possible, as a fraction: of its lateness, where it has more than the bound, else of its time. */
  gap: number;
}

/** Pairs of which all steps are planned, when each is ready, and how far the whole may be from the best. */
export function summaryOf(
  pairs: readonly PlanPair[],
  tasks: readonly PlannedTask[],
  { bound, fromMs }: { bound: Plan['lowerBound']; fromMs: number },
): PlanSummary {
  const ready = pairs.flatMap((pair): PairReady[] => {
    const own = tasks.filter(({ pairId }) => pairId === pair.id);
    if (own.length < pair.steps.length) return [];
    const readyMs = Math.max(
      ...own.map(({ endMs, index }) => endMs + (pair.steps[index]!.waitMin ?? 0) * MINUTE_MS),
    );
    return [{ pairId: pair.id, readyMs, lateMin: Math.max(0, readyMs - pair.dueMs) / MINUTE_MS }];
  });
  const weightOf = new Map(pairs.map(({ id, priority }) => [id, priority ?? PLAN.defaultPriority]));
  const late = ready.reduce((sum, { pairId, lateMin }) => sum + weightOf.get(pairId)! * lateMin, 0);
  const finishMs = Math.max(fromMs, ...ready.map(({ readyMs }) => readyMs));
  const lateOver = late - bound.weightedLatenessMin;
  const wholeMs = finishMs - fromMs;
  const overMs = Math.max(0, finishMs - bound.finishMs);
  return {
    pairs: ready,
    weightedLatenessMin: late,
    finishMs,
    gap: lateOver > PLAN.sameMin ? lateOver / late : wholeMs > 0 ? overMs / wholeMs : 0,
  };
}
