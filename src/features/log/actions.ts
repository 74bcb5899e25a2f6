'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { restoreRow, withdrawRows } from '@/data/append-only';
import { database } from '@/data/database';
import { failed, type WireResult } from '@/formats/wire';

const stamp = () => ({ newId: randomUUID, at: new Date().toISOString() });

/** Withdraws a choice; the record keeps it. */
export async function withdrawChoiceAction(id: string): Promise<WireResult<null>> {
  const count = await withdrawRows(database(), 'choice', 'id', String(id), stamp());
  revalidatePath('/outing', 'layout');
  return count > 0
    ? { ok: true, value: null }
    : failed('not_found', 'That choice was withdrawn already.');
}

/** Undoes the withdrawal of a choice. */
export async function restoreChoiceAction(id: string): Promise<WireResult<null>> {
  const isBack = await restoreRow(database(), 'choice', String(id), stamp());
  revalidatePath('/outing', 'layout');
  return isBack ? { ok: true, value: null } : failed('not_found', 'There is nothing to undo.');
}
