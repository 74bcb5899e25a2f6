'use server';

import type { PackedCases } from '@/core/choice';
import { callersDatabase } from '@/server/callers-database';
import { answered, type WireResult } from '@/formats/wire';
import { nowMs } from '@/server/clock';
import { writing } from '@/server/write';
import { modelledWindow } from '@/server/modelled-window';
import { saveChoice } from './use-cases/save-choice';

/** Saves the choice of the Pick screen; gives its id. */
export async function saveChoiceAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  const write = writing(key, 'choice.save');
  return answered(async () => {
    const saved = await saveChoice(callersDatabase(), input, { nowMs: nowMs(), write });
    return saved.ok ? { ok: true, value: { id: saved.value.id } } : saved;
  });
}

/** The modelled cases of an outing at another start or length; undefined where there is no weather for it. */
export async function casesAction(
  outingId: string,
  startAt: string,
  hoursOnSnow: number | undefined,
): Promise<WireResult<PackedCases | undefined>> {
  return answered(() => modelledWindow(callersDatabase(), outingId, { startAt, hoursOnSnow }));
}
