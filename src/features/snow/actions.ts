'use server';

import { checkedId } from '@/formats/schemas/ids';
import type { WireResult } from '@/formats/wire';
import { deed } from '@/server/deed';
import { saveReading } from './use-cases/save-reading';
import { restoreReading, withdrawImport, withdrawReading } from './use-cases/withdraw-reading';

/** Saves a reading, or a correction of one. */
export async function saveReadingAction(
  key: string,
  target: { outingId: string; correctsId?: string },
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return deed(key, 'reading.save', async (db, stamp) => {
    const saved = await saveReading(db, target, input, stamp);
    return saved.ok ? { ok: true, value: { id: saved.value.id } } : saved;
  });
}

/** Withdraws one reading. */
export async function withdrawReadingAction(
  key: string,
  readingId: string,
): Promise<WireResult<{ count: number }>> {
  return deed(key, 'reading.withdraw', async (db, stamp) => {
    const id = checkedId(readingId);
    return id.ok ? withdrawReading(db, id.value, stamp) : id;
  });
}

/** Undoes the withdrawal of a reading. */
export async function restoreReadingAction(
  key: string,
  readingId: string,
): Promise<WireResult<null>> {
  return deed(key, 'reading.restore', async (db, stamp) => {
    const id = checkedId(readingId);
    return id.ok ? restoreReading(db, id.value, stamp) : id;
  });
}

/** Takes a whole import back. */
export async function undoImportAction(
  key: string,
  importId: string,
): Promise<WireResult<{ count: number }>> {
  return deed(key, 'reading.import.undo', async (db, stamp) => {
    const id = checkedId(importId);
    return id.ok ? withdrawImport(db, id.value, stamp) : id;
  });
}
