import type { BookName } from '../book';
import { MONTH_CHARACTERS, YEAR_CHARACTERS } from './figures';

/** By what the records of a kind are parted into documents; a kind that is not named here is one document. */
export type Parting =
  /** The year of a moment that never changes, so that a season that is over is not sent again. */
  | { year: string }
  /** Its month, for kinds whose records are large or many. */
  | { month: string }
  /** The last character of a key: kinds that grow and have no moment of their own. */
  | { ending: string };

export const PARTED: Partial<Record<BookName, Parting>> = {
  weather: { month: 'taken_in_at' },
  stock_move: { year: 'at' },
  reading: { year: 'created_at' },
  photo: { year: 'created_at' },
  choice: { month: 'created_at' },
  outcome: { year: 'created_at' },
  job: { month: 'started_at' },
  job_step: { ending: 'job_id' },
  ski_event: { year: 'at' },
  finding: { year: 'found_at' },
  ski_photo: { year: 'created_at' },
  glide_test: { year: 'started_at' },
  glide_run: { year: 'ran_at' },
  grip_test: { year: 'tested_at' },
  grip_note: { year: 'at' },
  track_event: { year: 'at' },
  bench_plan: { year: 'made_at' },
  note: { year: 'created_at' },
  drill_answer: { year: 'answered_at' },
  dispute: { year: 'disputed_at' },
  signature: { ending: 'ref' },
};

function partOf(parting: Parting, record: Readonly<Record<string, unknown>>): string {
  if ('year' in parting) return String(record[parting.year]).slice(0, YEAR_CHARACTERS);
  if ('month' in parting) return String(record[parting.month]).slice(0, MONTH_CHARACTERS);
  return String(record[parting.ending]).slice(-1);
}

/** The document in which a record stands: its kind, and what its kind is parted by. */
export function documentOf(name: BookName, record: Readonly<Record<string, unknown>>): string {
  const parting = PARTED[name];
  if (!parting) return name;
  return `${name}/${partOf(parting, record)}`;
}

/** The kind whose records a document holds; it may be one that only a newer version knows. */
export const kindOf = (document: string): string => document.split('/')[0]!;
