import { MINUTE_MS } from '../units/constants';
import { randomSource } from '../random';
import { PLAN } from './figures';
import { network, spreadsOf, trialRun } from './trial-runs';
import type { Plan, PlanProblem } from './types';

/** How sure it is that a pair is ready. */
export interface Sureness {
  pairId: string;
  /** Ready by then 19 times in 20. */
  sureMs: number;
  /** Share of runs in which it was ready in time. */
  inTime: number;
}

interface SurenessOptions {
  seed?: number;
}

/**
 * How sure each pair of a plan is: the plan is run many times in its order, each step as long as chance has it
 * (lognormal about its minutes), and whatever waits for it moves with it. Deterministic by its seed.
 */
export function surenessOf(
  problem: PlanProblem,
  plan: Pick<Plan, 'tasks'>,
  { seed = 1 }: SurenessOptions = {},
): Sureness[] {
  const nodes = network(problem, plan);
  const spread = spreadsOf(nodes);
  const random = randomSource(seed);
  const lastOf = new Map(nodes.map(({ task }, at) => [task.pairId, at]));
  const ready = new Map([...lastOf.keys()].map((pairId): [string, number[]] => [pairId, []]));
  for (let run = 0; run < PLAN.sureRuns; run += 1) {
    const { ends } = trialRun(nodes, spread, { random });
    for (const [pairId, at] of lastOf) {
      ready.get(pairId)!.push(ends[at]! + (nodes[at]!.step.waitMin ?? 0) * MINUTE_MS);
    }
  }
  const dueOf = new Map(problem.pairs.map(({ id, dueMs }) => [id, dueMs]));
  return [...ready].map(([pairId, times]) => {
    const sorted = times.sort((a, b) => a - b);
    return {
      pairId,
      sureMs: sorted[Math.ceil(PLAN.sureShare * sorted.length) - 1]!,
      inTime: sorted.filter((time) => time <= dueOf.get(pairId)!).length / sorted.length,
    };
  });
}
