'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { restoreRow, withdrawRows } from '@/data/append-only';
import { database } from '@/data/database';
import { failed, type WireResult } from '@/formats/wire';
import { saveReading } from './use-cases/save-reading';

const stamp = () => ({ newId: randomUUID, at: new Date().toISOString() });
const refresh = () => revalidatePath('/outing', 'layout');

/** Saves a reading, or a correction of one. */
export async function saveReadingAction(
  target: { outingId: string; correctsId?: string },
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  const saved = await saveReading(database(), target, input, {
    id: randomUUID(),
    at: new Date().toISOString(),
  });
  if (!saved.ok) return saved;
  refresh();
  return { ok: true, value: { id: saved.value.id } };
}

/** Withdraws one reading. */
export async function withdrawReadingAction(id: string): Promise<WireResult<{ count: number }>> {
  const count = await withdrawRows(database(), 'reading', 'id', String(id), stamp());
  refresh();
  return count > 0
    ? { ok: true, value: { count } }
    : failed('not_found', 'That reading was withdrawn or corrected already.');
}

/** Undoes the withdrawal of a reading. */
export async function restoreReadingAction(id: string): Promise<WireResult<null>> {
  const isBack = await restoreRow(database(), 'reading', String(id), stamp());
  refresh();
  return isBack ? { ok: true, value: null } : failed('not_found', 'There is nothing to undo.');
}

/** Takes a whole import back. */
export async function undoImportAction(importId: string): Promise<WireResult<{ count: number }>> {
  const count = await withdrawRows(database(), 'reading', 'import_id', String(importId), stamp());
  refresh();
  return { ok: true, value: { count } };
}
