import { describe, expect, it } from 'vitest';
import { PLAN_START_MS } from '../../../tests/unit/plan-instances';
import { planBench, remediesFor, type PlanProblem, type PlanStep } from '.';

const HOUR_MS = 3_600_000;
const atHour = (hours: number) => PLAN_START_MS + hours * HOUR_MS;

const bench = (pairs: number, step: PlanStep, toHour: number): PlanProblem => ({
  startMs: PLAN_START_MS,
  technicians: [{ id: 'ada', fromMs: atHour(0), toMs: atHour(toHour) }],
  irons: [{ id: 'iron' }],
  vices: 4,
  pairs: Array.from({ length: pairs }, (_, p) => ({
    id: `pair-${p}`,
    dueMs: atHour(2),
    steps: [step],
  })),
});
const helpOf = (problem: PlanProblem) =>
  remediesFor(problem, planBench(problem, { searchS: 0.05 }));
const scrape: PlanStep = { key: 'scrape', activeMin: 60, needs: ['technician', 'vice'] };

describe('what would help a plan', () => {
  it('is nothing where nothing is late', () => {
    expect(helpOf(bench(2, scrape, 8))).toEqual([]);
  });

  it('is one more person where hands are short, and that this is so was planned', () => {
    const problem = bench(4, scrape, 8);
    const [best] = helpOf(problem);
    expect(best!.change.code).toBe('one_more_person');
    expect(best!.weightedLatenessMin).toBe(0);
    expect(best!.left).toBe(0);
    const { fromMs, toMs } = best!.change as { fromMs: number; toMs: number };
    expect(toMs - fromMs).toBe(2 * HOUR_MS);
  });

  it('is one more iron where only that is short', () => {
    const ironed: PlanStep = { key: 'iron', activeMin: 60, needs: ['iron'], ironC: 120 };
    expect(helpOf(bench(4, ironed, 8)).map(({ change }) => change.code)).toEqual(['one_more_iron']);
  });

  it('is a longer shift, too, where pairs are left out for want of time', () => {
    const found = helpOf(bench(3, scrape, 2));
    expect(found.map(({ change, left }) => [change.code, left])).toEqual([
      ['one_more_person', 0],
      ['longer_shift', 0],
    ]);
  });
});
