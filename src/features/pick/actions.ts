'use server';

import type { PackedCases } from '@/core/choice';
import { callersDatabase } from '@/server/callers-database';
import { answered, type WireResult } from '@/formats/wire';
import { modelledWindow } from '@/server/modelled-window';

/** The modelled cases of an outing at another start or length; undefined where there is no weather for it. */
export async function casesAction(
  outingId: string,
  startAt: string,
  hoursOnSnow: number | undefined,
): Promise<WireResult<PackedCases | undefined>> {
  return answered(() => modelledWindow(callersDatabase(), outingId, { startAt, hoursOnSnow }));
}
