import { restoreRow, withdrawRows, type Stamp } from '@/data/append-only';
import type { FrostDatabase } from '@/data/database';
import { movePhotos } from '@/data/photos';
import { failed, type WireResult } from '@/formats/wire';

/** Withdraws one reading; the record keeps it. */
export async function withdrawReading(
  db: FrostDatabase,
  id: string,
  stamp: Stamp,
): Promise<WireResult<{ count: number }>> {
  const count = await withdrawRows(db, 'reading', 'id', id, stamp);
  return count > 0
    ? { ok: true, value: { count } }
    : failed('not_found', 'That reading was withdrawn or corrected already.');
}

/** Undoes the withdrawal of a reading. */
export async function restoreReading(
  db: FrostDatabase,
  id: string,
  stamp: Stamp,
): Promise<WireResult<null>> {
  const restoredId = await restoreRow(db, 'reading', id, stamp);
  if (restoredId === undefined) return failed('not_found', 'That reading is back already.');
  await movePhotos(db, id, restoredId);
  return { ok: true, value: null };
}

/** Takes a whole import back. */
export async function withdrawImport(
  db: FrostDatabase,
  importId: string,
  stamp: Stamp,
): Promise<WireResult<{ count: number }>> {
  const count = await withdrawRows(db, 'reading', 'import_id', importId, stamp);
  return { ok: true, value: { count } };
}
