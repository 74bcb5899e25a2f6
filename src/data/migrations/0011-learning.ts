import type { Kysely } from 'kysely';

/** How choices turned out. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema
    .createTable('outcome')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('choice_id', 'text', (c) => c.notNull().references('choice.id'))
    .addColumn('glide', 'text', (c) => c.notNull())
    .addColumn('feel', 'text', (c) => c.notNull())
    .addColumn('created_at', 'text', (c) => c.notNull())
    .addColumn('removed_at', 'text')
    .execute();
  await db.schema.createIndex('outcome_by_choice').on('outcome').column('choice_id').execute();
}
