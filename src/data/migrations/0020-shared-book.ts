import { sql, type Kysely } from 'kysely';

/** Text of a statement. */
const text = String.raw;
const ID = ['id'];
const year = (column: string) => (kind: string) => text`'${kind}/' || substr(x.${column}, 1, 4)`;
const month = (column: string) => (kind: string) => text`'${kind}/' || substr(x.${column}, 1, 7)`;
const ending = (column: string) => (kind: string) => text`'${kind}/' || substr(x.${column}, -1)`;
const whole = (kind: string) => `'${kind}'`;

interface Source {
  kind: string;
  table: string;
  keys: readonly string[];
  /** The document of a row `x`. */
  document: (kind: string) => string;
}

const source = (
  kind: string,
  document: Source['document'] = whole,
  keys: readonly string[] = ID,
): Source => ({ kind, table: kind, keys, document });

/** What belongs to the book of a cabin, as it was when this was written. */
const SOURCES: readonly Source[] = [
  source('venue'),
  { ...source('course'), table: 'venue' },
  { ...source('course', whole, ['venue_id']), table: 'segment' },
  source('station'),
  source('venue_station', whole, ['venue_id', 'station_id']),
  source('weather', month('taken_in_at'), ['station_id', 'time', 'taken_in_at']),
  source('outing'),
  source('product'),
  source('stock_move', year('at')),
  source('skier'),
  source('ski'),
  source('reading', year('created_at')),
  source('photo', year('created_at')),
  source('choice', month('created_at')),
  source('outcome', year('created_at')),
  source('job', month('started_at')),
  source('job_step', ending('job_id'), ['job_id', 'position']),
  source('ski_event', year('at')),
  source('finding', year('found_at')),
  source('ski_photo', year('created_at')),
  source('glide_test', year('started_at')),
  source('glide_run', year('ran_at')),
  source('grip_test', year('tested_at')),
  source('grip_note', year('at')),
  source('track_event', year('at')),
  source('starter'),
  source('bench_plan', year('made_at')),
  source('note', year('created_at')),
  source('learner'),
  source('drill_answer', year('answered_at')),
  source('dispute', year('disputed_at')),
  source('signature', ending('ref'), ['kind', 'ref', 'hand']),
  source('team_setting', whole, ['key']),
];

/** Notes the record of a row `new` or `old` as touched. */
function touch({ kind, keys, document }: Source, row: string): string {
  const ref = keys.map((key) => `${row}.${key}`).join(` || '|' || `);
  return text`insert into shared_touched (kind, ref, document)
    values ('${kind}', ${ref}, ${document(kind).replaceAll('x.', `${row}.`)})
    on conflict (kind, ref) do nothing`;
}

/** The book as documents that cabins exchange, what was changed here since, and what came and could not be taken in. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema
    .createTable('shared_document')
    .addColumn('name', 'text', (c) => c.primaryKey().notNull())
    .addColumn('state', 'blob', (c) => c.notNull())
    .addColumn('sent', 'blob')
    .addColumn('is_ahead', 'integer', (c) => c.notNull())
    .execute();
  await db.schema
    .createTable('shared_touched')
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('ref', 'text', (c) => c.notNull())
    .addColumn('document', 'text', (c) => c.notNull())
    .addPrimaryKeyConstraint('shared_touched_key', ['kind', 'ref'])
    .execute();
  await db.schema
    .createTable('shared_session')
    .addColumn('id', 'integer', (c) => c.primaryKey().notNull())
    .execute();
  await db.schema
    .createTable('shared_held')
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('ref', 'text', (c) => c.notNull())
    .addColumn('document', 'text', (c) => c.notNull())
    .addColumn('cabin', 'text', (c) => c.notNull())
    .addColumn('label', 'text', (c) => c.notNull())
    .addColumn('reason', 'text', (c) => c.notNull())
    .addColumn('at', 'text', (c) => c.notNull())
    .addPrimaryKeyConstraint('shared_held_key', ['kind', 'ref'])
    .execute();
  await db.schema
    .createTable('shared_removal')
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('ref', 'text', (c) => c.notNull())
    .addColumn('cabin', 'text', (c) => c.notNull())
    .addColumn('at', 'text', (c) => c.notNull())
    .addPrimaryKeyConstraint('shared_removal_key', ['kind', 'ref'])
    .execute();
  await db.schema
    .createTable('shared_picture')
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('ref', 'text', (c) => c.notNull())
    .addPrimaryKeyConstraint('shared_picture_key', ['kind', 'ref'])
    .execute();
  await db.schema
    .alterTable('hub_link')
    .addColumn('is_joined', 'integer', (c) => c.notNull().defaultTo(0))
    .execute();
  await db.schema.alterTable('hub_link').addColumn('twin_at', 'text').execute();
  for (const one of SOURCES) {
    const { kind, table } = one;
    const when = [
      ['insert', 'new'],
      ['update', 'new'],
      ['delete', 'old'],
    ] as const;
    for (const [event, row] of when) {
      const name = `touch_${kind}_${table}_${event}`;
      const statement = text`create trigger ${name} after ${event} on ${table}
        when exists (select 1 from hub_link) begin
        ${touch(one, row)}; end`;
      await sql.raw(statement).execute(db);
    }
  }
}
