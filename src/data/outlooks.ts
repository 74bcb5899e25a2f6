import { deserialize, serialize } from 'node:v8';
import type { Outlook } from '../core/snow/outlook';
import { isStorageFault } from '../core/faults';
import type { FrostDatabase } from './database';

const MOST_KEPT = 300;

/** A computed outlook by the hash of its input; undefined where there is none, or one of another runtime. */
export async function findOutlook(db: FrostDatabase, key: string): Promise<Outlook | undefined> {
  const row = await db
    .selectFrom('outlook')
    .select('answer')
    .where('key', '=', key)
    .executeTakeFirst();
  if (!row) return undefined;
  try {
    return deserialize(row.answer) as Outlook;
  } catch {
    return undefined;
  }
}

/** Keeps a computed outlook, and no more than the newest few hundred; a database that cannot be written keeps none. */
export async function keepOutlook(
  db: FrostDatabase,
  { key, outlook, at }: { key: string; outlook: Outlook; at: string },
): Promise<void> {
  try {
    await db
      .replaceInto('outlook')
      .values({ key, at, answer: serialize(outlook) })
      .execute();
    const newest = db.selectFrom('outlook').select('key').orderBy('at', 'desc').limit(MOST_KEPT);
    await db
      .deleteFrom('outlook')
      .where(({ not, eb }) => not(eb('key', 'in', newest)))
      .execute();
  } catch (error) {
    // It can be computed again; that nothing can be written is said elsewhere.
    if (!isStorageFault(error)) throw error;
  }
}
