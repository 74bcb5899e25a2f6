import type { Plan, PlannedTask, PlanNeed, PlanProblem, PlanStep } from '@/core/plan';

const MINUTE_MS = 60_000;
/** Lengths are rounded up to whole seconds. */
const ROUNDING_MS = 1000;

/** What is counted; a new need does not compile until it is checked here too. */
type Counted = Exclude<PlanNeed, 'technician' | 'iron'>;

interface Span {
  from: number;
  to: number;
  what: string;
}

/** The most spans at one instant. */
function mostAtOnce(spans: readonly Span[]): number {
  const changes = spans
    .filter(({ from, to }) => to > from)
    .flatMap(({ from, to }) => [
      { at: from, by: 1 },
      { at: to, by: -1 },
    ])
    .sort((a, b) => a.at - b.at || a.by - b.by);
  let now = 0;
  let most = 0;
  for (const { by } of changes) {
    now += by;
    most = Math.max(most, now);
  }
  return most;
}

/** Everything that is wrong with a plan, worked out from the problem alone; empty where it keeps every rule. */
export function faultsOf(problem: PlanProblem, plan: Plan): string[] {
  const faults: string[] = [];
  const must = (holds: boolean, fault: string) => {
    if (!holds) faults.push(fault);
  };
  const stepOf = (task: PlannedTask): PlanStep =>
    problem.pairs.find(({ id }) => id === task.pairId)!.steps[task.index]!;
  const hopeless = new Set(plan.hopeless.map(({ pairId }) => pairId));

  for (const pair of problem.pairs) {
    const own = plan.tasks.filter(({ pairId }) => pairId === pair.id);
    if (hopeless.has(pair.id)) {
      must(own.length === 0, `${pair.id} is left out and planned`);
      continue;
    }
    must(own.length === pair.steps.length, `${pair.id} has ${own.length} tasks`);
    let ready = Math.max(problem.startMs, pair.notBeforeMs ?? -Infinity);
    pair.steps.forEach((step, index) => {
      const task = own.find((one) => one.index === index);
      if (!task) return;
      const name = `${pair.id}/${index}`;
      must(task.stepKey === step.key, `${name} has another key`);
      must(task.startMs >= ready, `${name} begins before the one before it is done`);
      must(task.startMs >= (step.notBeforeMs ?? -Infinity), `${name} begins before its time`);
      const length = task.endMs - task.startMs - step.activeMin * MINUTE_MS;
      must(length >= 0 && length < ROUNDING_MS, `${name} takes another time`);
      ready = task.endMs + (step.waitMin ?? 0) * MINUTE_MS;
      const needs = new Set(step.needs);
      const hasHands = needs.has('technician') || step.skill !== undefined;
      must((task.technicianId !== undefined) === hasHands, `${name} hands`);
      must((task.ironId !== undefined) === needs.has('iron'), `${name} iron`);
      must((task.viceId !== undefined) === needs.has('vice'), `${name} vice`);
    });
    const late = Math.max(0, ready - pair.dueMs) / MINUTE_MS;
    const said = plan.lateness.find(({ pairId }) => pairId === pair.id)?.minutes ?? NaN;
    must(Math.abs(said - late) < 0.2, `${pair.id} is ${late} late and ${said} is said`);
  }

  for (const task of plan.tasks.filter(({ technicianId }) => technicianId !== undefined)) {
    const shifts = problem.technicians.filter(({ id }) => id === task.technicianId);
    const isThere = shifts.some(({ fromMs, toMs }) => fromMs <= task.startMs && task.endMs <= toMs);
    must(isThere || task.endMs === task.startMs, `${task.technicianId} is not there`);
    const { skill } = stepOf(task);
    must(
      skill === undefined || shifts.some(({ skills = [] }) => skills.includes(skill)),
      `${task.technicianId} cannot do ${skill}`,
    );
  }
  for (const of of ['technicianId', 'ironId', 'viceId'] as const) {
    for (const id of new Set(plan.tasks.flatMap((task) => task[of] ?? []))) {
      const own = plan.tasks
        .filter((task) => task[of] === id && task.endMs > task.startMs)
        .map(({ startMs, endMs, pairId }) => ({ from: startMs, to: endMs, what: pairId }));
      must(mostAtOnce(own) <= 1, `${id} is at two things at once`);
    }
  }
  const ids = new Set(problem.irons.map(({ id }) => id));
  let changes = 0;
  for (const id of new Set(plan.tasks.flatMap(({ ironId }) => ironId ?? []))) {
    must(ids.has(id), `there is no ${id}`);
    const own = plan.tasks
      .filter(({ ironId }) => ironId === id)
      .sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs);
    own.slice(1).forEach((task, k) => {
      const before = own[k]!;
      const kelvin = stepOf(task).ironC! - stepOf(before).ironC!;
      if (kelvin !== 0) changes += 1;
      const least = Math.ceil(kelvin > 0 ? kelvin / 20 : -kelvin / 5) * MINUTE_MS;
      must(task.startMs - before.endMs >= least, `${id} has no time to change`);
    });
  }
  must(changes === plan.ironChanges, `${changes} changes, ${plan.ironChanges} said`);

  const spansOf = (need: Counted) =>
    plan.tasks
      .filter((task) => stepOf(task).needs.includes(need))
      .map(({ startMs, endMs, pairId }) => ({ from: startMs, to: endMs, what: pairId }));
  const waits = plan.tasks.map((task) => ({
    from: task.endMs,
    to: task.endMs + (stepOf(task).waitMin ?? 0) * MINUTE_MS,
    what: task.pairId,
  }));
  const there: Record<Counted, number | undefined> = {
    vice: problem.vices,
    brush_stand: problem.brushStands,
  };
  for (const need of Object.keys(there) as Counted[]) {
    must(mostAtOnce(spansOf(need)) <= (there[need] ?? Infinity), `too few of ${need}`);
  }
  must(mostAtOnce(waits) <= (problem.coolingPlaces ?? Infinity), 'too few places to cool');
  return faults;
}
