'use server';

import type { WireResult } from '@/formats/wire';
import { performWrite, performWriteOn } from '@/server/write';
import { keepGripTest, markGrip } from './use-cases/keep-grip-test';
import { addRun, beginTest, markRun } from './use-cases/keep-test';

/** Begins a test on an outing. */
export async function beginTestAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return performWrite(key, 'glide.begin', (db, stamp) => beginTest(db, input, stamp));
}

/** Adds a run; sent again with the same key it is there once. */
export async function addRunAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return performWrite(key, 'glide.run', (db, stamp) => addRun(db, input, stamp));
}

/** Takes a run back, or puts it in again. */
export async function markRunAction(
  key: string,
  runId: string,
  isBack: boolean,
): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'glide.mark',
    target: runId,
    work: (db, id, { at }) => markRun(db, id, isBack ? null : at),
  });
}

/** Keeps how a grip wax held on the marked hill. */
export async function keepGripTestAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return performWrite(key, 'grip.test', (db, stamp) => keepGripTest(db, input, stamp));
}

/** Takes a test of grip back, or puts it in again. */
export async function markGripTestAction(
  key: string,
  testId: string,
  isBack: boolean,
): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'grip.mark',
    target: testId,
    work: (db, id, { at }) => markGrip(db, id, isBack ? null : at),
  });
}
