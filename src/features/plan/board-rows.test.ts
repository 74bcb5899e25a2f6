import { describe, expect, it } from 'vitest';
import type { KeptPlan } from '@/core/model';
import type { PlannedTask } from '@/core/plan';
import { boardRows, waitingSpans } from './board-rows';
import type { PlanNow } from './use-cases/load-plan';

const MINUTE_MS = 60_000;
const task = (pairId: string, from: number, rest: Partial<PlannedTask> = {}): PlannedTask => ({
  pairId,
  stepKey: 'iron hard 130',
  index: 0,
  startMs: from * MINUTE_MS,
  endMs: (from + 10) * MINUTE_MS,
  technicianId: 'Ada',
  ironId: 'Iron 1',
  ...rest,
});
const now = (tasks: PlannedTask[]): PlanNow => {
  const steps = [{ waitMin: 30 }];
  const plan = {
    cabin: { people: [{ id: 'Ada' }, { id: 'Bo' }], irons: ['Iron 1', 'Iron 2'] },
    pairs: ['a', 'b'].map((id) => ({ id, steps })),
    tasks,
  } as unknown as KeptPlan;
  return { plan } as PlanNow;
};

describe('the rows of the board', () => {
  it('are everybody who is there, and irons that are used', () => {
    const rows = boardRows(now([task('a', 0), task('b', 10, { technicianId: 'Bo' })]));
    expect(rows.map(({ name }) => name)).toEqual(['Ada', 'Bo', 'Iron 1']);
    // Whoever holds it: on the row of the iron it is one run.
    expect(rows[2]!.blocks.map(({ tasks }) => tasks.length)).toEqual([2]);
    expect(boardRows(now([])).map(({ blocks }) => blocks.length)).toEqual([0, 0]);
  });

  it('count who waits, from the end of hands to the end of the wait', () => {
    const spans = waitingSpans(now([task('a', 0), task('b', 10)]));
    expect(
      spans.map(({ fromMs, toMs, count }) => [fromMs / MINUTE_MS, toMs / MINUTE_MS, count]),
    ).toEqual([
      [10, 20, 1],
      [20, 40, 2],
      [40, 50, 1],
    ]);
    expect(waitingSpans(now([]))).toEqual([]);
  });
});
