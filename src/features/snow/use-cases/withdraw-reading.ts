import { restoreRow, withdrawRows, type Stamp } from '@/data/append-only';
import type { FrostDatabase } from '@/data/database';
import { movePhotos } from '@/data/photos';
import { failed, type WireResult } from '@/formats/wire';
import { snowScreenWords } from '@/words/screens/snow';

const WORDS = snowScreenWords.withdrawReading;

/** Withdraws one reading; the record keeps it. */
export async function withdrawReading(
  db: FrostDatabase,
  id: string,
  stamp: Stamp,
): Promise<WireResult<{ count: number }>> {
  const count = await withdrawRows(db, { table: 'reading', column: 'id', value: id, stamp });
  return count > 0 ? { ok: true, value: { count } } : failed('not_found', WORDS.readingGone);
}

/** Undoes the withdrawal of a reading. */
export async function restoreReading(
  db: FrostDatabase,
  id: string,
  stamp: Stamp,
): Promise<WireResult<null>> {
  const restoredId = await restoreRow(db, { table: 'reading', id, stamp });
  if (restoredId === undefined) return failed('not_found', WORDS.readingBackAlready);
  await movePhotos(db, id, restoredId);
  return { ok: true, value: null };
}

/** Takes a whole import back. */
export async function withdrawImport(
  db: FrostDatabase,
  importId: string,
  stamp: Stamp,
): Promise<WireResult<{ count: number }>> {
  const count = await withdrawRows(db, {
    table: 'reading',
    column: 'import_id',
    value: importId,
    stamp,
  });
  return { ok: true, value: { count } };
}
