'use server';

import { callersDatabase } from '@/server/callers-database';
import { answered, type WireResult } from '@/formats/wire';
import { nowMs } from '@/server/clock';
import { readersUnits } from '@/server/readers-units';
import { showSheet, type ShownSheet } from './use-cases/show-sheet';

/** The sheet for a ski, before it is started. */
export async function planAction(input: unknown): Promise<WireResult<ShownSheet>> {
  const units = await readersUnits();
  return answered(() => showSheet(callersDatabase(), input, { nowMs: nowMs(), units }));
}
