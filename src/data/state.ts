import { sql } from 'kysely';
import type { FrostDatabase } from './database';

/**
 * A text that is another one after every write, whoever wrote: what was worked out from the database is good for as long
 * as it stays the same. Asked of the connection that reads, so that it waits for no transaction.
 */
export async function stateOf(db: FrostDatabase): Promise<string> {
  const { version, changes } = await db
    .selectFrom(sql<{ data_version: number }>`pragma_data_version`.as('pragma'))
    .select([sql<number>`data_version`.as('version'), sql<number>`total_changes()`.as('changes')])
    .executeTakeFirstOrThrow();
  return `${version} ${changes}`;
}
