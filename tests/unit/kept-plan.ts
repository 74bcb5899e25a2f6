// First: what it stands in for must be known before the actions are loaded.
import { DAY } from './demo-app';
import { planBench } from '@/core/plan';
import type { FrostDatabase } from '@/data/database';
import { loadTeamSettings } from '@/data/team-settings';
import { groundAction } from '@/features/plan/actions';
import { act } from '@/writes/act';

const HOUR_MS = 3_600_000;
/** The morning of the slalom: nobody is in the cabin before half past nine. */
export const PLAN_MORNING = DAY.getTime() - 30 * HOUR_MS;

/** Plans the bench for the slalom of the demo, and keeps that plan. */
export async function keepDemoPlan(db: FrostDatabase): Promise<void> {
  const wish = { outingIds: ['demo-slalom'], readyMin: 45, topHours: 4 };
  const cabin = (await loadTeamSettings(db)).cabin!;
  const ground = await groundAction({ cabin, wish });
  if (!ground.ok) throw new Error(ground.error.message);
  const { problem } = ground.value.left;
  const { tasks } = planBench(problem, { searchS: 0.02 });
  const kept = await act('plan.keep', crypto.randomUUID(), {
    cabin,
    wish,
    tasks,
    fromMs: problem.startMs,
  });
  if (!kept.ok) throw new Error(kept.error.message);
}
