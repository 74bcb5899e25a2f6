import type { Kysely } from 'kysely';

/** How long a film of a product takes to dry, by its label; and the pair whose pocket was measured. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema.alterTable('product').addColumn('dry_min', 'real').execute();
  await db.schema.alterTable('grip_note').addColumn('ski_id', 'text').execute();
  await db.schema
    .createIndex('grip_note_by_ski')
    .on('grip_note')
    .columns(['ski_id', 'at'])
    .execute();
}
