import { READING_FIELDS, type Reading } from '../core/model';
import { sql } from 'kysely';
import { inTransaction, type FrostDatabase } from './database';
import { insertMany } from './insert-many';
import { inPages } from './pages';
import { entityOf, rowOf } from './rows';
import type { NewReading } from './schema';

const fromRow = (row: object) => entityOf<Reading>(READING_FIELDS, row);
const toRow = (reading: Reading): NewReading => ({
  ...rowOf(READING_FIELDS, reading),
  withdrawn: 0,
});

/** Rows that no later row corrects or withdraws. */
const standing = (db: FrostDatabase) =>
  db
    .selectFrom('reading')
    .selectAll()
    .where('withdrawn', '=', 0)
    .where(({ not, exists, selectFrom }) =>
      not(
        exists(
          selectFrom('reading as later')
            .select('later.id')
            .whereRef('later.corrects_id', '=', 'reading.id'),
        ),
      ),
    );

/** The order in which rows came in, whatever the clock said. */
const IN_ORDER = sql<number>`reading.rowid`;

/** Readings that stand, latest first; of one outing, or of all; up to `most` of them. */
export async function listReadings(
  db: FrostDatabase,
  outingId?: string,
  most?: number,
): Promise<Reading[]> {
  let query = standing(db).orderBy('taken_at', 'desc').orderBy(IN_ORDER, 'desc');
  if (outingId !== undefined) query = query.where('outing_id', '=', outingId);
  if (most !== undefined) query = query.limit(most);
  return (await query.execute()).map(fromRow);
}

/** A reading that stands, by its id. */
export async function findReading(db: FrostDatabase, id: string): Promise<Reading | undefined> {
  const row = await standing(db).where('reading.id', '=', id).executeTakeFirst();
  return row && fromRow(row);
}

/** Readings of these ids, whether they stand or not. */
export async function readingsOf(db: FrostDatabase, ids: readonly string[]): Promise<Reading[]> {
  const rows = await db.selectFrom('reading').selectAll().where('id', 'in', ids).execute();
  return rows.map(fromRow);
}

/** How many readings of an import still stand, and from how cold to how warm they go. */
export async function sumOfImport(
  db: FrostDatabase,
  importId: string,
): Promise<{ count: number; lowC: number; highC: number }> {
  const row = await standing(db)
    .where('import_id', '=', importId)
    .clearSelect()
    .select(({ fn }) => [
      fn.countAll<number>().as('count'),
      fn.min('snow_temperature_c').as('low'),
      fn.max('snow_temperature_c').as('high'),
    ])
    .executeTakeFirstOrThrow();
  return { count: Number(row.count), lowC: Number(row.low), highC: Number(row.high) };
}

/** All readings that stand, latest first, in pages; of one outing, or of all. */
export function pagesOfReadings(
  db: FrostDatabase,
  outingId?: string,
): AsyncGenerator<readonly Reading[]> {
  const ordered = () =>
    standing(db).orderBy('taken_at', 'desc').orderBy(IN_ORDER, 'desc').clearSelect().select('id');
  return inPages(
    async () => {
      const query =
        outingId === undefined ? ordered() : ordered().where('outing_id', '=', outingId);
      return (await query.execute()).map((row) => row.id);
    },
    async (ids) => {
      const byId = new Map((await readingsOf(db, ids)).map((one) => [one.id, one]));
      return ids.map((id) => byId.get(id)!);
    },
  );
}

/** Adds readings, all or none. A row may name the one it corrects. */
export async function addReadings(db: FrostDatabase, readings: readonly Reading[]): Promise<void> {
  const rows = readings.map(toRow);
  await inTransaction(db, (transaction) => insertMany(transaction, 'reading', rows));
}
