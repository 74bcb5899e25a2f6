import {
  GLIDE_RUN_FIELDS,
  GLIDE_TEST_FIELDS,
  type KeptGlideRun,
  type KeptGlideTest,
} from '../core/model';
import type { FrostDatabase } from './database';
import { entityOf, rowOf } from './rows';

const testOf = (row: object) => entityOf<KeptGlideTest>(GLIDE_TEST_FIELDS, row);
const runOf = (row: object) => entityOf<KeptGlideRun>(GLIDE_RUN_FIELDS, row);

/** Tests of an outing, the newest first. */
export async function listGlideTests(
  db: FrostDatabase,
  outingId: string,
): Promise<KeptGlideTest[]> {
  const rows = await db
    .selectFrom('glide_test')
    .selectAll()
    .where('outing_id', '=', outingId)
    .orderBy('started_at', 'desc')
    .orderBy('id')
    .execute();
  return rows.map(testOf);
}

/** Tests of all outings with the runs that stand, the oldest first. */
export async function allGlideTests(
  db: FrostDatabase,
): Promise<{ test: KeptGlideTest; runs: KeptGlideRun[] }[]> {
  const [tests, runs] = await Promise.all([
    db.selectFrom('glide_test').selectAll().orderBy('started_at').orderBy('id').execute(),
    db
      .selectFrom('glide_run')
      .selectAll()
      .where('removed_at', 'is', null)
      .orderBy('ran_at')
      .orderBy('id')
      .execute(),
  ]);
  const runsOf = new Map(tests.map(({ id }) => [id, [] as KeptGlideRun[]]));
  for (const row of runs) runsOf.get(row.test_id)!.push(runOf(row));
  return tests.map((row) => ({ test: testOf(row), runs: runsOf.get(row.id)! }));
}

/** One test; undefined when there is none of that id. */
export async function findGlideTest(
  db: FrostDatabase,
  id: string,
): Promise<KeptGlideTest | undefined> {
  const row = await db.selectFrom('glide_test').selectAll().where('id', '=', id).executeTakeFirst();
  return row && testOf(row);
}

/** Tests of these ids, with how many of their runs stand. */
export async function countedTestsOf(
  db: FrostDatabase,
  ids: readonly string[],
): Promise<{ test: KeptGlideTest; runs: number }[]> {
  const rows = await db
    .selectFrom('glide_test')
    .selectAll('glide_test')
    .select(({ selectFrom }) =>
      selectFrom('glide_run')
        .select(({ fn }) => fn.countAll<number>().as('runs'))
        .whereRef('test_id', '=', 'glide_test.id')
        .where('removed_at', 'is', null)
        .as('runs'),
    )
    .where('id', 'in', ids)
    .execute();
  return rows.map((row) => ({ test: testOf(row), runs: Number(row.runs) }));
}

/** Begins a test. */
export async function addGlideTest(db: FrostDatabase, test: KeptGlideTest): Promise<void> {
  await db.insertInto('glide_test').values(rowOf(GLIDE_TEST_FIELDS, test)).execute();
}

/** Runs of a test in the order of their times, without those that were taken back. */
export async function listGlideRuns(db: FrostDatabase, testId: string): Promise<KeptGlideRun[]> {
  const rows = await db
    .selectFrom('glide_run')
    .selectAll()
    .where('test_id', '=', testId)
    .where('removed_at', 'is', null)
    .orderBy('ran_at')
    .orderBy('id')
    .execute();
  return rows.map(runOf);
}

/** Adds a run. */
export async function addGlideRun(db: FrostDatabase, run: KeptGlideRun): Promise<void> {
  await db.insertInto('glide_run').values(rowOf(GLIDE_RUN_FIELDS, run)).execute();
}

/** Takes a run back at a time, or with null puts it in again; false where there is none. */
export async function markGlideRun(
  db: FrostDatabase,
  id: string,
  removedAt: string | null,
): Promise<boolean> {
  const done = await db
    .updateTable('glide_run')
    .set({ removed_at: removedAt })
    .where('id', '=', id)
    .executeTakeFirst();
  return done.numUpdatedRows > 0n;
}
