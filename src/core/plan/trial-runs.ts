import { MINUTE_MS, SECOND_MS } from '../units/constants';
import type { RandomSource } from '../random';
import { PLAN } from './figures';
import { changeTime } from './prepare';
import type { Plan, PlannedTask, PlanProblem, PlanStep } from './types';

/** A task with what it waits for: indices of tasks before it, and what must lie between, ms. */
export interface TrialNode {
  task: PlannedTask;
  step: PlanStep;
  releaseMs: number;
  after: { at: number; gapMs: number; isOwn: boolean }[];
  /** When whoever does it is there, in order of time. */
  shifts: readonly { fromMs: number; toMs: number }[];
}

/** The tasks in order of time, each with those that it follows in its pair and at whatever it needs. */
export function network(problem: PlanProblem, plan: Pick<Plan, 'tasks'>): TrialNode[] {
  const pairs = new Map(problem.pairs.map((pair) => [pair.id, pair]));
  const tasks = [...plan.tasks].sort((a, b) => a.startMs - b.startMs || a.index - b.index);
  const last = new Map<string, number>();
  const nodes: TrialNode[] = [];
  tasks.forEach((task, at) => {
    const pair = pairs.get(task.pairId)!;
    const step = pair.steps[task.index]!;
    const after: TrialNode['after'] = [];
    const follow = (what: string, gapMs: (before: TrialNode) => number) => {
      const before = last.get(what);
      if (before !== undefined) {
        after.push({ at: before, gapMs: gapMs(nodes[before]!), isOwn: what.startsWith('pair ') });
      }
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
function whenThere({ shifts, task }: TrialNode, fromMs: number, lengthMs: number): number {
  if (task.technicianId === undefined) return fromMs;
  for (const shift of shifts) {
    const start = Math.max(fromMs, shift.fromMs);
    if (start + lengthMs <= shift.toMs) return start;
  }
  return Infinity;
}

/** One trial run: when each task ends, ms, and which task before it kept it; undefined where its own time did. */
export interface TrialRun {
  ends: number[];
  keptBy: (number | undefined)[];
}

/**
 * One run of the plan, its order kept, every step as long as chance has it. `freeMs`: the time kept free before a
 * task, which work of others running over eats up first.
 */
export function trialRun(
  nodes: readonly TrialNode[],
  spread: readonly number[],
  { random, free }: { random: RandomSource; free?: { before: number; ms: number } },
): TrialRun {
  const ends: number[] = [];
  const keptBy: TrialRun['keptBy'] = [];
  nodes.forEach((node, k) => {
    const length = node.step.activeMin * MINUTE_MS * Math.exp(spread[k]! * random.normal());
    const freeMs = free?.before === k ? free.ms : 0;
    let ready = node.releaseMs;
    let keeper: number | undefined;
    for (const { at, gapMs, isOwn } of node.after) {
      const time = ends[at]! + gapMs - (isOwn ? 0 : freeMs);
      if (time <= ready) continue;
      ready = time;
      keeper = at;
    }
    ends.push(whenThere(node, ready, length) + length);
    keptBy.push(keeper);
  });
  return { ends, keptBy };
}

/** The spread of the minutes of each task: what the bench knows of it, else the house's. */
export const spreadsOf = (nodes: readonly TrialNode[]): number[] =>
  nodes.map(({ step }) => step.logSd ?? PLAN.minutesLogSd);
