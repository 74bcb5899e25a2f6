import { sql, type Kysely } from 'kysely';
import { inTransaction, type FrostDatabase } from './database';

/** What the append-only tables have in common, which is all that taking back needs. */
interface AppendOnlyRow {
  id: string;
  corrects_id: string | null;
  withdrawn: 0 | 1;
  created_at: string;
  import_id?: string | null;
}

export type AppendOnlyTable = 'reading' | 'choice';
type AppendOnlyTables = Record<AppendOnlyTable, AppendOnlyRow>;

/** Where a new row's id and time come from. */
export interface Stamp {
  newId: () => string;
  at: string;
}

const BATCH = 500;

const asAppendOnly = (db: FrostDatabase) => db as unknown as Kysely<AppendOnlyTables>;

/** No later row corrects this one. */
const uncorrected = (table: AppendOnlyTable) => sql<boolean>`not exists (
  select 1 from ${sql.table(table)} as later where later.corrects_id = ${sql.ref('row.id')})`;

/** Rows of a table that no later row corrects and that are not themselves a withdrawal. */
async function standingRows(
  db: Kysely<AppendOnlyTables>,
  { table, column, value }: { table: AppendOnlyTable; column: 'id' | 'import_id'; value: string },
): Promise<AppendOnlyRow[]> {
  return db
    .selectFrom(`${table} as row` as 'reading as row')
    .selectAll('row')
    .where(`row.${column}`, '=', value)
    .where('row.withdrawn', '=', 0)
    .where(uncorrected(table))
    .execute();
}

const A_MS = 1;

/** A moment, or just after the newest row of a table: a clock that was set back must not hide what comes in. */
export async function afterAll(
  db: FrostDatabase,
  table: AppendOnlyTable,
  at: string,
): Promise<string> {
  const { newest } = await asAppendOnly(db)
    .selectFrom(table)
    .select(({ fn }) => fn.max('created_at').as('newest'))
    .executeTakeFirstOrThrow();
  return newest === null || newest < at ? at : new Date(Date.parse(newest) + A_MS).toISOString();
}

/**
 * Takes back standing rows, by id or by the import that brought them, through a further row each.
 * Returns how many there were.
 */
export async function withdrawRows(
  db: FrostDatabase,
  {
    table,
    column,
    value,
    stamp,
  }: { table: AppendOnlyTable; column: 'id' | 'import_id'; value: string; stamp: Stamp },
): Promise<number> {
  return inTransaction(db, async (transaction) => {
    const target = asAppendOnly(transaction);
    const rows = await standingRows(target, { table, column, value });
    for (let from = 0; from < rows.length; from += BATCH) {
      const withdrawals = rows.slice(from, from + BATCH).map((row) => ({
        ...row,
        id: stamp.newId(),
        corrects_id: row.id,
        withdrawn: 1 as const,
        created_at: stamp.at,
      }));
      await target.insertInto(table).values(withdrawals).execute();
    }
    return rows.length;
  });
}

/**
 * Undoes the withdrawal of the row `id` that stands, by a row that corrects it, and gives the id of
 * that row; undefined when it was not withdrawn, or is back already.
 */
export async function restoreRow(
  db: FrostDatabase,
  { table, id, stamp }: { table: AppendOnlyTable; id: string; stamp: Stamp },
): Promise<string | undefined> {
  return inTransaction(db, async (transaction) => {
    const target = asAppendOnly(transaction);
    const withdrawal = await target
      .selectFrom(`${table} as row` as 'reading as row')
      .selectAll('row')
      .where('row.corrects_id', '=', id)
      .where('row.withdrawn', '=', 1)
      .where(uncorrected(table))
      .executeTakeFirst();
    if (!withdrawal) return undefined;
    const restoredId = stamp.newId();
    await target
      .insertInto(table)
      .values({
        ...withdrawal,
        id: restoredId,
        corrects_id: withdrawal.id,
        withdrawn: 0,
        created_at: await afterAll(transaction, table, stamp.at),
      })
      .execute();
    return restoredId;
  });
}
