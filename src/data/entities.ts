import { bookKind, BOOK_NAMES, type BookName } from '../core/book';
import type { LogKind } from '../core/model';
import type { Tables } from './schema';

/** Text of a statement. */
const text = String.raw;

/** How rows of a table stand in the log. In each expression a row is called `new`. */
export interface LogSource {
  kind: LogKind;
  /** Names the entry; the row's id where nothing is said. */
  ref?: string;
  outing?: string;
  ski?: string;
  at: string;
  /** What a search finds it by. */
  words: string;
  /** True for a row that belongs in the log. */
  stands: string;
  /** Columns that are changed after a row was written, which may take it out or put it in again. */
  changes?: string;
}

/** What the database itself does when rows of a kind are written: {@link triggersOf} makes it so. */
export interface EntityFacts {
  /** Rows are only added; a later one corrects or withdraws an earlier one. */
  isAppendOnly: boolean;
  /** Whose hand wrote it is noted. */
  isSigned: boolean;
  /** A row that was removed for good is remembered: two books that meet must not bring it back by chance. */
  isRemembered: boolean;
  log: readonly LogSource[];
  /** Tables that a record stands in, each with the columns that name it there; its own table where nothing is said. */
  tables?: Partial<Record<keyof Tables, readonly string[]>>;
}

const FACTS: EntityFacts = { isAppendOnly: false, isSigned: true, isRemembered: false, log: [] };
/** What a person writes and may remove for good. */
const REMOVABLE: EntityFacts = { ...FACTS, isRemembered: true };
const UNSIGNED: EntityFacts = { ...FACTS, isSigned: false };
const ENDING = { stands: text`new.removed_at is null`, changes: 'removed_at' };

/** Every kind of record of a book. A kind that is missing here does not compile. */
export const ENTITIES: Readonly<Record<BookName, EntityFacts>> = {
  venue: FACTS,
  course: { ...UNSIGNED, tables: { venue: ['id'], segment: ['venue_id'] } },
  station: FACTS,
  venue_station: UNSIGNED,
  weather: { ...UNSIGNED, isRemembered: true },
  outing: FACTS,
  product: REMOVABLE,
  stock_move: { ...FACTS, isAppendOnly: true },
  skier: FACTS,
  ski: FACTS,
  reading: {
    ...FACTS,
    isAppendOnly: true,
    log: [
      {
        kind: 'reading',
        outing: 'new.outing_id',
        at: 'new.taken_at',
        words: text`coalesce(new.note, '') || ' ' || coalesce(new.spot, '') || ' ' || new.wetness || ' ' || new.origin`,
        stands: text`new.withdrawn = 0 and (new.import_id is null or new.note is not null)`,
      },
      {
        kind: 'import',
        ref: 'new.import_id',
        outing: 'new.outing_id',
        at: 'new.created_at',
        words: text`''`,
        stands: text`new.withdrawn = 0 and new.import_id is not null
          and not exists (select 1 from log_entry where kind = 'import' and ref_id = new.import_id)`,
      },
    ],
  },
  photo: {
    ...REMOVABLE,
    log: [
      {
        kind: 'photo',
        outing: text`(select outing_id from reading where reading.id = new.reading_id)`,
        at: 'new.created_at',
        words: text`''`,
        stands: '1',
      },
    ],
  },
  choice: {
    ...FACTS,
    isAppendOnly: true,
    log: [
      {
        kind: 'choice',
        outing: 'new.outing_id',
        at: 'new.created_at',
        words: text`new.product_name || ' ' || coalesce(new.note, '')`,
        stands: text`new.withdrawn = 0`,
      },
    ],
  },
  outcome: {
    ...FACTS,
    log: [
      {
        kind: 'outcome',
        outing: text`(select outing_id from choice where choice.id = new.choice_id)`,
        at: 'new.created_at',
        words: text`(select product_name from choice where choice.id = new.choice_id) || ' ' || new.glide || ' ' || new.feel`,
        ...ENDING,
      },
    ],
  },
  job: {
    ...FACTS,
    log: [
      {
        kind: 'job',
        outing: 'new.outing_id',
        ski: 'new.ski_id',
        at: 'new.ended_at',
        words: text`json_extract(new.sheet, '$.title') || ' ' || coalesce((select group_concat(distinct
          json_extract(step.value, '$.title')) from json_each(new.sheet, '$.steps') as step), '')`,
        stands: text`new.ended_at is not null and new.dropped_at is null`,
        changes: 'ended_at, dropped_at',
      },
    ],
  },
  job_step: REMOVABLE,
  ski_event: {
    ...REMOVABLE,
    log: [
      {
        kind: 'ski',
        ski: 'new.ski_id',
        at: 'new.at',
        words: text`new.kind || ' ' || coalesce(json_extract(new.details, '$.note'), '')`,
        stands: text`new.job_id is null`,
      },
    ],
  },
  finding: FACTS,
  ski_photo: {
    ...FACTS,
    log: [
      {
        kind: 'ski_photo',
        ski: 'new.ski_id',
        at: 'new.created_at',
        words: text`''`,
        stands: '1',
      },
    ],
  },
  glide_test: {
    ...FACTS,
    log: [
      {
        kind: 'test',
        outing: 'new.outing_id',
        at: 'new.started_at',
        words: text`new.skis || ' ' || coalesce(new.tester, '') || ' ' || coalesce(new.track, '')`,
        stands: '1',
      },
    ],
  },
  glide_run: FACTS,
  grip_test: {
    ...FACTS,
    log: [
      {
        kind: 'grip',
        outing: 'new.outing_id',
        at: 'new.tested_at',
        words: text`new.wax || ' ' || new.verdict || ' ' || coalesce(new.tester, '') || ' ' || coalesce(new.note, '')`,
        ...ENDING,
      },
    ],
  },
  grip_note: REMOVABLE,
  track_event: REMOVABLE,
  starter: REMOVABLE,
  bench_plan: REMOVABLE,
  note: {
    ...FACTS,
    log: [
      {
        kind: 'note',
        outing: 'new.outing_id',
        at: 'new.created_at',
        words: 'new.words',
        ...ENDING,
      },
    ],
  },
  // Of people no other table knows: what somebody practised is signed by nobody.
  learner: { ...UNSIGNED, isRemembered: true },
  drill_answer: { ...UNSIGNED, isRemembered: true },
  dispute: UNSIGNED,
  signature: UNSIGNED,
  team_setting: FACTS,
};

/** Tables that are no part of a book, each with its reason. */
export const APART: readonly (keyof Tables)[] = [
  // Who may come in is decided by each computer for itself.
  'device',
  // Whose hand writes at this moment.
  'hand',
  // Handed on beside the records of a book.
  'gone',
  // Made from the records.
  'log_entry',
  // Computed anew where it is missing.
  'outlook',
  // Of the clients of this server.
  'write_key',
  // The link itself, and what a hub of an older version was sent.
  'hub_link',
  'hub_sent',
  // What a person here has yet to see or decide.
  'hub_decided',
  'shared_held',
  'shared_removal',
  // The book as documents, and what of it is on its way.
  'shared_document',
  'shared_touched',
  'shared_session',
  'shared_picture',
];

/** The tables in which records of a kind stand, with the columns that name one there. */
export const tablesOf = (name: BookName): readonly (readonly [string, readonly string[]])[] =>
  Object.entries(ENTITIES[name].tables ?? { [name]: bookKind(name).keys });

/** Every table of a book. */
export const BOOK_TABLES: ReadonlySet<string> = new Set(
  BOOK_NAMES.flatMap((name) => tablesOf(name).map(([table]) => table)),
);
