import { sql, type Kysely } from 'kysely';

/** Text of a statement. */
const text = String.raw;

/** Tables whose rows a person may remove for good, with the columns that name a row. */
const REMOVED_FROM: readonly (readonly [table: string, keys: readonly string[]])[] = [
  ['product', ['id']],
  ['photo', ['id']],
  ['grip_note', ['id']],
  ['ski_event', ['id']],
  ['track_event', ['id']],
  ['starter', ['id']],
  ['bench_plan', ['id']],
  ['job_step', ['job_id', 'position']],
  ['weather', ['station_id', 'time', 'taken_in_at']],
];

const NOW = text`strftime('%Y-%m-%dT%H:%M:%fZ', 'now')`;

function triggersOf(table: string, keys: readonly string[]): string[] {
  const ref = (row: string) => keys.map((key) => `${row}.${key}`).join(` || '|' || `);
  return [
    text`create trigger gone_${table} after delete on ${table} begin
      insert into gone (kind, ref, gone_at) values ('${table}', ${ref('old')}, ${NOW})
      on conflict (kind, ref) do update set gone_at = excluded.gone_at; end`,
    text`create trigger back_${table} after insert on ${table} begin
      update gone set back_at = ${NOW} where kind = '${table}' and ref = ${ref('new')}; end`,
  ];
}

/** What was removed for good, and when it came back: two books that meet must not bring it back by chance. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema
    .createTable('gone')
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('ref', 'text', (c) => c.notNull())
    .addColumn('gone_at', 'text', (c) => c.notNull())
    .addColumn('back_at', 'text')
    .addPrimaryKeyConstraint('gone_key', ['kind', 'ref'])
    .execute();
  for (const columns of [['created_at'], ['outing_id', 'created_at']]) {
    await db.schema
      .createIndex(`choice_by_${columns.join('_')}`)
      .on('choice')
      .columns(columns)
      .execute();
  }
  for (const [table, keys] of REMOVED_FROM) {
    for (const statement of triggersOf(table, keys)) await sql.raw(statement).execute(db);
  }
}
