import { describe, expect, it } from 'vitest';
import { faultsOf } from '../../../tests/unit/plan-check';
import { exactly } from '../../../tests/unit/plan-exact';
import { benchOf, oddBench, PLAN_START_MS } from '../../../tests/unit/plan-instances';
import { randomSource } from '../random';
import { leastAssignment } from '../assignment';
import { planBench, planRun, type PlanProblem, type PlanStep } from '.';

const MINUTE_MS = 60_000;
/** Beyond the plan's own end, where less lateness might be had for a later one. */
const SPARE_MIN = 3;
const atMin = (minutes: number) => PLAN_START_MS + minutes * MINUTE_MS;
const minuteOf = (ms: number) => (ms - PLAN_START_MS) / MINUTE_MS;

/** A bench small enough for the exact solver: people and irons alike, one temperature, whole minutes. */
function smallBench(seed: number): PlanProblem {
  const random = randomSource(seed);
  const whole = (low: number, high: number) =>
    low + Math.floor(random.uniform() * (high - low + 1));
  const people = whole(1, 2);
  return {
    startMs: PLAN_START_MS,
    technicians: Array.from({ length: people }, (_, k) => ({
      id: `hand-${k}`,
      fromMs: atMin(0),
      toMs: atMin(500),
    })),
    irons: [{ id: 'iron' }],
    vices: whole(1, 2),
    brushStands: 1,
    coolingPlaces: whole(1, 3),
    pairs: Array.from({ length: 3 }, (_, p) => ({
      id: `pair-${p}`,
      priority: whole(1, 3),
      dueMs: atMin(whole(4, 14)),
      ...(whole(0, 2) === 0 ? { notBeforeMs: atMin(whole(0, 6)) } : {}),
      steps: Array.from({ length: whole(2, 3) }, (_s, k): PlanStep => ({
        key: `step-${k}`,
        activeMin: whole(1, 3),
        waitMin: whole(0, 3),
        needs:
          k === 0
            ? ['technician', 'iron']
            : k === 1
              ? ['technician', 'vice']
              : ['technician', 'brush_stand'],
        ...(k === 0 ? { ironC: 120 } : {}),
      })),
    })),
  };
}

const SMALL = 30;

describe('the bench plan', () => {
  const found: { late: number; after: number }[] = [];

  it('keeps every rule on 500 benches of all kinds, and is never better than its bound', () => {
    for (let seed = 1; seed <= 500; seed += 1) {
      const problem = oddBench(seed);
      const plan = planBench(problem, { searchS: 0.003 });
      expect({ seed, faults: faultsOf(problem, plan) }).toEqual({ seed, faults: [] });
      expect(plan.lowerBound.weightedLatenessMin).toBeLessThanOrEqual(
        plan.weightedLatenessMin + 1e-9,
      );
      expect(plan.gap).toBeGreaterThanOrEqual(0);
    }
  });

  it.each(Array.from({ length: SMALL }, (_, k) => k + 1))(
    'stands between its bound and the exact answer on small bench %i',
    async (seed) => {
      const problem = smallBench(seed);
      const plan = planBench(problem, { searchS: 0.1 });
      expect(faultsOf(problem, plan)).toEqual([]);
      const best = await exactly(problem, minuteOf(plan.finishMs) + SPARE_MIN);
      found.push({
        late: plan.weightedLatenessMin - best.late,
        after: minuteOf(plan.finishMs) - best.finish,
      });
      expect(plan.weightedLatenessMin).toBeGreaterThan(best.late - 1e-6);
      expect(plan.lowerBound.weightedLatenessMin).toBeLessThanOrEqual(best.late + 1e-6);
      expect(minuteOf(plan.lowerBound.finishMs)).toBeLessThanOrEqual(best.finish + 1e-6);
    },
    60_000,
  );

  it('is the exact answer on nearly all of them', () => {
    const same = found.filter(({ late, after }) => Math.abs(late) < 1e-6 && Math.abs(after) < 1e-6);
    expect(found).toHaveLength(SMALL);
    expect(same.length).toBeGreaterThanOrEqual(SMALL - 2);
  });

  it('of 40 pairs with four people and three irons is within 3 % of the best possible', () => {
    for (const seed of [1, 2, 3]) {
      const problem = benchOf(seed, { pairs: 40, people: 4, irons: 3 });
      const plan = planBench(problem, { searchS: 1 });
      expect(faultsOf(problem, plan)).toEqual([]);
      expect(plan.gap).toBeLessThan(0.03);
    }
  });

  it('is the same for the same seed, better with more time, and stops when nothing can be better', () => {
    const problem = benchOf(7, { pairs: 10, people: 2, irons: 2 });
    const [short, long] = [0, 0.2].map((searchS) => planBench(problem, { searchS, seed: 3 }));
    expect(planBench(problem, { searchS: 0.2, seed: 3 })).toEqual(long);
    expect(long!.finishMs).toBeLessThanOrEqual(short!.finishMs);
    const alone = planRun({ ...problem, pairs: problem.pairs.slice(0, 1) }, { searchS: 10 });
    expect(alone.advance(1)).toBe(true);
    expect(alone.done()).toBe(0);
  });
});

describe('a pair that no plan gets ready', () => {
  const step: PlanStep = { key: 'edges', activeMin: 30, needs: ['technician'], skill: 'edges' };
  const pair = (id: string, steps: PlanStep[], priority = 1) => ({
    id,
    priority,
    dueMs: atMin(600),
    steps,
  });
  const hand = { id: 'ada', fromMs: atMin(0), toMs: atMin(60) };
  const bench = (pairs: PlanProblem['pairs'], technician = hand): PlanProblem => ({
    startMs: PLAN_START_MS,
    technicians: [technician],
    irons: [],
    pairs,
  });
  const why = (problem: PlanProblem) =>
    planBench(problem, { searchS: 0.01 }).hopeless.map(({ pairId, reason }) => [
      pairId,
      reason.code,
    ]);

  it('is named with the reason, and the others are planned', () => {
    expect(why(bench([pair('a', [step])]))).toEqual([['a', 'no_skill']]);
    expect(why(bench([pair('a', [{ ...step, skill: undefined, needs: ['iron'] }])]))).toEqual([
      ['a', 'no_iron'],
    ]);
    expect(
      why(bench([pair('a', [{ key: 'scrape', activeMin: 61, needs: ['technician'] }])])),
    ).toEqual([['a', 'no_window']]);
  });

  it('is the one that matters least where there is no time for all', () => {
    const scrape: PlanStep = { key: 'scrape', activeMin: 30, needs: ['technician'] };
    const problem = bench([pair('a', [scrape]), pair('b', [scrape], 5), pair('c', [scrape], 3)]);
    expect(why(problem)).toEqual([['a', 'no_time']]);
    expect(faultsOf(problem, planBench(problem, { searchS: 0.01 }))).toEqual([]);
  });
});

describe('an iron', () => {
  it('keeps its temperature where that costs nothing, and takes its time to change', () => {
    const at = (id: string, ironC: number) => ({
      id,
      dueMs: atMin(600),
      steps: [{ key: 'iron', activeMin: 5, needs: ['technician', 'iron'] as const, ironC }],
    });
    const problem: PlanProblem = {
      startMs: PLAN_START_MS,
      technicians: [{ id: 'ada', fromMs: atMin(0), toMs: atMin(600) }],
      irons: [{ id: 'one' }],
      pairs: [at('a', 150), at('b', 120), at('c', 150), at('d', 120)],
    };
    const plan = planBench(problem, { searchS: 0.05 });
    expect(faultsOf(problem, plan)).toEqual([]);
    expect(plan.ironChanges).toBe(1);
    // From 120 to 150 takes two minutes, back it would take six.
    expect(minuteOf(plan.finishMs)).toBe(22);
  });
});

describe('the least assignment', () => {
  it('is the least over all ways to assign', () => {
    const random = randomSource(5);
    const n = 6;
    const cost = Float64Array.from({ length: n * n }, () => Math.floor(random.uniform() * 50));
    const ways = (rows: number[], used: number[] = []): number[][] =>
      used.length === n
        ? [used]
        : rows.filter((k) => !used.includes(k)).flatMap((k) => ways(rows, [...used, k]));
    const all = ways([0, 1, 2, 3, 4, 5]).map((way) =>
      way.reduce((sum, column, row) => sum + cost[row * n + column]!, 0),
    );
    expect(leastAssignment(cost, n).total).toBe(Math.min(...all));
  });
});
