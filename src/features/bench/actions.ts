'use server';

import { database } from '@/data/database';
import { checkedId } from '@/formats/schemas/ids';
import { answered, type WireResult } from '@/formats/wire';
import { nowMs } from '@/server/clock';
import { deed, writing } from '@/server/deed';
import { planSheet, type PlannedSheet } from './use-cases/plan-sheet';
import { dropJob, moveJob, startJob } from './use-cases/run-job';

/** The sheet for a ski, before it is started. */
export async function planAction(input: unknown): Promise<WireResult<PlannedSheet>> {
  return answered(() => planSheet(database(), input, nowMs()));
}

/** Starts the sheet. */
export async function startAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  const write = writing(key, 'job.start');
  return answered(() => startJob(database(), input, { nowMs: nowMs(), write }));
}

/** Next, back or skip. */
export async function moveAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ position: number; isDone: boolean }>> {
  return deed(key, 'job.move', (db, stamp) => moveJob(db, input, stamp));
}

/** Puts a job away, or takes it out again. */
export async function dropAction(
  key: string,
  jobId: string,
  isDropped: boolean,
): Promise<WireResult<null>> {
  return deed(key, 'job.drop', async (db, { nowMs: at }) => {
    const id = checkedId(jobId);
    return id.ok ? dropJob(db, id.value, isDropped === true, at) : id;
  });
}
