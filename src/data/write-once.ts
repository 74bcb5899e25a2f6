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
 * leaves nothing behind, not even its key. `deed` names what is done and to what; a key that comes with
 * another deed throws {@link KeyReused}.
 */
export async function writeOnce<T extends Outcome>(
  db: FrostDatabase,
  { key, deed, at }: { key: string; deed: string; at: string },
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
        if (done.deed !== deed) throw new KeyReused(key);
        return JSON.parse(done.answer) as T;
      }
      const outcome = await work(transaction);
      if (!outcome.ok) throw new Refused(outcome);
      const answer = JSON.stringify(outcome);
      await transaction.insertInto('write_key').values({ key, deed, answer, at }).execute();
      return outcome;
    });
  } catch (error) {
    if (error instanceof Refused) return error.outcome as T;
    throw error;
  }
}

/** Forgets keys so old that nobody sends them again. */
export async function forgetOldKeys(db: FrostDatabase, now: Date): Promise<void> {
  const before = new Date(now.getTime() - KEPT_DAYS * DAY_MS).toISOString();
  await db.deleteFrom('write_key').where('at', '<', before).execute();
}
