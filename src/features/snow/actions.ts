'use server';

import type { PackedCases } from '@/core/choice';
import { callersDatabase } from '@/server/callers-database';
import { answered, type WireResult } from '@/formats/wire';
import { modelledWindow } from '@/server/modelled-window';

/** The modelled cases of an outing as it stands, to hold a typed reading against. */
export async function standingCasesAction(
  outingId: string,
  window: { startAt: string; hoursOnSnow: number | undefined },
): Promise<WireResult<PackedCases | undefined>> {
  return answered(() => modelledWindow(callersDatabase(), outingId, window));
}
