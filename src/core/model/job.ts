import type { RackTimer, StepRecord, ToldSheet } from '../bench';

/** A job sheet that is run on a ski. */
export interface Job {
  id: string;
  outingId: string;
  skiId: string;
  choiceId?: string;
  sheet: ToldSheet;
  startedAt: string;
  endedAt?: string;
  droppedAt?: string;
  records: StepRecord[];
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
