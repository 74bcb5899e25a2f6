import type { LogChoice } from './choice';
import type { KeptGlideTest } from './glide-test';
import type { KeptGripTest } from './grip-test';
import type { DoneJob } from './job';
import type { Note } from './note';
import type { Outcome } from './outcome';
import type { Reading } from './reading';
import type { KeptEvent } from './ski';

/** What stands in the timeline of the log. */
export const LOG_KINDS = [
  'reading',
  'import',
  'choice',
  'job',
  'test',
  'grip',
  'outcome',
  'ski',
  'note',
  'photo',
  'ski_photo',
] as const;
export type LogKind = (typeof LOG_KINDS)[number];

/** What of the log is looked at. */
export interface LogQuestion {
  /** Words that an entry, its outing or its pair must all have; empty: any. */
  words: string;
  /** Kinds of entries; undefined: every kind. */
  kinds?: readonly LogKind[];
  /** Of one outing; undefined: of all. */
  outingId?: string;
  /** From 1. */
  page: number;
  most: number;
}

/** An entry without what it tells: where that stands, and when it was. */
export interface LogMark {
  kind: LogKind;
  /** Id of the row that it tells of. */
  refId: string;
  outingId?: string;
  skiId?: string;
  at: string;
}

/** What an entry tells, by its kind. */
export type LogContent =
  | { kind: 'reading'; reading: Reading }
  /** Readings that came from one file, those that still stand. */
  | { kind: 'import'; count: number; lowC: number; highC: number }
  | { kind: 'choice'; choice: LogChoice; outcome?: Outcome }
  | { kind: 'job'; job: DoneJob }
  | { kind: 'test'; test: KeptGlideTest; runs: number }
  | { kind: 'grip'; grip: KeptGripTest }
  | { kind: 'outcome'; outcome: Outcome; wax: string }
  | { kind: 'ski'; event: KeptEvent }
  | { kind: 'note'; note: Note }
  | { kind: 'photo'; readingId: string }
  | { kind: 'ski_photo' };

/** An entry of the timeline with all that it tells. */
export type LogEntry = Omit<LogMark, 'kind'> &
  LogContent & {
    skiName?: string;
    /** Names of the devices that wrote it. */
    hands?: readonly string[];
  };
