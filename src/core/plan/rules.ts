import { MINUTE_MS, SECOND_MS } from '../units/constants';
import { PLAN } from './figures';
import { changeTime } from './prepare';
import { THING_NAMES, THINGS, type ThingName } from './resources';
import type { PlannedTask, PlanProblem, PlanStep } from './types';

/** A rule that a plan breaks, with the task that breaks it. */
export interface BrokenRule {
  pairId: string;
  index: number;
  rule: PlanRule;
}

/** `withPairId`: the other pair that stands in the way. */
export type PlanRule =
  | { code: 'person_away'; technicianId: string }
  | { code: 'person_unskilled'; technicianId: string; skill: string }
  | { code: 'person_busy'; technicianId: string; withPairId: string }
  | { code: 'iron_busy'; ironId: string; withPairId: string }
  | { code: 'iron_changes'; ironId: string; withPairId: string; minutes: number }
  | { code: 'iron_unknown'; ironId: string }
  | { code: 'before_ready'; readyMs: number }
  | { code: 'before_release'; notBeforeMs: number }
  | { code: 'nobody' }
  | { code: 'no_iron' }
  | { code: 'too_few'; what: ThingName; there: number }
  | { code: 'wrong_length' };

interface Placed {
  task: PlannedTask;
  step: PlanStep;
}

/** Lengths are rounded up to whole seconds; under a millisecond nothing is meant. */
const ROUNDING_MS = SECOND_MS;
const SAME_MS = 1;

/**
 * Every rule that a plan breaks: order and waits of each pair, times before which nothing may begin, shifts and skills,
 * nobody and nothing at two things at once, time for an iron to change, as many vices, stands and places as there are.
 * Tasks of pairs or steps that the problem does not have are ignored. Empty: the plan can be worked.
 */
export function rulesBroken(problem: PlanProblem, tasks: readonly PlannedTask[]): BrokenRule[] {
  const pairs = new Map(problem.pairs.map((pair) => [pair.id, pair]));
  const placed = tasks
    .flatMap((task): Placed[] => {
      const step = pairs.get(task.pairId)?.steps[task.index];
      return step ? [{ task, step }] : [];
    })
    .sort((a, b) => a.task.startMs - b.task.startMs || a.task.index - b.task.index);
  return [
    ...placed.flatMap((one) => [...orderRules(problem, placed, one), ...peopleRules(problem, one)]),
    ...sharedRules(placed),
    ...ironRules(problem, placed),
    ...countRules(problem, placed),
  ];
}

const broken = ({ task: { pairId, index } }: Placed, rule: PlanRule): BrokenRule => ({
  pairId,
  index,
  rule,
});

function orderRules(problem: PlanProblem, placed: readonly Placed[], one: Placed): BrokenRule[] {
  const { task, step } = one;
  const pair = problem.pairs.find(({ id }) => id === task.pairId)!;
  const found: BrokenRule[] = [];
  const length = task.endMs - task.startMs - step.activeMin * MINUTE_MS;
  if (length < -SAME_MS || length > ROUNDING_MS + SAME_MS)
    found.push(broken(one, { code: 'wrong_length' }));
  const before = placed.find(
    (other) => other.task.pairId === task.pairId && other.task.index === task.index - 1,
  );
  const readyMs = before
    ? before.task.endMs + (before.step.waitMin ?? 0) * MINUTE_MS
    : problem.startMs;
  if (task.startMs < readyMs) found.push(broken(one, { code: 'before_ready', readyMs }));
  const notBeforeMs = Math.max(step.notBeforeMs ?? -Infinity, pair.notBeforeMs ?? -Infinity);
  if (task.startMs < notBeforeMs && !step.running) {
    found.push(broken(one, { code: 'before_release', notBeforeMs }));
  }
  return found;
}

function peopleRules({ technicians }: PlanProblem, one: Placed): BrokenRule[] {
  const { task, step } = one;
  const needsHands = step.needs.includes('technician') || step.skill !== undefined;
  if (!needsHands || task.endMs === task.startMs) return [];
  const { technicianId } = task;
  if (technicianId === undefined) return [broken(one, { code: 'nobody' })];
  const shifts = technicians.filter(({ id }) => id === technicianId);
  const found: BrokenRule[] = [];
  if (!shifts.some(({ fromMs, toMs }) => fromMs <= task.startMs && task.endMs <= toMs)) {
    found.push(broken(one, { code: 'person_away', technicianId }));
  }
  const { skill } = step;
  if (skill !== undefined && !shifts.some(({ skills = [] }) => skills.includes(skill))) {
    found.push(broken(one, { code: 'person_unskilled', technicianId, skill }));
  }
  return found;
}

/** Nobody is at two things at once. */
function sharedRules(placed: readonly Placed[]): BrokenRule[] {
  const found: BrokenRule[] = [];
  const last = new Map<string, Placed>();
  for (const one of placed) {
    const { technicianId } = one.task;
    if (technicianId === undefined || one.task.endMs === one.task.startMs) continue;
    const before = last.get(technicianId);
    if (before && one.task.startMs < before.task.endMs) {
      const withPairId = before.task.pairId;
      found.push(broken(one, { code: 'person_busy', technicianId, withPairId }));
    }
    if (!before || one.task.endMs > before.task.endMs) last.set(technicianId, one);
  }
  return found;
}

/** An iron is on one pair at a time, and has time to change. */
function ironRules({ irons }: PlanProblem, placed: readonly Placed[]): BrokenRule[] {
  const found: BrokenRule[] = [];
  const last = new Map<string, Placed>();
  for (const one of placed) {
    if (!one.step.needs.includes('iron')) continue;
    const { ironId } = one.task;
    if (ironId === undefined) {
      found.push(broken(one, { code: 'no_iron' }));
      continue;
    }
    if (!irons.some(({ id }) => id === ironId)) {
      found.push(broken(one, { code: 'iron_unknown', ironId }));
      continue;
    }
    const before = last.get(ironId);
    if (before) {
      const withPairId = before.task.pairId;
      const asked = [before.step, one.step].map(({ ironC }) => ironC ?? PLAN.unsaidC);
      const changeS = changeTime(asked[0]!, asked[1]!);
      if (one.task.startMs < before.task.endMs) {
        found.push(broken(one, { code: 'iron_busy', ironId, withPairId }));
      } else if (one.task.startMs < before.task.endMs + changeS * SECOND_MS) {
        const minutes = (changeS * SECOND_MS) / MINUTE_MS;
        found.push(broken(one, { code: 'iron_changes', ironId, withPairId, minutes }));
      }
    }
    last.set(ironId, one);
  }
  return found;
}

/** Of things that are all alike: at no time more in use than there are. */
function countRules(problem: PlanProblem, placed: readonly Placed[]): BrokenRule[] {
  const atHands = ({ task }: Placed) => ({ from: task.startMs, to: task.endMs });
  const waiting = ({ task, step }: Placed) => ({
    from: task.endMs,
    to: task.endMs + (step.waitMin ?? 0) * MINUTE_MS,
  });
  return THING_NAMES.flatMap((what) => {
    const { need, during, count } = THINGS[what];
    const there = problem[count] ?? Infinity;
    const span = during === 'work' ? atHands : waiting;
    const own = placed
      .filter(({ step }) => need === undefined || step.needs.includes(need))
      .map((one) => ({ one, ...span(one) }));
    return own
      .filter(({ from, to }) => to > from)
      .flatMap(({ one, from }) => {
        // It is too many at the begin of some span, if ever.
        const then = own.filter((other) => other.from <= from && other.to > from).length;
        return then > there ? [broken(one, { code: 'too_few', what, there })] : [];
      });
  });
}
