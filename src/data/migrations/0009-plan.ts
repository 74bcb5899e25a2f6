import type { Kysely } from 'kysely';

/** Who races on what, and plans of the bench. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema.alterTable('ski').addColumn('flex_kg', 'real').execute();
  await db.schema
    .createTable('skier')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('name', 'text', (c) => c.notNull())
    .addColumn('weight_kg', 'real')
    .addColumn('note', 'text')
    .execute();
  await db.schema
    .createTable('starter')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('outing_id', 'text', (c) => c.notNull().references('outing.id'))
    .addColumn('skier_id', 'text', (c) => c.notNull().references('skier.id'))
    .addColumn('ski_id', 'text', (c) => c.references('ski.id'))
    .addColumn('why', 'text')
    .addColumn('likes_ski_id', 'text', (c) => c.references('ski.id'))
    .addColumn('priority', 'real')
    .addUniqueConstraint('starter_once', ['outing_id', 'skier_id'])
    .execute();
  await db.schema
    .createTable('bench_plan')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('made_at', 'text', (c) => c.notNull())
    .addColumn('wish', 'text', (c) => c.notNull())
    .addColumn('cabin', 'text', (c) => c.notNull())
    .addColumn('time_zone', 'text', (c) => c.notNull())
    .addColumn('pairs', 'text', (c) => c.notNull())
    .addColumn('tasks', 'text', (c) => c.notNull())
    .addColumn('left_out', 'text', (c) => c.notNull())
    .addColumn('lower_bound', 'text', (c) => c.notNull())
    .addColumn('is_moved', 'integer', (c) => c.notNull())
    .execute();
  await db.schema.createIndex('bench_plan_by_time').on('bench_plan').column('made_at').execute();
}
