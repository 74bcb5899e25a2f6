import { sql, type Kysely } from 'kysely';

/** Text of a statement. */
const text = String.raw;

const NOW = text`strftime('%Y-%m-%dT%H:%M:%fZ', 'now')`;

/** Removed for good, and back again: two books that meet must not bring it back by chance. */
const triggersOf = (table: string): string[] => [
  text`create trigger gone_${table} after delete on ${table} begin
    insert into gone (kind, ref, gone_at) values ('${table}', old.id, ${NOW})
    on conflict (kind, ref) do update set gone_at = excluded.gone_at; end`,
  text`create trigger back_${table} after insert on ${table} begin
    update gone set back_at = ${NOW} where kind = '${table}' and ref = new.id; end`,
];

/** Who practises, what they answered, and which answers of the model they dispute. Of people no other table knows. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema
    .createTable('learner')
    .addColumn('id', 'text', (c) => c.primaryKey().notNull())
    .addColumn('name', 'text', (c) => c.notNull())
    .addColumn('created_at', 'text', (c) => c.notNull())
    .execute();
  await db.schema
    .createTable('drill_answer')
    .addColumn('id', 'text', (c) => c.primaryKey().notNull())
    .addColumn('learner_id', 'text', (c) => c.notNull())
    .addColumn('drill', 'text', (c) => c.notNull())
    .addColumn('topic', 'text', (c) => c.notNull())
    .addColumn('seed', 'real', (c) => c.notNull())
    .addColumn('past_id', 'text')
    .addColumn('answer', 'text', (c) => c.notNull())
    .addColumn('quality', 'real', (c) => c.notNull())
    .addColumn('mark', 'text', (c) => c.notNull())
    .addColumn('seconds', 'real', (c) => c.notNull())
    .addColumn('answered_at', 'text', (c) => c.notNull())
    .execute();
  await db.schema
    .createIndex('drill_answer_by_learner')
    .on('drill_answer')
    .columns(['learner_id', 'answered_at'])
    .execute();
  await db.schema
    .createTable('dispute')
    .addColumn('id', 'text', (c) => c.primaryKey().notNull())
    .addColumn('learner_name', 'text', (c) => c.notNull())
    .addColumn('drill', 'text', (c) => c.notNull())
    .addColumn('topic', 'text', (c) => c.notNull())
    .addColumn('seed', 'real', (c) => c.notNull())
    .addColumn('past_id', 'text')
    .addColumn('words', 'text')
    .addColumn('disputed_at', 'text', (c) => c.notNull())
    .addColumn('settled_at', 'text')
    .execute();
  for (const table of ['learner', 'drill_answer']) {
    for (const statement of triggersOf(table)) await sql.raw(statement).execute(db);
  }
}
