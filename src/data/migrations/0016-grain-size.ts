import type { Kysely } from 'kysely';

/** The size of grains, where somebody measured or judged it. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema.alterTable('reading').addColumn('grain_mm', 'real').execute();
}
