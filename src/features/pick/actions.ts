'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import type { SnowCases } from '@/core/choice';
import { loadCourse } from '@/data/course';
import { database } from '@/data/database';
import { findOuting } from '@/data/outings';
import { listReadings } from '@/data/readings';
import { windowSchema } from '@/formats/schemas/outing';
import { validate } from '@/formats/schemas/validation';
import type { WireResult } from '@/formats/wire';
import { modelledCases } from '@/workers/server-cases';
import { saveChoice } from './use-cases/save-choice';

/** Saves the choice of the Pick screen; gives its id. */
export async function saveChoiceAction(input: unknown): Promise<WireResult<{ id: string }>> {
  const stamp = { id: randomUUID(), at: new Date().toISOString() };
  const saved = await saveChoice(database(), input, stamp);
  if (!saved.ok) return saved;
  revalidatePath('/outing', 'layout');
  return { ok: true, value: { id: saved.value.id } };
}

/** The modelled cases of an outing at another start or length; undefined where there is no weather for it. */
export async function casesAction(
  outingId: string,
  startAt: string,
  hoursOnSnow: number | undefined,
): Promise<SnowCases | undefined> {
  const db = database();
  const outing = await findOuting(db, String(outingId));
  const isSound = validate(windowSchema, { startAt, hoursOnSnow }).ok;
  if (!outing || !isSound) return undefined;
  const planned = { ...outing, startAt, hoursOnSnow };
  const [reading] = await listReadings(db, outing.id, 1);
  return (await modelledCases(await loadCourse(db, planned), planned, reading))?.cases;
}
