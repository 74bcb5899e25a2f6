import type { Kysely } from 'kysely';

/** What was changed in two cabins at once, as the hub settled it: both records differ in these columns. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema
    .createTable('hub_decided')
    .addColumn('id', 'text', (c) => c.primaryKey().notNull())
    .addColumn('cabin', 'text', (c) => c.notNull())
    .addColumn('at', 'text', (c) => c.notNull())
    .addColumn('difference', 'text', (c) => c.notNull())
    .execute();
}
