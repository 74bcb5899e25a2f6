import type { Said } from '../finding';
import type { JobSheet, Step } from './types';

/** What a step says, in the words of the day. */
export interface StepWords {
  title: string;
  tool: string;
  what: string;
  doneWhen: string;
  reason: string;
}

/** A step as it was read; steps from before there were findings have their texts alone. */
export interface RenderedStep
  extends Omit<Step, 'work' | 'caution' | 'reason' | 'school'>, StepWords {
  caution?: string;
  /** The way of working that this step follows, where schools differ. */
  school?: string;
  work?: Step['work'];
  findings?: Said[];
}

/** A job sheet as it was read: what a job keeps and runs by. */
export interface RenderedSheet extends Omit<JobSheet, 'steps' | 'notes'> {
  steps: RenderedStep[];
  notes: string[];
  findings?: Said[];
}
