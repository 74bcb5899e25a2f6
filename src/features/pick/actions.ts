'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { database } from '@/data/database';
import type { WireResult } from '@/formats/wire';
import { saveChoice } from './use-cases/save-choice';

/** Saves the choice of the Pick screen; gives its id. */
export async function saveChoiceAction(input: unknown): Promise<WireResult<{ id: string }>> {
  const stamp = { id: randomUUID(), at: new Date().toISOString() };
  const saved = await saveChoice(database(), input, stamp);
  if (!saved.ok) return saved;
  revalidatePath('/outing', 'layout');
  return { ok: true, value: { id: saved.value.id } };
}
