import { describe, expect, it } from 'vitest';
import { benchOf, PLAN_START_MS } from '../../../tests/unit/plan-instances';
import { planBench, surenessOf, type PlanProblem } from '.';

const MINUTE_MS = 60_000;
const atMin = (minutes: number) => PLAN_START_MS + minutes * MINUTE_MS;
const minuteOf = (ms: number) => (ms - PLAN_START_MS) / MINUTE_MS;

/** One person, one pair, one step of an hour, due after so many minutes. */
const oneStep = (dueMin: number, toMin = 600): PlanProblem => ({
  startMs: PLAN_START_MS,
  technicians: [{ id: 'ada', fromMs: atMin(0), toMs: atMin(toMin) }],
  irons: [],
  pairs: [
    {
      id: 'a',
      dueMs: atMin(dueMin),
      steps: [{ key: 'scrape', activeMin: 60, needs: ['technician'] }],
    },
  ],
});
/** The same bench whose steps all have this spread. */
const withSpread = (problem: PlanProblem, logSd: number): PlanProblem => ({
  ...problem,
  pairs: problem.pairs.map((pair) => ({
    ...pair,
    steps: pair.steps.map((step) => ({ ...step, logSd })),
  })),
});
const sure = (problem: PlanProblem, spread = 0.2) =>
  surenessOf(withSpread(problem, spread), planBench(problem, { searchS: 0.01 }));

describe('how sure a plan is', () => {
  it('is the plan itself where every step takes its minutes', () => {
    const problem = benchOf(3, { pairs: 8, people: 2, irons: 2 });
    const plan = planBench(problem, { searchS: 0.05 });
    const ready = new Map(
      plan.tasks.map(({ pairId, endMs, index }) => [`${pairId}/${index}`, endMs]),
    );
    for (const { pairId, sureMs, inTime } of surenessOf(withSpread(problem, 0), plan)) {
      const steps = problem.pairs.find(({ id }) => id === pairId)!.steps;
      const waitMs = (steps.at(-1)!.waitMin ?? 0) * MINUTE_MS;
      expect(sureMs).toBeLessThanOrEqual(ready.get(`${pairId}/${steps.length - 1}`)! + waitMs);
      expect(inTime).toBe(1);
    }
  });

  it('is the quantile of the minutes where there is one step', () => {
    // exp(1.645 · 0.2) = 1.39 of an hour.
    const [one] = sure(oneStep(60));
    expect(minuteOf(one!.sureMs)).toBeGreaterThan(79);
    expect(minuteOf(one!.sureMs)).toBeLessThan(88);
    expect(one!.inTime).toBeGreaterThan(0.44);
    expect(one!.inTime).toBeLessThan(0.56);
    expect(sure(oneStep(100))[0]!.inTime).toBeGreaterThan(0.98);
  });

  it('falls with the spread, and is the same for the same seed', () => {
    const problem = benchOf(5, { pairs: 10, people: 2, irons: 2 });
    const plan = planBench(problem, { searchS: 0.05 });
    const latest = (spread: number) =>
      Math.max(...surenessOf(withSpread(problem, spread), plan).map((one) => one.sureMs));
    expect(latest(0.4)).toBeGreaterThan(latest(0.1));
    expect(surenessOf(problem, plan)).toEqual(surenessOf(problem, plan));
  });

  it('knows that a step which outlasts the shift is not done today', () => {
    expect(sure(oneStep(100, 60))[0]!.sureMs).toBe(Infinity);
  });
});
