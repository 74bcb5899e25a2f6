import { randomSource } from '@/core/random';
import type { PlanProblem, PlanStep } from '@/core/plan';

const MINUTE_MS = 60_000;
export const PLAN_START_MS = Date.parse('2027-01-15T12:00:00Z');
const atMin = (minutes: number) => PLAN_START_MS + minutes * MINUTE_MS;

/** A bench with so many pairs, as a weekend has it: edges, coats of wax with a wait, scraping, brushing. */
export function benchOf(seed: number, sizes: { pairs: number; people: number; irons: number }) {
  const random = randomSource(seed);
  const whole = (low: number, high: number) =>
    low + Math.floor(random.uniform() * (high - low + 1));
  const temperatures = [112, 124, 138, 150];
  const { pairs, people, irons } = sizes;
  const problem: PlanProblem = {
    startMs: PLAN_START_MS,
    technicians: Array.from({ length: people }, (_, k) => ({
      id: `hand-${k}`,
      fromMs: atMin(0),
      toMs: atMin(72 * 60),
      skills: k % 2 === 0 ? ['edges'] : [],
    })),
    irons: Array.from({ length: irons }, (_, k) => ({ id: `iron-${k}` })),
    vices: people,
    brushStands: 2,
    coolingPlaces: Math.max(10, pairs),
    pairs: Array.from({ length: pairs }, (_, p) => {
      const ironC = temperatures[whole(0, 3)]!;
      const stepOf = (k: number): PlanStep => {
        const activeMin = whole(3, 10);
        if (k === 0)
          return { key: 'edges', activeMin, needs: ['technician', 'vice'], skill: 'edges' };
        if (k % 3 === 1) {
          const waitMin = whole(10, 30);
          return { key: 'iron', activeMin, waitMin, needs: ['technician', 'iron', 'vice'], ironC };
        }
        if (k % 3 === 2) return { key: 'scrape', activeMin, needs: ['technician', 'vice'] };
        return { key: 'brush', activeMin, needs: ['technician', 'brush_stand'] };
      };
      return {
        id: `pair-${p}`,
        priority: whole(1, 3),
        dueMs: atMin(whole(300, pairs * 15 + 400)),
        steps: Array.from({ length: whole(6, 10) }, (_step, k) => stepOf(k)),
      };
    }),
  };
  return problem;
}

/** Anything that may be asked: gaps in shifts, few places, late releases, steps without hands, fractions of a minute. */
export function oddBench(seed: number): PlanProblem {
  const random = randomSource(seed);
  const whole = (low: number, high: number) =>
    low + Math.floor(random.uniform() * (high - low + 1));
  const chance = (share: number) => random.uniform() < share;
  const needs = ['technician', 'iron', 'vice', 'brush_stand'] as const;
  const stepOf = (k: number): PlanStep => {
    const wanted = needs.filter(() => chance(0.45));
    return {
      key: `step-${k}`,
      activeMin: chance(0.2) ? whole(1, 40) / 4 : whole(0, 12),
      ...(chance(0.5) ? { waitMin: whole(0, 40) } : {}),
      needs: wanted,
      ...(wanted.includes('iron') ? { ironC: whole(10, 16) * 10 } : {}),
      ...(wanted.includes('technician') && chance(0.2) ? { skill: 'edges' } : {}),
      ...(chance(0.1) ? { notBeforeMs: atMin(whole(0, 300)) } : {}),
    };
  };
  const shift = (id: string, from: number) => ({
    id,
    fromMs: atMin(from),
    toMs: atMin(from + whole(60, 400)),
    ...(chance(0.6) ? { skills: ['edges'] } : {}),
  });
  return {
    startMs: PLAN_START_MS,
    technicians: Array.from({ length: whole(1, 4) }, (_, k) => [
      shift(`hand-${k}`, whole(-60, 120)),
      ...(chance(0.5) ? [shift(`hand-${k}`, whole(300, 1500))] : []),
    ]).flat(),
    irons: Array.from({ length: whole(1, 3) }, (_, k) => ({ id: `iron-${k}` })),
    vices: whole(1, 3),
    brushStands: whole(1, 2),
    coolingPlaces: whole(1, 5),
    pairs: Array.from({ length: whole(1, 8) }, (_, p) => ({
      id: `pair-${p}`,
      ...(chance(0.5) ? { priority: whole(1, 5) } : {}),
      dueMs: atMin(whole(30, 900)),
      ...(chance(0.2) ? { notBeforeMs: atMin(whole(0, 200)) } : {}),
      steps: Array.from({ length: whole(1, 6) }, (_step, k) => stepOf(k)),
    })),
  };
}
