import { GRIP_TEST_FIELDS, type KeptGripTest } from '../core/model';
import type { FrostDatabase } from './database';
import { entityOf, rowOf } from './rows';

const fromRow = (row: object) => entityOf<KeptGripTest>(GRIP_TEST_FIELDS, row);

/** Keeps a test of grip. */
export async function addGripTest(db: FrostDatabase, test: KeptGripTest): Promise<void> {
  await db.insertInto('grip_test').values(rowOf(GRIP_TEST_FIELDS, test)).execute();
}

/** Tests of grip of an outing that stand, in order of time. */
export async function listGripTests(db: FrostDatabase, outingId: string): Promise<KeptGripTest[]> {
  const rows = await db
    .selectFrom('grip_test')
    .selectAll()
    .where('outing_id', '=', outingId)
    .where('removed_at', 'is', null)
    .orderBy('tested_at')
    .orderBy('id')
    .execute();
  return rows.map(fromRow);
}

/** Tests of grip of these ids. */
export async function gripTestsOf(
  db: FrostDatabase,
  ids: readonly string[],
): Promise<KeptGripTest[]> {
  const rows = await db.selectFrom('grip_test').selectAll().where('id', 'in', ids).execute();
  return rows.map(fromRow);
}

/** Takes a test back at a time, or with null puts it in again; false where there is none. */
export async function markGripTest(
  db: FrostDatabase,
  id: string,
  removedAt: string | null,
): Promise<boolean> {
  const done = await db
    .updateTable('grip_test')
    .set({ removed_at: removedAt })
    .where('id', '=', id)
    .executeTakeFirst();
  return done.numUpdatedRows > 0n;
}
