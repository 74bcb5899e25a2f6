import { HOUR_MS } from '../units/constants';
import { PLAN } from './figures';
import { planBench } from './plan';
import { THING_NAMES, THINGS } from './resources';
import type { Plan, PlanProblem, PlanTechnician } from './types';

/** What would help a plan that is late or leaves pairs out. */
export type RemedyChange =
  | { code: 'one_more_person'; fromMs: number; toMs: number }
  | { code: 'longer_shift'; technicianId: string; hours: number }
  | { code: 'one_more_iron' }
  | { code: 'one_more_vice' }
  | { code: 'one_more_stand' }
  | { code: 'one_more_place' };

/** A change, and what the plan is with it: worked out by planning anew. */
export interface Remedy {
  change: RemedyChange;
  weightedLatenessMin: number;
  /** Pairs that still cannot be ready. */
  left: number;
}

const HELPER = 'one_more';

/** Somebody who can do everything, for so long. */
const withHelper = (problem: PlanProblem, fromMs: number, toMs: number): PlanProblem => {
  const skills = [
    ...new Set(problem.pairs.flatMap((pair) => pair.steps.map(({ skill }) => skill))),
  ];
  const helper: PlanTechnician = {
    id: HELPER,
    fromMs,
    toMs,
    skills: skills.filter((skill) => skill !== undefined),
  };
  return { ...problem, technicians: [...problem.technicians, helper] };
};

/** Shifts of a person that end last, so many hours longer. */
function withLongerShift(problem: PlanProblem, technicianId: string, hours: number): PlanProblem {
  const own = problem.technicians.filter(({ id }) => id === technicianId);
  const last = own.reduce((a, b) => (b.toMs > a.toMs ? b : a));
  return {
    ...problem,
    technicians: problem.technicians.map((one) =>
      one === last ? { ...one, toMs: one.toMs + hours * HOUR_MS } : one,
    ),
  };
}

/** All changes that are tried, the smallest first. */
function changesOf(problem: PlanProblem): { change: RemedyChange; changed: PlanProblem }[] {
  const { startMs, pairs, technicians, irons } = problem;
  const lastDueMs = Math.max(...pairs.map(({ dueMs }) => dueMs));
  const things: { change: RemedyChange; changed: PlanProblem }[] = [
    {
      change: { code: 'one_more_iron' },
      changed: { ...problem, irons: [...irons, { id: HELPER }] },
    },
  ];
  for (const name of THING_NAMES) {
    const { count, remedy } = THINGS[name];
    const there = problem[count];
    if (there === undefined) continue;
    things.push({ change: { code: remedy }, changed: { ...problem, [count]: there + 1 } });
  }
  const people = [...new Set(technicians.map(({ id }) => id))];
  const longer = people.flatMap((technicianId) =>
    PLAN.longerShiftH.map((hours) => ({
      change: { code: 'longer_shift', technicianId, hours } as const,
      changed: withLongerShift(problem, technicianId, hours),
    })),
  );
  const helpers = PLAN.helperH.flatMap((hours) => {
    const spanMs = hours * HOUR_MS;
    const windows: { change: RemedyChange; changed: PlanProblem }[] = [];
    for (let k = 0; k < PLAN.helperStarts; k += 1) {
      const fromMs = startMs + k * HOUR_MS;
      if (k > 0 && fromMs + spanMs > lastDueMs) break;
      const toMs = fromMs + spanMs;
      const changed = withHelper(problem, fromMs, toMs);
      windows.push({ change: { code: 'one_more_person', fromMs, toMs }, changed });
    }
    return windows;
  });
  return [...things, ...helpers, ...longer];
}

/**
 * What would help a plan that is late, or leaves pairs out: each change alone, worked out by planning anew, the most
 * helpful of each kind, first what helps most, and of those that help alike the smallest. Empty where nothing is late, or nothing tried helps; what
 * is not tried when `isEnough` says so is left out.
 */
export function remediesFor(
  problem: PlanProblem,
  plan: Plan,
  isEnough: () => boolean = () => false,
): Remedy[] {
  if (plan.weightedLatenessMin === 0 && plan.hopeless.length === 0) return [];
  const steps = problem.pairs.reduce((sum, pair) => sum + pair.steps.length, 0);
  const most = Math.max(PLAN.fewestRemedies, Math.floor(PLAN.remedySteps / steps));
  return changesOf(problem)
    .slice(0, most)
    .flatMap(({ change, changed }): Remedy[] => {
      if (isEnough()) return [];
      const options = { searchS: PLAN.remedySearchS, isEnough };
      const { weightedLatenessMin, hopeless } = planBench(changed, options);
      return [{ change, weightedLatenessMin, left: hopeless.length }];
    })
    .filter(
      ({ weightedLatenessMin, left }) =>
        left < plan.hopeless.length ||
        (left === plan.hopeless.length &&
          weightedLatenessMin < plan.weightedLatenessMin * PLAN.remedyShare),
    )
    .sort((a, b) => a.left - b.left || a.weightedLatenessMin - b.weightedLatenessMin)
    .filter(({ change }, k, all) => all.findIndex((one) => one.change.code === change.code) === k)
    .slice(0, PLAN.remediesSaid);
}
