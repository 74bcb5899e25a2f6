import { sql, type Kysely } from 'kysely';

/** Text of a statement. */
const text = String.raw;

/** Tables whose rows people write, with the columns that name a row. */
const SIGNED: readonly (readonly [table: string, keys: readonly string[]])[] = [
  ...[
    'venue',
    'station',
    'outing',
    'product',
    'stock_move',
    'skier',
    'ski',
    'reading',
    'photo',
    'choice',
    'outcome',
    'job',
    'ski_event',
    'finding',
    'ski_photo',
    'glide_test',
    'glide_run',
    'grip_test',
    'grip_note',
    'track_event',
    'starter',
    'bench_plan',
    'note',
  ].map((table) => [table, ['id']] as const),
  ['job_step', ['job_id', 'position']],
  ['team_setting', ['key']],
];

function triggersOf(table: string, keys: readonly string[]): string[] {
  const ref = keys.map((key) => `new.${key}`).join(` || '|' || `);
  return ['insert', 'update'].map(
    (deed) => text`create trigger sign_${table}_${deed} after ${deed} on ${table}
      when (select name from hand) <> '' begin
      insert or ignore into signature (kind, ref, hand) select '${table}', ${ref}, name from hand; end`,
  );
}

/**
 * Devices and tokens that may reach this server; whose hand writes at this moment (empty: nobody who has a name);
 * and which hands a record has seen, written by triggers, whatever changes it.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema
    .createTable('device')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('name', 'text', (c) => c.notNull())
    .addColumn('role', 'text', (c) => c.notNull())
    .addColumn('secret_hash', 'text', (c) => c.notNull().unique())
    .addColumn('created_at', 'text', (c) => c.notNull())
    .addColumn('last_seen_at', 'text')
    .addColumn('revoked_at', 'text')
    .execute();
  await db.schema
    .createTable('hand')
    .addColumn('id', 'integer', (c) => c.primaryKey().check(sql`id = 1`))
    .addColumn('name', 'text', (c) => c.notNull())
    .execute();
  await sql`insert into hand (id, name) values (1, '')`.execute(db);
  await db.schema
    .createTable('signature')
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('ref', 'text', (c) => c.notNull())
    .addColumn('hand', 'text', (c) => c.notNull())
    .addPrimaryKeyConstraint('signature_key', ['kind', 'ref', 'hand'])
    .execute();
  for (const [table, keys] of SIGNED) {
    for (const statement of triggersOf(table, keys)) await sql.raw(statement).execute(db);
  }
}
