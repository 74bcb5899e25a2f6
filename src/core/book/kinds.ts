import {
  CHOICE_FIELDS,
  columnOf,
  DISPUTE_FIELDS,
  DRILL_ANSWER_FIELDS,
  LEARNER_FIELDS,
  FINDING_FIELDS,
  GLIDE_RUN_FIELDS,
  GLIDE_TEST_FIELDS,
  GRIP_TEST_FIELDS,
  JOB_FIELDS,
  NOTE_FIELDS,
  OUTCOME_FIELDS,
  OUTING_FIELDS,
  PLAN_FIELDS,
  PRODUCT_FIELDS,
  READING_FIELDS,
  SEGMENT_FIELDS,
  SKI_EVENT_FIELDS,
  SKI_FIELDS,
  SKIER_FIELDS,
  STARTER_FIELDS,
  STATION_FIELDS,
  STEP_RECORD_FIELDS,
  STOCK_MOVE_FIELDS,
  TRACK_EVENT_FIELDS,
  VENUE_FIELDS,
  WEATHER_FIELDS,
  type Field,
} from '../model';
import { MOST_SIGNED_REF, MOST_WORD } from './figures';

/**
 * How a record of two books that differs becomes one.
 * `once`: it was written once, so a difference is a fault of one of them.
 * `version`: the one that was changed more often stands; as often, and a person decides.
 * `closing`: what ended or was removed in one of them has ended; the earlier end stands.
 * `filling`: what one of them knows and the other does not yet is taken over.
 * `asking`: a person decides.
 */
export type BookRule = 'once' | 'version' | 'closing' | 'filling' | 'asking';

/** A kind of record of a book that is handed on: all that must be known to write, check and merge it. */
export interface BookKind {
  /** Columns that name a record among those of its kind. */
  keys: readonly string[];
  fields: Readonly<Record<string, Field>>;
  /** Columns that no person ever fills in. */
  more: Readonly<Record<string, Field>>;
  rule: BookRule;
  /** The column that counts changes, where the rule is `version`. */
  version?: string;
  /** Columns that are empty until something ends, where the rule is `closing`. */
  closing?: readonly string[];
  /** Its picture is a file of its own. */
  hasPicture?: boolean;
  /** Columns in which no two records are alike; of two that two cabins made, the one with the smaller id stands. */
  single?: readonly string[];
}

const ID: Field = { type: 'id', isRequired: true };
const MOMENT: Field = { type: 'moment', isRequired: true };
const COUNT: Field = { type: 'number', range: [0, 1e9], unit: '', isRequired: true };
const FLAG: Field = { type: 'flag', isRequired: true };
const JSON_TEXT: Field = { type: 'json', isRequired: true };
const WORD: Field = { type: 'text', most: MOST_WORD, isRequired: true };
const SIGNED_REF: Field = { type: 'text', most: MOST_SIGNED_REF, isRequired: true };
const MAYBE = (field: Field): Field => ({ ...field, isRequired: false });
const ID_KEY = ['id'] as const;
const VERSION = { version: COUNT };
const REMOVED = { closing: ['removed_at'] } as const;

const { version: _version, ...PRODUCT_OWN } = PRODUCT_FIELDS;

/** The kinds of records of a book, those first that others name. */
export const BOOK = {
  venue: { keys: ID_KEY, fields: VENUE_FIELDS, more: VERSION, rule: 'version', version: 'version' },
  course: {
    keys: ['venue_id'],
    fields: {},
    more: { venue_id: ID, course_version: COUNT, segments: JSON_TEXT },
    rule: 'version',
    version: 'course_version',
  },
  station: {
    keys: ID_KEY,
    fields: STATION_FIELDS,
    more: VERSION,
    rule: 'version',
    version: 'version',
  },
  venue_station: {
    keys: ['venue_id', 'station_id'],
    fields: {},
    more: { venue_id: ID, station_id: ID },
    rule: 'once',
  },
  weather: {
    keys: ['station_id', 'time', 'taken_in_at'],
    fields: WEATHER_FIELDS,
    more: { station_id: ID, source: WORD, taken_in_at: MOMENT },
    rule: 'once',
  },
  outing: {
    keys: ID_KEY,
    fields: OUTING_FIELDS,
    more: { ...VERSION, created_at: MOMENT },
    rule: 'version',
    version: 'version',
  },
  product: {
    keys: ID_KEY,
    fields: PRODUCT_OWN,
    more: VERSION,
    rule: 'version',
    version: 'version',
  },
  stock_move: { keys: ID_KEY, fields: STOCK_MOVE_FIELDS, more: {}, rule: 'once' },
  skier: { keys: ID_KEY, fields: SKIER_FIELDS, more: {}, rule: 'asking' },
  ski: {
    keys: ID_KEY,
    fields: SKI_FIELDS,
    more: { ...VERSION, removed_at: MAYBE(MOMENT) },
    rule: 'version',
    version: 'version',
  },
  reading: { keys: ID_KEY, fields: READING_FIELDS, more: { withdrawn: FLAG }, rule: 'once' },
  photo: {
    keys: ID_KEY,
    fields: {},
    more: { id: ID, reading_id: ID, created_at: MOMENT },
    rule: 'once',
    hasPicture: true,
  },
  choice: { keys: ID_KEY, fields: CHOICE_FIELDS, more: { withdrawn: FLAG }, rule: 'once' },
  outcome: { keys: ID_KEY, fields: OUTCOME_FIELDS, more: {}, rule: 'closing', ...REMOVED },
  job: {
    keys: ID_KEY,
    fields: JOB_FIELDS,
    more: {},
    rule: 'closing',
    closing: ['ended_at', 'dropped_at'],
  },
  job_step: {
    keys: ['job_id', 'position'],
    fields: STEP_RECORD_FIELDS,
    more: { job_id: ID, kind: WORD },
    rule: 'filling',
  },
  ski_event: { keys: ID_KEY, fields: SKI_EVENT_FIELDS, more: { details: JSON_TEXT }, rule: 'once' },
  finding: {
    keys: ID_KEY,
    fields: FINDING_FIELDS,
    more: { cleared_at: MAYBE(MOMENT), cleared_by_job: MAYBE(ID) },
    rule: 'closing',
    closing: ['cleared_at', 'cleared_by_job'],
  },
  ski_photo: {
    keys: ID_KEY,
    fields: {},
    more: { id: ID, ski_id: ID, created_at: MOMENT },
    rule: 'once',
    hasPicture: true,
  },
  glide_test: { keys: ID_KEY, fields: GLIDE_TEST_FIELDS, more: {}, rule: 'once' },
  glide_run: { keys: ID_KEY, fields: GLIDE_RUN_FIELDS, more: {}, rule: 'closing', ...REMOVED },
  grip_test: { keys: ID_KEY, fields: GRIP_TEST_FIELDS, more: {}, rule: 'closing', ...REMOVED },
  grip_note: {
    keys: ID_KEY,
    fields: {},
    more: { id: ID, outing_id: ID, ski_id: MAYBE(ID), kind: WORD, content: JSON_TEXT, at: MOMENT },
    rule: 'once',
  },
  track_event: { keys: ID_KEY, fields: TRACK_EVENT_FIELDS, more: {}, rule: 'once' },
  starter: {
    keys: ID_KEY,
    fields: STARTER_FIELDS,
    more: {},
    rule: 'asking',
    single: ['outing_id', 'skier_id'],
  },
  bench_plan: { keys: ID_KEY, fields: PLAN_FIELDS, more: {}, rule: 'once' },
  note: { keys: ID_KEY, fields: NOTE_FIELDS, more: {}, rule: 'closing', ...REMOVED },
  learner: { keys: ID_KEY, fields: LEARNER_FIELDS, more: {}, rule: 'once' },
  drill_answer: { keys: ID_KEY, fields: DRILL_ANSWER_FIELDS, more: {}, rule: 'once' },
  dispute: {
    keys: ID_KEY,
    fields: DISPUTE_FIELDS,
    more: {},
    rule: 'closing',
    closing: ['settled_at'],
  },
  signature: {
    keys: ['kind', 'ref', 'hand'],
    fields: {},
    more: { kind: WORD, ref: SIGNED_REF, hand: WORD },
    rule: 'once',
  },
  team_setting: {
    keys: ['key'],
    fields: {},
    more: { key: WORD, value: JSON_TEXT },
    rule: 'asking',
  },
} as const satisfies Record<string, BookKind>;

export type BookName = keyof typeof BOOK;
export const BOOK_NAMES = Object.keys(BOOK) as BookName[];

/** A kind by its name, with all that a kind may say. */
export const bookKind = (name: BookName): BookKind => BOOK[name];

/** The columns of a kind, each with its field. */
export function columnsOf(name: BookName): Readonly<Record<string, Field>> {
  const { fields, more } = bookKind(name);
  const stored = Object.entries(fields).filter(([, field]) => field.column !== 'none');
  return {
    ...Object.fromEntries(stored.map(([key, field]) => [columnOf(key, field), field])),
    ...more,
  };
}

/** The columns of a segment, as the record of a course has them. */
export const segmentColumns = (): Readonly<Record<string, Field>> =>
  Object.fromEntries(
    Object.entries(SEGMENT_FIELDS).map(([key, field]) => [
      columnOf(key, field as Field),
      field as Field,
    ]),
  );

/** A record as it is handed on: the columns of its table, JSON as what it says. */
export type BookRecord = Readonly<Record<string, unknown>>;

/** What was removed for good: its kind, its keys joined by `|`, when, and when it came back. */
export interface Tombstone {
  kind: string;
  ref: string;
  gone_at: string;
  back_at: string | null;
}
