import { MINUTE_MS, SECOND_MS } from '../constants';
import { randomSource, type RandomSource } from '../random';
import { PLAN } from './figures';
import { changeTime } from './prepare';
import type { Plan, PlannedTask, PlanProblem, PlanStep } from './types';

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

/** A task with what it waits for: indices of tasks before it, and what must lie between, ms. */
interface Node {
  task: PlannedTask;
  step: PlanStep;
  releaseMs: number;
  after: { at: number; gapMs: number }[];
  /** When whoever does it is there, in order of time. */
  shifts: readonly { fromMs: number; toMs: number }[];
}

/** The tasks in order of time, each with those that it follows in its pair and at whatever it needs. */
function network(problem: PlanProblem, plan: Pick<Plan, 'tasks'>): Node[] {
  const pairs = new Map(problem.pairs.map((pair) => [pair.id, pair]));
  const tasks = [...plan.tasks].sort((a, b) => a.startMs - b.startMs || a.index - b.index);
  const last = new Map<string, number>();
  const nodes: Node[] = [];
  tasks.forEach((task, at) => {
    const pair = pairs.get(task.pairId)!;
    const step = pair.steps[task.index]!;
    const after: Node['after'] = [];
    const follow = (what: string, gapMs: (before: Node) => number) => {
      const before = last.get(what);
      if (before !== undefined) after.push({ at: before, gapMs: gapMs(nodes[before]!) });
      last.set(what, at);
    };
    follow(`pair ${task.pairId}`, (before) => (before.step.waitMin ?? 0) * MINUTE_MS);
    if (task.technicianId !== undefined) follow(`person ${task.technicianId}`, () => 0);
    if (task.viceId !== undefined) follow(`vice ${task.viceId}`, () => 0);
    if (task.ironId !== undefined) {
      const ironC = (of: PlanStep) => of.ironC ?? PLAN.unsaidC;
      follow(
        `iron ${task.ironId}`,
        (before) => SECOND_MS * changeTime(ironC(before.step), ironC(step)),
      );
    }
    nodes.push({
      task,
      step,
      releaseMs: Math.max(problem.startMs, pair.notBeforeMs ?? 0, step.notBeforeMs ?? 0),
      after,
      shifts: problem.technicians
        .filter(({ id }) => id === task.technicianId)
        .sort((a, b) => a.fromMs - b.fromMs),
    });
  });
  return nodes;
}

/** The first time from `fromMs` on at which whoever does it has so long, ms; Infinity where there is none. */
function whenThere({ shifts, task }: Node, fromMs: number, lengthMs: number): number {
  if (task.technicianId === undefined) return fromMs;
  for (const shift of shifts) {
    const start = Math.max(fromMs, shift.fromMs);
    if (start + lengthMs <= shift.toMs) return start;
  }
  return Infinity;
}

/** One run of the plan, its order kept, every step as long as chance has it: when each task ends, ms. */
function runOnce(
  nodes: readonly Node[],
  spread: readonly number[],
  random: RandomSource,
): number[] {
  const ends: number[] = [];
  nodes.forEach((node, k) => {
    const length = node.step.activeMin * MINUTE_MS * Math.exp(spread[k]! * random.normal());
    const ready = node.after.reduce(
      (latest, { at, gapMs }) => Math.max(latest, ends[at]! + gapMs),
      node.releaseMs,
    );
    ends.push(whenThere(node, ready, length) + length);
  });
  return ends;
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
  const spread = nodes.map(({ step }) => step.logSd ?? PLAN.minutesLogSd);
  const random = randomSource(seed);
  const lastOf = new Map(nodes.map(({ task }, at) => [task.pairId, at]));
  const ready = new Map([...lastOf.keys()].map((pairId): [string, number[]] => [pairId, []]));
  for (let run = 0; run < PLAN.sureRuns; run += 1) {
    const ends = runOnce(nodes, spread, random);
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
