import type { PlannedSheet } from '@/core/model';
import type { RenderedSheet } from '@/core/bench';
import type { FrostDatabase } from '@/data/database';
import type { WireResult } from '@/formats/wire';
import { planSheet } from '@/server/job/plan-sheet';
import { renderedSheet } from '@/words/rendered/sheet';
import type { Units } from '@/words/units';
import { writerFor } from '@/words/write';

/** A planned sheet as it is read before it is started. */
export type ShownSheet = Omit<PlannedSheet, 'sheet'> & { sheet: RenderedSheet };

/** The sheet for a ski, in words and in the units of who asks: a page carries no sentence of a step that is not on it. */
export async function showSheet(
  db: FrostDatabase,
  input: unknown,
  { nowMs, units }: { nowMs: number; units: Units },
): Promise<WireResult<ShownSheet>> {
  const planned = await planSheet(db, input, nowMs);
  if (!planned.ok) return planned;
  const sheet = renderedSheet(planned.value.sheet, writerFor(units));
  return { ok: true, value: { ...planned.value, sheet } };
}
