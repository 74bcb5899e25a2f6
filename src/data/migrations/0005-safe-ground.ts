import { sql, type Kysely } from 'kysely';

const VERSIONED = ['ski', 'product', 'venue', 'outing', 'station'];

const INDEXES: readonly (readonly [string, string, string])[] = [
  ['reading_by_time', 'reading', 'outing_id, taken_at'],
  ['reading_by_moment', 'reading', 'taken_at'],
  ['reading_by_import', 'reading', 'import_id'],
  ['choice_in_order', 'choice', 'outing_id'],
  ['job_by_ski', 'job', 'ski_id'],
  ['job_step_by_outcome', 'job_step', 'outcome, ended_at'],
  ['ski_event_by_time', 'ski_event', 'at'],
  ['ski_event_by_job', 'ski_event', 'job_id'],
  ['finding_by_job', 'finding', 'cleared_by_job'],
  ['stock_move_by_time', 'stock_move', 'at'],
];

/** Keys of writes already done, versions of what several people change, and indexes on what is asked. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema
    .createTable('write_key')
    .addColumn('key', 'text', (c) => c.primaryKey())
    .addColumn('deed', 'text', (c) => c.notNull())
    .addColumn('answer', 'text', (c) => c.notNull())
    .addColumn('at', 'text', (c) => c.notNull())
    .modifyEnd(sql`strict`)
    .execute();
  for (const table of VERSIONED) {
    await db.schema
      .alterTable(table)
      .addColumn('version', 'integer', (c) => c.notNull().defaultTo(1))
      .execute();
  }
  await db.schema
    .alterTable('venue')
    .addColumn('course_version', 'integer', (c) => c.notNull().defaultTo(1))
    .execute();
  for (const [name, table, columns] of INDEXES) {
    await sql.raw(`create index ${name} on ${table} (${columns})`).execute(db);
  }
  await sql
    .raw(`create index job_open on job (ski_id) where ended_at is null and dropped_at is null`)
    .execute(db);
}
