import { CompiledQuery, type Insertable } from 'kysely';
import type { FrostDatabase } from './database';
import { nextTurn } from './next-turn';
import type { Tables } from './schema';

/** Rows a statement: small enough to prepare fast, large enough to be few. */
const BATCH = 40;
/** Rows between two pauses, so that others are served while many are stored. */
const A_TURN = 160;

/**
 * Inserts many rows of the same columns into a table. The statement is compiled once for a whole batch
 * and then only filled: building it anew for each batch takes longer than the database takes to store it.
 * Every row must name every column.
 */
export async function insertMany<T extends keyof Tables & string>(
  db: FrostDatabase,
  table: T,
  rows: readonly Insertable<Tables[T]>[],
): Promise<void> {
  const compile = (batch: readonly Insertable<Tables[T]>[]) =>
    db.insertInto(table).values(batch).compile();
  const columns = Object.keys(rows[0] ?? {}) as (keyof Insertable<Tables[T]>)[];
  let whole: CompiledQuery | undefined;
  for (let from = 0; from < rows.length; from += BATCH) {
    if (from > 0 && from % A_TURN === 0) await nextTurn();
    const batch = rows.slice(from, from + BATCH);
    if (batch.length < BATCH) await db.executeQuery(compile(batch));
    else {
      whole ??= compile(batch);
      const parameters = batch.flatMap((row) => columns.map((column) => row[column]));
      await db.executeQuery(CompiledQuery.raw(whole.sql, parameters));
    }
  }
}
