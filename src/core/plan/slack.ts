import { MINUTE_MS } from '../units/constants';
import { randomSource } from '../random';
import { PLAN } from './figures';
import { network, spreadsOf, trialRun, type TrialNode, type TrialRun } from './trial-runs';
import { surenessOf, type Sureness } from './sureness';
import type { Plan, PlannedTask, PlanProblem } from './types';

/** Where time should be kept free so that a pair is in time. */
export interface Slack {
  pairId: string;
  /** Share of trial runs in which it is in time as planned. */
  inTime: number;
  /**
   * Its task before which free time helps, the minutes, and the share of runs with them; absent where free time helps
   * nowhere: the pair's own work fills the time that it has.
   */
  free?: { task: PlannedTask; minutes: number; inTime: number };
}

/** The task of a pair at which its latest chain of work waits for other pairs, going back from its end. */
function joinOf(
  nodes: readonly TrialNode[],
  { keptBy }: TrialRun,
  last: number,
): number | undefined {
  let at = last;
  for (;;) {
    const before = keptBy[at];
    if (before === undefined) return undefined;
    if (nodes[before]!.task.pairId !== nodes[last]!.task.pairId) return at;
    at = before;
  }
}

function mostOften(places: readonly number[]): number | undefined {
  const counts = new Map<number, number>();
  for (const place of places) counts.set(place, (counts.get(place) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1] || a[0] - b[0])[0]?.[0];
}

/**
 * Where slack should lie for a pair: the task of it that most often waits for work on other pairs running over, and
 * the fewest minutes (in steps of five) kept free before it that make the pair sure, each tried on the trial runs.
 * Undefined where the pair is sure as it is, or not in the plan. Deterministic by its seed.
 */
export function slackOf(
  problem: PlanProblem,
  plan: Pick<Plan, 'tasks'>,
  { pairId, seed = 1 }: { pairId: string; seed?: number },
): Slack | undefined {
  const nodes = network(problem, plan);
  const spread = spreadsOf(nodes);
  const last = nodes.findLastIndex(({ task }) => task.pairId === pairId);
  const pair = problem.pairs.find(({ id }) => id === pairId);
  if (!pair || last < 0) return undefined;
  const dueMs = pair.dueMs - (nodes[last]!.step.waitMin ?? 0) * MINUTE_MS;
  const trials = (free?: { before: number; ms: number }) => {
    const random = randomSource(seed);
    const late: TrialRun[] = [];
    for (let run = 0; run < PLAN.sureRuns; run += 1) {
      const trial = trialRun(nodes, spread, { random, free });
      if (trial.ends[last]! > dueMs) late.push(trial);
    }
    return { late, inTime: 1 - late.length / PLAN.sureRuns };
  };
  const { late, inTime } = trials();
  if (inTime >= PLAN.sureShare) return undefined;
  const before = mostOften(late.flatMap((trial) => joinOf(nodes, trial, last) ?? []));
  const slack: Slack = { pairId, inTime };
  if (before === undefined) return slack;
  for (let k = 1; k <= PLAN.slackSteps; k += 1) {
    const minutes = k * PLAN.slackStepMin;
    const then = trials({ before, ms: minutes * MINUTE_MS }).inTime;
    // Past this something else keeps the pair: more time here does not help.
    if (then <= (slack.free?.inTime ?? inTime)) break;
    slack.free = { task: nodes[before]!.task, minutes, inTime: then };
    if (then >= PLAN.sureShare) break;
  }
  return slack;
}

/** The pair that is least likely to be in time; of those alike, the one that is sure last. */
export const leastSure = (sureness: readonly Sureness[]): Sureness | undefined =>
  [...sureness].sort((a, b) => a.inTime - b.inTime || b.sureMs - a.sureMs)[0];

/** All that the trial runs of a plan say: how sure each pair is, and where slack should lie for the least sure. */
export function trialsOf(
  problem: PlanProblem,
  plan: Pick<Plan, 'tasks'>,
): { sureness: Sureness[]; slack?: Slack } {
  const sureness = surenessOf(problem, plan);
  const least = leastSure(sureness);
  const slack = least && slackOf(problem, plan, { pairId: least.pairId });
  return slack ? { sureness, slack } : { sureness };
}
