import type { Kysely } from 'kysely';

/** How long a film of a product takes to dry, by its label. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema.alterTable('product').addColumn('dry_min', 'real').execute();
}
