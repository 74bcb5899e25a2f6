'use client';

import { useMemo } from 'react';
import { wholeProblem } from '@/core/model';
import { moveTask, type PlannedTask } from '@/core/plan';
import { useWords } from '@/ui/format/use-words';
import { planWords } from '@/words/areas/plan';
import { planScreenWords } from '@/words/screens/plan';
import { clockTime } from '@/words/times';
import type { PlanNow } from './use-cases/load-plan';
import type { usePlan } from './use-plan';
import { visitInWords } from '@/words/rendered/visit';

const WORDS = planScreenWords.board;

/** Moves a step by hand: checked at once on this device, and again where it is kept. */
export function useMove(
  now: PlanNow,
  {
    products,
    planner,
  }: { products: Readonly<Record<string, string>>; planner: ReturnType<typeof usePlan> },
) {
  const { plan, visits } = now;
  const { say, write } = useWords();
  const problem = useMemo(() => wholeProblem(plan), [plan]);
  const isAhead = ({ pairId, index }: PlannedTask) =>
    (visits[pairId]?.[index]?.state ?? 'ahead') === 'ahead';
  const move = async (task: PlannedTask, to: { startMs: number; technicianId?: string }) => {
    if (!isAhead(task)) {
      planner.say(WORDS.notMoved(WORDS.past));
      return;
    }
    const { pairId, index } = task;
    const moved = moveTask(problem, plan.tasks, { pairId, index, ...to });
    if (!moved.ok) {
      const reasons = moved.broken.map(({ rule }) => say(planWords.RULE, rule));
      planner.say(WORDS.notMoved([...new Set(reasons)].slice(0, 2).join(' ')));
      return;
    }
    const pair = plan.pairs.find(({ id }) => id === pairId)!;
    const what = visitInWords(pair.steps[index]!, { products, write });
    const stands = moved.tasks.find((one) => one.pairId === pairId && one.index === index)!;
    const from = clockTime(new Date(stands.startMs).toISOString(), plan.timeZone);
    const message = WORDS.movedTo(what, pair.skiName, from);
    await planner.move({ planId: plan.id, pairId, index, ...to }, message);
  };
  return { move, isAhead };
}
