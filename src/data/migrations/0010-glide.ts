import type { Kysely } from 'kysely';

/** Glide tests and their runs. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema
    .createTable('glide_test')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('outing_id', 'text', (c) => c.notNull().references('outing.id'))
    .addColumn('started_at', 'text', (c) => c.notNull())
    .addColumn('measure', 'text', (c) => c.notNull())
    .addColumn('skis', 'text', (c) => c.notNull())
    .addColumn('hill', 'text')
    .addColumn('snow', 'text')
    .addColumn('tester', 'text')
    .addColumn('track', 'text')
    .execute();
  await db.schema
    .createIndex('glide_test_by_outing')
    .on('glide_test')
    .columns(['outing_id', 'started_at'])
    .execute();
  await db.schema
    .createTable('glide_run')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('test_id', 'text', (c) => c.notNull().references('glide_test.id'))
    .addColumn('ski', 'text', (c) => c.notNull())
    .addColumn('value', 'real', (c) => c.notNull())
    .addColumn('ran_at', 'text', (c) => c.notNull())
    .addColumn('removed_at', 'text')
    .execute();
  await db.schema
    .createIndex('glide_run_by_test')
    .on('glide_run')
    .columns(['test_id', 'ran_at'])
    .execute();
}
