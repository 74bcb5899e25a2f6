import { sql } from 'kysely';
import { BOOK_NAMES, type BookName } from '../core/book';
import { PARTED } from '../core/shared-book';
import { inTransaction, type FrostDatabase } from './database';
import { ENTITIES, tablesOf, type LogSource } from './entities';

/** Text of a statement. */
const text = String.raw;
const NOW = text`strftime('%Y-%m-%dT%H:%M:%fZ', 'now')`;

/** A trigger: its name, and what follows it in the statement that makes it. */
type Trigger = readonly [name: string, does: string];

const refIn = (row: string, keys: readonly string[]) =>
  keys.map((key) => `${row}.${key}`).join(` || '|' || `);

const keepOut = (table: string): Trigger[] =>
  ['update', 'delete'].map((event) => [
    `${table}_no_${event}`,
    text`before ${event} on ${table}
      begin select raise(abort, '${table} is append-only: add a correction'); end`,
  ]);

const remember = (table: string, keys: readonly string[]): Trigger[] => [
  [
    `gone_${table}`,
    text`after delete on ${table} begin
      insert into gone (kind, ref, gone_at) values ('${table}', ${refIn('old', keys)}, ${NOW})
      on conflict (kind, ref) do update set gone_at = excluded.gone_at; end`,
  ],
  [
    `back_${table}`,
    text`after insert on ${table} begin
      update gone set back_at = ${NOW} where kind = '${table}' and ref = ${refIn('new', keys)}; end`,
  ],
];

const sign = (table: string, keys: readonly string[]): Trigger[] =>
  ['insert', 'update'].map((event) => [
    `sign_${table}_${event}`,
    text`after ${event} on ${table} when (select name from hand) <> '' begin
      insert or ignore into signature (kind, ref, hand)
      select '${table}', ${refIn('new', keys)}, name from hand; end`,
  ]);

/** The document of a record, as {@link documentOf} gives it. */
function documentIn(row: string, kind: BookName): string {
  const parting = PARTED[kind];
  if (!parting) return `'${kind}'`;
  const part =
    'year' in parting
      ? `substr(${row}.${parting.year}, 1, 4)`
      : 'month' in parting
        ? `substr(${row}.${parting.month}, 1, 7)`
        : `substr(${row}.${parting.ending}, -1)`;
  return `'${kind}/' || ${part}`;
}

const TOUCHES = [
  ['insert', 'new'],
  ['update', 'new'],
  ['delete', 'old'],
] as const;

/** While there is a hub, what was written is noted: it is to be handed on. */
const touch = (kind: BookName, table: string, keys: readonly string[]): Trigger[] =>
  TOUCHES.map(([event, row]) => [
    `touch_${kind}_${table}_${event}`,
    text`after ${event} on ${table} when exists (select 1 from hub_link) begin
      insert into shared_touched (kind, ref, document)
      values ('${kind}', ${refIn(row, keys)}, ${documentIn(row, kind)})
      on conflict (kind, ref) do nothing; end`,
  ]);

const takeOut = (kind: string, ref: string) =>
  text`delete from log_entry where kind = '${kind}' and ref_id = ${ref}`;

/** The log in step with a table, whoever writes to it. */
function logged(table: string, source: LogSource, isCorrected: boolean): Trigger[] {
  const { kind, ref = 'new.id', outing = 'null', ski = 'null', at, words, stands } = source;
  const ownId = source.ref === undefined;
  const put = text`insert or ignore into log_entry (kind, ref_id, outing_id, ski_id, at, words)
      select '${kind}', ${ref}, ${outing}, ${ski}, ${at}, ${words} where ${stands}`;
  const corrected = isCorrected && ownId ? `${takeOut(kind, 'new.corrects_id')};` : '';
  // Most rows of a file have nothing to put in: for them the trigger does not even begin.
  const wanted = corrected ? text`new.corrects_id is not null or (${stands})` : stands;
  const made: Trigger[] = [
    [
      `log_${kind}_added`,
      text`after insert on ${table} when ${wanted} begin ${corrected} ${put}; end`,
    ],
  ];
  if (source.changes) {
    made.push([
      `log_${kind}_changed`,
      text`after update of ${source.changes} on ${table} begin ${takeOut(kind, 'old.id')}; ${put}; end`,
    ]);
  }
  if (!isCorrected) {
    made.push([
      `log_${kind}_gone`,
      text`after delete on ${table} begin ${takeOut(kind, 'old.id')}; end`,
    ]);
  }
  return made;
}

/** The words of the log's entries, to be searched. */
const SEARCH: readonly Trigger[] = [
  [
    'log_text_added',
    text`after insert on log_entry begin
      insert into log_text (rowid, words) values (new.id, new.words); end`,
  ],
  [
    'log_text_gone',
    text`after delete on log_entry begin
      insert into log_text (log_text, rowid, words) values ('delete', old.id, old.words); end`,
  ],
];

function ofKind(name: BookName): Trigger[] {
  const { isAppendOnly, isSigned, isRemembered, log } = ENTITIES[name];
  const tables = tablesOf(name);
  return [
    ...tables.flatMap(([table, keys]) => touch(name, table, keys)),
    ...tables.flatMap(([table, keys]) => [
      ...(isAppendOnly ? keepOut(table) : []),
      ...(isRemembered ? remember(table, keys) : []),
      ...(isSigned ? sign(table, keys) : []),
      ...log.flatMap((source) => logged(table, source, isAppendOnly)),
    ]),
  ];
}

/** Every trigger of a database, by its name. */
export const TRIGGERS: ReadonlyMap<string, string> = new Map(
  [...BOOK_NAMES.flatMap(ofKind), ...SEARCH].map(([name, does]) => [
    name,
    `create trigger ${name} ${does}`,
  ]),
);

/** A statement as it is compared: SQLite writes its first words its own way. */
const compared = (statement: string) => statement.replace(/^create trigger/i, '').trim();

/** Brings the triggers of a database to what {@link ENTITIES} says, in one transaction. Gives how many were changed. */
export async function renewTriggers(db: FrostDatabase): Promise<number> {
  return inTransaction(db, async (transaction) => {
    const { rows } = await sql<{ name: string; sql: string }>`
      select name, sql from sqlite_master where type = 'trigger'`.execute(transaction);
    const there = new Map(rows.map((row) => [row.name, compared(row.sql)]));
    const old = rows.filter(({ name, sql: made }) => {
      const wanted = TRIGGERS.get(name);
      return wanted === undefined || compared(wanted) !== compared(made);
    });
    for (const { name } of old) await sql.raw(`drop trigger "${name}"`).execute(transaction);
    const isThere = (name: string) => there.has(name) && !old.some((one) => one.name === name);
    const wanted = [...TRIGGERS].filter(([name]) => !isThere(name));
    for (const [, statement] of wanted) await sql.raw(statement).execute(transaction);
    return old.length + wanted.length;
  });
}
