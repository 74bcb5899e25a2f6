import { rulesBroken, type BrokenRule } from './rules';
import type { PlannedTask, PlanProblem } from './types';

/** A step that is to stand elsewhere: at another time, with somebody else. */
export interface PlanMove {
  pairId: string;
  index: number;
  startMs: number;
  technicianId?: string;
}

export type Moved = { ok: true; tasks: PlannedTask[] } | { ok: false; broken: BrokenRule[] };

const isTask =
  ({ pairId, index }: { pairId: string; index: number }) =>
  (task: PlannedTask) =>
    task.pairId === pairId && task.index === index;

const keyOf = ({ pairId, index, rule }: BrokenRule) => `${pairId} ${index} ${rule.code}`;

/** What a change breaks that was not broken before. */
function newlyBroken(
  problem: PlanProblem,
  before: readonly PlannedTask[],
  after: readonly PlannedTask[],
): BrokenRule[] {
  const old = new Set(rulesBroken(problem, before).map(keyOf));
  return rulesBroken(problem, after).filter((one) => !old.has(keyOf(one)));
}

/** A task at its new place, on each iron that there is, its own first. */
function variants(
  { irons }: PlanProblem,
  task: PlannedTask,
  { startMs, technicianId }: PlanMove,
): PlannedTask[] {
  const moved = {
    ...task,
    startMs,
    endMs: startMs + task.endMs - task.startMs,
    ...(technicianId === undefined ? {} : { technicianId }),
  };
  if (task.ironId === undefined) return [moved];
  const others = irons.map(({ id }) => id).filter((id) => id !== task.ironId);
  return [task.ironId, ...others].map((ironId) => ({ ...moved, ironId }));
}

/**
 * Moves one step and leaves all others where they are, on another iron where its own is taken. Where it lands on one
 * other step of the same person, the two change places if that keeps every rule. What cannot stand says which rules
 * it breaks, of the first way that was tried.
 */
export function moveTask(
  problem: PlanProblem,
  tasks: readonly PlannedTask[],
  move: PlanMove,
): Moved {
  const task = tasks.find(isTask(move));
  if (!task) return { ok: false, broken: [] };
  const rest = tasks.filter((other) => other !== task);
  let first: BrokenRule[] | undefined;
  for (const moved of variants(problem, task, move)) {
    const after = [...rest, moved];
    const broken = newlyBroken(problem, tasks, after);
    if (broken.length === 0) return { ok: true, tasks: inOrder(after) };
    first ??= broken;
    const swapped = swap(tasks, task, moved);
    if (swapped && newlyBroken(problem, tasks, swapped).length === 0) {
      return { ok: true, tasks: inOrder(swapped) };
    }
  }
  return { ok: false, broken: first ?? [] };
}

const inOrder = (tasks: readonly PlannedTask[]) =>
  [...tasks].sort((a, b) => a.startMs - b.startMs || a.index - b.index);

/** The step and the only one of that person that it lands on change places; undefined where it is not one. */
function swap(
  tasks: readonly PlannedTask[],
  task: PlannedTask,
  moved: PlannedTask,
): PlannedTask[] | undefined {
  const hit = tasks.filter(
    (other) =>
      other !== task &&
      other.technicianId === moved.technicianId &&
      other.startMs < moved.endMs &&
      moved.startMs < other.endMs,
  );
  const [other] = hit;
  if (!other || hit.length > 1) return undefined;
  const { technicianId } = other;
  const here = {
    ...task,
    startMs: other.startMs,
    endMs: other.startMs + task.endMs - task.startMs,
    technicianId,
  };
  const there = {
    ...other,
    startMs: task.startMs,
    endMs: task.startMs + other.endMs - other.startMs,
    technicianId: task.technicianId,
  };
  // Two irons change hands with their steps.
  if (task.ironId !== undefined && other.ironId !== undefined) {
    here.ironId = other.ironId;
    there.ironId = task.ironId;
  }
  return tasks.map((one) => (one === task ? here : one === other ? there : one));
}
