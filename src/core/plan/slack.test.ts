import { describe, expect, it } from 'vitest';
import { PLAN_START_MS } from '../../../tests/unit/plan-instances';
import { leastSure, slackOf, trialsOf, type PlannedTask, type PlanProblem } from '.';

const MINUTE_MS = 60_000;
const atMin = (minutes: number) => PLAN_START_MS + minutes * MINUTE_MS;

/** One person with three pairs of an hour each, one after the other; the last is due after so many minutes. */
const threeInARow = (dueMin: number, logSd = 0.2): PlanProblem => ({
  startMs: PLAN_START_MS,
  technicians: [{ id: 'ada', fromMs: atMin(0), toMs: atMin(900) }],
  irons: [],
  pairs: ['a', 'b', 'c'].map((id) => ({
    id,
    dueMs: atMin(id === 'c' ? dueMin : 900),
    steps: [{ key: 'scrape', activeMin: 60, needs: ['technician'], logSd }],
  })),
});
const tasks: PlannedTask[] = ['a', 'b', 'c'].map((pairId, k) => ({
  pairId,
  stepKey: 'scrape',
  index: 0,
  startMs: atMin(60 * k),
  endMs: atMin(60 * (k + 1)),
  technicianId: 'ada',
}));

describe('where slack should lie', () => {
  it('is before the step that waits for work on other pairs, and as much as makes it sure', () => {
    // Three hours of three steps with a spread of a fifth: sd about 20.9 min, mean 183.6.
    const problem = threeInARow(185);
    const slack = slackOf(problem, { tasks }, { pairId: 'c' })!;
    expect(slack.inTime).toBeGreaterThan(0.45);
    expect(slack.inTime).toBeLessThan(0.65);
    expect(slack.free!.task).toEqual(tasks[2]);
    // 183.6 + 1.645 · 20.9 = 218: 33 minutes over, but time kept free cannot shorten the pair's own hour.
    expect(slack.free!.minutes).toBeGreaterThanOrEqual(25);
    expect(slack.free!.minutes).toBeLessThanOrEqual(40);
    expect(slack.free!.inTime).toBeGreaterThanOrEqual(0.95);
    const trials = trialsOf(problem, { tasks });
    expect(leastSure(trials.sureness)).toMatchObject({ pairId: 'c', inTime: slack.inTime });
    expect(trials.slack).toEqual(slack);
    expect(slackOf(problem, { tasks }, { pairId: 'c' })).toEqual(slack);
  });

  it('is not asked for where the pair is sure as it is, or not in the plan', () => {
    expect(slackOf(threeInARow(260), { tasks }, { pairId: 'c' })).toBeUndefined();
    expect(slackOf(threeInARow(185), { tasks }, { pairId: 'x' })).toBeUndefined();
  });

  it('helps nowhere where the own work of the pair fills its time', () => {
    const problem = threeInARow(185);
    const alone: PlanProblem = {
      ...problem,
      pairs: [{ ...problem.pairs[2]!, dueMs: atMin(60) }],
    };
    const slack = slackOf(
      alone,
      { tasks: [{ ...tasks[2]!, startMs: atMin(0), endMs: atMin(60) }] },
      { pairId: 'c' },
    )!;
    expect(slack.inTime).toBeLessThan(0.6);
    expect(slack.free).toBeUndefined();
  });

  it('says what it reaches where even that is not sure', () => {
    // The last pair alone needs an hour, and 62 minutes are left for it after two hours: its own hour stays unsure.
    const slack = slackOf(threeInARow(182, 0.3), { tasks }, { pairId: 'c' })!;
    const most = slack.free!;
    expect(most.inTime).toBeGreaterThan(slack.inTime);
    expect(most.minutes).toBeLessThanOrEqual(60);
  });
});
