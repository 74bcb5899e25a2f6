'use server';

import { callersDatabase } from '@/server/callers-database';
import { answered, type WireResult } from '@/formats/wire';
import { nowMs } from '@/server/clock';
import { performWrite, performWriteOn, writing } from '@/server/write';
import { readersUnits } from '@/server/readers-units';
import { tickVisit } from '@/server/plan/tick-visit';
import { dropJob, moveJob, startJob } from '@/server/job/run-job';
import { showSheet, type ShownSheet } from './use-cases/show-sheet';

/** The sheet for a ski, before it is started. */
export async function planAction(input: unknown): Promise<WireResult<ShownSheet>> {
  const units = await readersUnits();
  return answered(() => showSheet(callersDatabase(), input, { nowMs: nowMs(), units }));
}

/** Starts the sheet. */
export async function startAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  const write = writing(key, 'job.start');
  const units = await readersUnits();
  return answered(() => startJob(callersDatabase(), input, { nowMs: nowMs(), write, units }));
}

/** Next, back or skip. */
export async function moveAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ position: number; isDone: boolean }>> {
  return performWrite(key, 'job.move', (db, stamp) => moveJob(db, input, stamp));
}

/** Puts a job away, or takes it out again. */
export async function dropAction(
  key: string,
  jobId: string,
  isDropped: boolean,
): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'job.drop',
    target: jobId,
    work: (db, id, { nowMs: at }) =>
      dropJob(db, { jobId: id, isDropped: isDropped === true, nowMs: at }),
  });
}

/** A pair of a block is done, or taken back. */
export async function tickAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ jobId: string }>> {
  const write = writing(key, 'job.tick');
  const units = await readersUnits();
  return answered(() => tickVisit(callersDatabase(), input, { nowMs: nowMs(), units, write }));
}
