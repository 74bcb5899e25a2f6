import { sql, type Kysely } from 'kysely';

/** Skis with their events, findings and photos; jobs of the bench with every step as it was worked. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema
    .createTable('ski')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('name', 'text', (c) => c.notNull())
    .addColumn('owner', 'text', (c) => c.notNull())
    .addColumn('type', 'text', (c) => c.notNull())
    .addColumn('length_cm', 'real', (c) => c.notNull())
    .addColumn('waist_mm', 'real', (c) => c.notNull())
    .addColumn('base_type', 'text', (c) => c.notNull())
    .addColumn('grind_mm', 'real')
    .addColumn('grind_pattern', 'text')
    .addColumn('ground_on', 'text')
    .addColumn('base_bevel_deg', 'real')
    .addColumn('side_bevel_deg', 'real')
    .addColumn('has_brakes', 'integer', (c) => c.notNull())
    .addColumn('purpose', 'text', (c) => c.notNull())
    .addColumn('note', 'text')
    .addColumn('removed_at', 'text')
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema
    .createTable('ski_event')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('ski_id', 'text', (c) => c.notNull().references('ski.id'))
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('details', 'text', (c) => c.notNull())
    .addColumn('at', 'text', (c) => c.notNull())
    .addColumn('job_id', 'text')
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema
    .createTable('finding')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('ski_id', 'text', (c) => c.notNull().references('ski.id'))
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('position_cm', 'real', (c) => c.notNull())
    .addColumn('side', 'text', (c) => c.notNull())
    .addColumn('found_at', 'text', (c) => c.notNull())
    .addColumn('cleared_at', 'text')
    .addColumn('cleared_by_job', 'text')
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema
    .createTable('ski_photo')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('ski_id', 'text', (c) => c.notNull().references('ski.id'))
    .addColumn('jpeg', 'blob', (c) => c.notNull())
    .addColumn('created_at', 'text', (c) => c.notNull())
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema
    .createTable('job')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('outing_id', 'text', (c) => c.notNull().references('outing.id'))
    .addColumn('ski_id', 'text', (c) => c.notNull().references('ski.id'))
    .addColumn('choice_id', 'text')
    .addColumn('sheet', 'text', (c) => c.notNull())
    .addColumn('started_at', 'text', (c) => c.notNull())
    .addColumn('ended_at', 'text')
    .addColumn('dropped_at', 'text')
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema
    .createTable('job_step')
    .addColumn('job_id', 'text', (c) => c.notNull().references('job.id'))
    .addColumn('position', 'integer', (c) => c.notNull())
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('started_at', 'text', (c) => c.notNull())
    .addColumn('due_at', 'text')
    .addColumn('least_at', 'text')
    .addColumn('ended_at', 'text')
    .addColumn('outcome', 'text')
    .addColumn('skip_reason', 'text')
    .addColumn('set_c', 'real')
    .addColumn('grams', 'real')
    .addPrimaryKeyConstraint('job_step_key', ['job_id', 'position'])
    .modifyEnd(sql`strict`)
    .execute();
  const indexes: [string, string, string[]][] = [
    ['ski_event_by_ski', 'ski_event', ['ski_id', 'at']],
    ['finding_by_ski', 'finding', ['ski_id', 'cleared_at']],
    ['ski_photo_by_ski', 'ski_photo', ['ski_id']],
    ['job_by_outing', 'job', ['outing_id', 'started_at']],
    ['job_step_by_kind', 'job_step', ['kind', 'outcome']],
  ];
  for (const [name, table, columns] of indexes) {
    await db.schema.createIndex(name).on(table).columns(columns).execute();
  }
}
