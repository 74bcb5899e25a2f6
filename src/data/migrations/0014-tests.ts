import { sql, type Kysely } from 'kysely';

/** Text of a statement. */
const text = String.raw;

const TAKE_OUT = text`delete from log_entry where kind = 'grip' and ref_id = old.id`;
const PUT = text`insert or ignore into log_entry (kind, ref_id, outing_id, ski_id, at, words)
  select 'grip', new.id, new.outing_id, null, new.tested_at,
    new.wax || ' ' || new.verdict || ' ' || coalesce(new.tester, '') || ' ' || coalesce(new.note, '')
  where new.removed_at is null`;

/** Tests of grip on a marked hill; structure and reference ski of a glide test. */
export async function up(db: Kysely<unknown>): Promise<void> {
  for (const column of ['structure', 'reference']) {
    await db.schema.alterTable('glide_test').addColumn(column, 'text').execute();
  }
  await db.schema
    .createTable('grip_test')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('outing_id', 'text', (c) => c.notNull().references('outing.id'))
    .addColumn('tested_at', 'text', (c) => c.notNull())
    .addColumn('wax', 'text', (c) => c.notNull())
    .addColumn('layers', 'real', (c) => c.notNull())
    .addColumn('held_marks', 'real', (c) => c.notNull())
    .addColumn('verdict', 'text', (c) => c.notNull())
    .addColumn('tester', 'text')
    .addColumn('note', 'text')
    .addColumn('removed_at', 'text')
    .execute();
  await db.schema
    .createIndex('grip_test_by_outing')
    .on('grip_test')
    .columns(['outing_id', 'tested_at'])
    .execute();
  await sql
    .raw(text`create trigger log_grip_added after insert on grip_test begin ${PUT}; end`)
    .execute(db);
  await sql
    .raw(
      text`create trigger log_grip_changed after update of removed_at on grip_test begin
        ${TAKE_OUT}; ${PUT}; end`,
    )
    .execute(db);
}
