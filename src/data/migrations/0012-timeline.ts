import { sql, type Kysely } from 'kysely';

/** A kind of entry: the table that it comes from, its columns there, and when a row of it stands. */
interface Source {
  kind: string;
  table: string;
  outing: string;
  ski: string;
  at: string;
  words: string;
  /** True for a row that belongs in the log. */
  stands: string;
  /** Columns that are changed after a row was written, which may take it out or put it in again. */
  changes?: string;
  /** A later row of the table may take the place of an earlier one. */
  isCorrected?: boolean;
  ref?: string;
}

/** Text of a statement. */
const text = String.raw;

/** Rows are written `new`, as in a trigger. */
const SOURCES: readonly Source[] = [
  {
    kind: 'reading',
    table: 'reading',
    outing: 'new.outing_id',
    ski: 'null',
    at: 'new.taken_at',
    words: text`coalesce(new.note, '') || ' ' || coalesce(new.spot, '') || ' ' || new.wetness || ' ' || new.origin`,
    stands: text`new.withdrawn = 0 and (new.import_id is null or new.note is not null)`,
    isCorrected: true,
  },
  {
    kind: 'import',
    table: 'reading',
    ref: 'new.import_id',
    outing: 'new.outing_id',
    ski: 'null',
    at: 'new.created_at',
    words: text`''`,
    stands: text`new.withdrawn = 0 and new.import_id is not null
      and not exists (select 1 from log_entry where kind = 'import' and ref_id = new.import_id)`,
  },
  {
    kind: 'choice',
    table: 'choice',
    outing: 'new.outing_id',
    ski: 'null',
    at: 'new.created_at',
    words: text`new.product_name || ' ' || coalesce(new.note, '')`,
    stands: text`new.withdrawn = 0`,
    isCorrected: true,
  },
  {
    kind: 'job',
    table: 'job',
    outing: 'new.outing_id',
    ski: 'new.ski_id',
    at: 'new.ended_at',
    words: text`json_extract(new.sheet, '$.title') || ' ' || coalesce((select group_concat(distinct
      json_extract(step.value, '$.title')) from json_each(new.sheet, '$.steps') as step), '')`,
    stands: text`new.ended_at is not null and new.dropped_at is null`,
    changes: 'ended_at, dropped_at',
  },
  {
    kind: 'test',
    table: 'glide_test',
    outing: 'new.outing_id',
    ski: 'null',
    at: 'new.started_at',
    words: text`new.skis || ' ' || coalesce(new.tester, '') || ' ' || coalesce(new.track, '')`,
    stands: '1',
  },
  {
    kind: 'outcome',
    table: 'outcome',
    outing: text`(select outing_id from choice where choice.id = new.choice_id)`,
    ski: 'null',
    at: 'new.created_at',
    words: text`(select product_name from choice where choice.id = new.choice_id) || ' ' || new.glide || ' ' || new.feel`,
    stands: text`new.removed_at is null`,
    changes: 'removed_at',
  },
  {
    kind: 'ski',
    table: 'ski_event',
    outing: 'null',
    ski: 'new.ski_id',
    at: 'new.at',
    words: text`new.kind || ' ' || coalesce(json_extract(new.details, '$.note'), '')`,
    stands: text`new.job_id is null`,
  },
  {
    kind: 'photo',
    table: 'photo',
    outing: text`(select outing_id from reading where reading.id = new.reading_id)`,
    ski: 'null',
    at: 'new.created_at',
    words: text`''`,
    stands: '1',
  },
  {
    kind: 'ski_photo',
    table: 'ski_photo',
    outing: 'null',
    ski: 'new.ski_id',
    at: 'new.created_at',
    words: text`''`,
    stands: '1',
  },
  {
    kind: 'note',
    table: 'note',
    outing: 'new.outing_id',
    ski: 'null',
    at: 'new.created_at',
    words: 'new.words',
    stands: text`new.removed_at is null`,
    changes: 'removed_at',
  },
];

const refOf = ({ ref }: Source) => ref ?? 'new.id';

/** Puts `new` into the log; an entry that is there already stays. */
const put = (source: Source, from: string) =>
  text`insert or ignore into log_entry (kind, ref_id, outing_id, ski_id, at, words)
   select '${source.kind}', ${refOf(source)}, ${source.outing}, ${source.ski}, ${source.at}, ${source.words}
   ${from} where ${source.stands}`;

const takeOut = (kind: string, ref: string) =>
  text`delete from log_entry where kind = '${kind}' and ref_id = ${ref}`;

/** Triggers that keep the log in step with a table, whoever writes to it. */
function triggersOf(source: Source): string[] {
  const { kind, table, changes, isCorrected, stands } = source;
  const corrected = isCorrected ? text`${takeOut(kind, 'new.corrects_id')};` : '';
  // Most rows of a file have nothing to put in: for them the trigger does not even begin.
  const wanted = isCorrected ? text`new.corrects_id is not null or (${stands})` : stands;
  const made = [
    text`create trigger log_${kind}_added after insert on ${table} when ${wanted} begin
       ${corrected} ${put(source, '')}; end`,
  ];
  if (changes) {
    made.push(`create trigger log_${kind}_changed after update of ${changes} on ${table} begin
      ${takeOut(kind, 'old.id')}; ${put(source, '')}; end`);
  }
  if (!isCorrected && kind !== 'import') {
    made.push(`create trigger log_${kind}_gone after delete on ${table} begin
      ${takeOut(kind, 'old.id')}; end`);
  }
  return made;
}

/** The words of the entries, to be searched. */
const SEARCH = [
  text`create virtual table log_text using fts5(words, content='log_entry', content_rowid='id',
    tokenize='unicode61 remove_diacritics 2')`,
  text`create trigger log_text_added after insert on log_entry begin
    insert into log_text (rowid, words) values (new.id, new.words); end`,
  text`create trigger log_text_gone after delete on log_entry begin
    insert into log_text (log_text, rowid, words) values ('delete', old.id, old.words); end`,
];

/** Notes, and one timeline of all that is recorded, with a search by its words. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema
    .createTable('note')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('outing_id', 'text', (c) => c.notNull().references('outing.id'))
    .addColumn('words', 'text', (c) => c.notNull())
    .addColumn('created_at', 'text', (c) => c.notNull())
    .addColumn('removed_at', 'text')
    .execute();
  await db.schema
    .createTable('log_entry')
    .addColumn('id', 'integer', (c) => c.primaryKey())
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('ref_id', 'text', (c) => c.notNull())
    .addColumn('outing_id', 'text')
    .addColumn('ski_id', 'text')
    .addColumn('at', 'text', (c) => c.notNull())
    .addColumn('words', 'text', (c) => c.notNull())
    .addUniqueConstraint('log_entry_of', ['kind', 'ref_id'])
    .execute();
  const indexes = ['at', 'kind, at', 'outing_id, at'];
  const statements = [
    ...indexes.map((columns, i) => text`create index log_entry_by_${i} on log_entry (${columns})`),
    ...SEARCH,
    ...SOURCES.map((source) => {
      const standing = source.isCorrected
        ? text` and not exists (select 1 from ${source.table} as later where later.corrects_id = new.id)`
        : '';
      return `${put(source, text`from ${source.table} as new`)}${standing}`;
    }),
    ...SOURCES.flatMap(triggersOf),
  ];
  for (const statement of statements) await sql.raw(statement).execute(db);
}
