'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { database } from '@/data/database';
import type { WireResult } from '@/formats/wire';
import { planSheet, type PlannedSheet } from './use-cases/plan-sheet';
import { dropJob, moveJob, startJob } from './use-cases/run-job';

const refresh = () => revalidatePath('/outing', 'layout');
const stamp = () => ({ newId: () => randomUUID(), nowMs: Date.now() });

/** The sheet for a ski, before it is started. */
export async function planAction(input: unknown): Promise<WireResult<PlannedSheet>> {
  return planSheet(database(), input, Date.now());
}

/** Starts the sheet. */
export async function startAction(input: unknown): Promise<WireResult<{ id: string }>> {
  const started = await startJob(database(), input, stamp());
  if (started.ok) refresh();
  return started;
}

/** Next, back or skip. */
export async function moveAction(
  input: unknown,
): Promise<WireResult<{ position: number; isDone: boolean }>> {
  const moved = await moveJob(database(), input, stamp());
  refresh();
  return moved;
}

/** Puts a job away, or takes it out again. */
export async function dropAction(jobId: string, isDropped: boolean): Promise<WireResult<null>> {
  const done = await dropJob(database(), String(jobId), isDropped === true, Date.now());
  refresh();
  return done;
}
