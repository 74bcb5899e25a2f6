import type { Job } from '@/core/model';
import { jobState, type Wait } from '@/core/bench';

/** A job under way as lists and tabs show it, without its whole sheet. */
export interface OpenJob {
  id: string;
  skiId: string;
  title: string;
  position: number;
  steps: number;
  isDone: boolean;
  /** Title of the step to do now. */
  current: string | undefined;
  wait: Wait | undefined;
}

export function openJob({ id, skiId, sheet, records }: Job): OpenJob {
  const { position, isDone, current, wait } = jobState(sheet, records);
  const { title, steps } = sheet;
  return { id, skiId, title, position, steps: steps.length, isDone, current: current?.title, wait };
}
