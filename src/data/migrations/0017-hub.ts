import { sql, type Kysely } from 'kysely';

/** The hub that this cabin exchanges its book over, how far it has read there, and what it has handed in. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema
    .createTable('hub_link')
    .addColumn('id', 'integer', (c) => c.primaryKey().check(sql`id = 1`))
    .addColumn('url', 'text', (c) => c.notNull())
    .addColumn('token', 'text', (c) => c.notNull())
    .addColumn('pulled', 'text')
    .addColumn('pushed', 'text')
    .addColumn('agreed_at', 'text')
    .addColumn('problem', 'text')
    .execute();
  await db.schema
    .createTable('hub_sent')
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('ref', 'text', (c) => c.notNull())
    .addColumn('sum', 'text', (c) => c.notNull())
    .addPrimaryKeyConstraint('hub_sent_key', ['kind', 'ref'])
    .execute();
}
