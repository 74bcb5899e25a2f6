import { PLAN_FIELDS, type KeptPlan } from '../core/model';
import type { FrostDatabase } from './database';
import { entityOf, rowOf } from './rows';

const MOST_KEPT = 50;

/** The plan in force: the newest; undefined where there is none. */
export async function latestPlan(db: FrostDatabase): Promise<KeptPlan | undefined> {
  const row = await db
    .selectFrom('bench_plan')
    .selectAll()
    .orderBy('made_at', 'desc')
    .limit(1)
    .executeTakeFirst();
  return row && entityOf<KeptPlan>(PLAN_FIELDS, row);
}

/** Keeps a plan, which is in force from now on, and the last few before it. */
export async function addPlan(db: FrostDatabase, plan: KeptPlan): Promise<void> {
  await db.insertInto('bench_plan').values(rowOf(PLAN_FIELDS, plan)).execute();
  const newest = db.selectFrom('bench_plan').select('id').orderBy('made_at', 'desc');
  await db
    .deleteFrom('bench_plan')
    .where(({ not, eb }) => not(eb('id', 'in', newest.limit(MOST_KEPT))))
    .execute();
}

/** Takes a plan back: the one before is in force again. False when it is gone. */
export async function removePlan(db: FrostDatabase, id: string): Promise<boolean> {
  const done = await db.deleteFrom('bench_plan').where('id', '=', id).executeTakeFirst();
  return done.numDeletedRows > 0n;
}
