import { sql } from 'kysely';
import { KeyReused } from '../core/faults';
import { inTransaction, type FrostDatabase } from './database';

/** What a write gives back: whether it was done, and what else there is to say. */
interface Outcome {
  ok: boolean;
}

const KEPT_DAYS = 30;
const DAY_MS = 86_400_000;

/** Ends a transaction that was refused half-way, with what is to be answered. */
class Refused extends Error {
  constructor(readonly outcome: Outcome) {
    super('refused');
  }
}

/**
 * Does a write once for a key that the client made, in one transaction with the key: sent again (a double
 * click, an answer that was lost) it changes nothing and gives the first answer. A write that is refused
 * leaves nothing behind, not even its key. `name` says what is done and to what; a key that comes with
 * another name throws {@link KeyReused}.
 */
export async function writeOnce<T extends Outcome>(
  db: FrostDatabase,
  { key, name, at }: { key: string; name: string; at: string },
  work: (transaction: FrostDatabase) => Promise<T>,
): Promise<T> {
  try {
    return await inTransaction(db, async (transaction) => {
      const done = await transaction
        .selectFrom('write_key')
        .select(['deed', 'answer'])
        .where('key', '=', key)
        .executeTakeFirst();
      if (done) {
        if (done.deed !== name) throw new KeyReused(key);
        return JSON.parse(done.answer) as T;
      }
      const outcome = await work(transaction);
      if (!outcome.ok) throw new Refused(outcome);
      const answer = JSON.stringify(outcome);
      await transaction.insertInto('write_key').values({ key, deed: name, answer, at }).execute();
      return outcome;
    });
  } catch (error) {
    if (error instanceof Refused) return error.outcome as T;
    throw error;
  }
}

/** A record that was written by the same key before, but whose key is not known here. */
interface Taken {
  table: string;
  column: string;
}

/** Which record is there already, by what SQLite says of it. */
function takenBy(error: unknown): Taken | undefined {
  if ((error as { code?: string }).code !== 'SQLITE_CONSTRAINT_PRIMARYKEY') return undefined;
  const [, table, column] = /: (\w+)\.(\w+)$/.exec((error as Error).message) ?? [];
  return table && column ? { table, column } : undefined;
}

/** Ends a trial, with what it found. */
class Tried<T> extends Error {
  constructor(
    readonly isSame: boolean,
    readonly outcome: T,
  ) {
    super('tried');
  }
}

const rowOf = async (db: FrostDatabase, { table, column }: Taken, id: string) => {
  const { rows } = await sql<Record<string, unknown>>`
    select * from ${sql.table(table)} where ${sql.ref(column)} = ${id}`.execute(db);
  return rows[0];
};

/**
 * What to answer to a write whose record is there already though its key is not known: it was sent long ago, or came by
 * another way. It is done once more under another id and taken back: where the same comes of it, it was done. Throws
 * {@link KeyReused} where another record has its id.
 */
export async function answerRepeated<T extends Outcome>(
  db: FrostDatabase,
  { key, error, newId }: { key: string; error: unknown; newId: string },
  work: (transaction: FrostDatabase, id: string) => Promise<T>,
): Promise<T> {
  const taken = takenBy(error);
  if (!taken) throw error;
  const plain = (row: Record<string, unknown> | undefined) =>
    JSON.stringify(row && { ...row, [taken.column]: null, created_at: null });
  try {
    await db.transaction().execute(async (transaction) => {
      const kept = await rowOf(transaction, taken, key);
      const outcome = await work(transaction, newId);
      const again = await rowOf(transaction, taken, newId);
      const isSame = kept !== undefined && again !== undefined && plain(kept) === plain(again);
      throw new Tried(isSame, outcome);
    });
  } catch (tried) {
    if (!(tried instanceof Tried)) throw tried;
    if (!tried.isSame) throw new KeyReused(key);
    return JSON.parse(JSON.stringify(tried.outcome).replaceAll(newId, key)) as T;
  }
  throw error;
}

const DONE_LONG_AGO = JSON.stringify({ ok: true, value: null });

/**
 * Forgets what was answered to keys so old that nobody waits for it. The keys stay: a device may send a write long
 * after, and a clock may have been wrong.
 */
export async function forgetOldKeys(db: FrostDatabase, now: Date): Promise<void> {
  const before = new Date(now.getTime() - KEPT_DAYS * DAY_MS).toISOString();
  await db
    .updateTable('write_key')
    .set({ answer: DONE_LONG_AGO })
    .where('at', '<', before)
    .where('answer', '!=', DONE_LONG_AGO)
    .execute();
}
