import {
  STEP_OUTCOMES,
  type JobSheet,
  type RackTimer,
  type StepRecord,
  type SuggestedProgramme,
  type RenderedSheet,
} from '../bench';
import type { FieldsOf } from './field';

/** A job sheet that is run on a ski. */
export interface Job {
  id: string;
  outingId: string;
  skiId: string;
  choiceId?: string;
  sheet: RenderedSheet;
  startedAt: string;
  endedAt?: string;
  droppedAt?: string;
  records: StepRecord[];
}

/** A sheet before it is started, with what was suggested and what it stands on. */
export interface PlannedSheet {
  sheet: JobSheet;
  suggested: SuggestedProgramme[];
  choiceId: string | undefined;
  choiceName: string | undefined;
  outingId: string;
  skiId: string;
  roomC: number;
  /** The most coats of one wax. */
  coats: number;
  /** The plan in force asks less of it, to save time. */
  isShortened?: boolean;
  /** What could go on in place of hot wax to save time, and what it loses more on glide, %. */
  liquid?: { product: string; lossPercent: number };
}

/** A job that is done, as lists show it. */
export interface DoneJob {
  id: string;
  title: string;
  startedAt: string;
  endedAt: string;
  steps: number;
  grams: number;
  waitsEndedEarly: number;
  skipped: { title: string; reason: string }[];
}

/** A wait on the rack, with where to go for it. */
export interface KeptTimer extends RackTimer {
  outingId: string;
}

/** The fields of a job; its records stand in their own table. */
export const JOB_FIELDS = {
  id: { type: 'id', isRequired: true },
  outingId: { type: 'id', isRequired: true },
  skiId: { type: 'id', isRequired: true },
  choiceId: { type: 'id' },
  sheet: { type: 'json', isRequired: true },
  startedAt: { type: 'moment', isRequired: true },
  endedAt: { type: 'moment' },
  droppedAt: { type: 'moment' },
  records: { type: 'json', isRequired: true, column: 'none' },
} as const satisfies FieldsOf<Job>;

/** The fields of what is recorded of a step. */
export const STEP_RECORD_FIELDS = {
  position: { type: 'number', range: [0, 500], unit: '', isRequired: true },
  startedMs: { type: 'instant', isRequired: true, column: 'started_at' },
  dueMs: { type: 'instant', column: 'due_at' },
  leastMs: { type: 'instant', column: 'least_at' },
  endedMs: { type: 'instant', column: 'ended_at' },
  outcome: { type: 'choice', of: STEP_OUTCOMES },
  skipReason: { type: 'text', most: 200 },
  setC: { type: 'number', range: [40, 220], unit: '°C' },
  grams: { type: 'number', range: [0, 500], unit: 'g' },
} as const satisfies FieldsOf<StepRecord>;
