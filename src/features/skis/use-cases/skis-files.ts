import type { FrostDatabase } from '@/data/database';
import { listSkis, saveSkis } from '@/data/skis';
import { readSkis, writeSkis } from '@/formats/csv/skis';
import { asFile, failed, type OutFile, type WireResult } from '@/formats/wire';

/** Puts the skis of a CSV file on the rack, or nothing of it. */
export async function importSkis(
  db: FrostDatabase,
  text: string,
  newId: () => string,
): Promise<WireResult<{ importId: string; count: number }>> {
  const onRack = (await listSkis(db)).map((one) => one.name);
  const file = readSkis(text, onRack);
  if (!file.ok) {
    return failed('invalid_file', 'Nothing was taken in: mend these cells first.', file.problems);
  }
  const skis = file.rows.map((row) => ({ ...row, id: newId() }));
  await db.transaction().execute((transaction) => saveSkis(transaction, skis));
  return { ok: true, value: { importId: newId(), count: skis.length } };
}

/** The whole rack: CSV that can be taken in again, or JSON. */
export async function exportSkis(
  db: FrostDatabase,
  format: string | null,
): Promise<WireResult<OutFile>> {
  const skis = await listSkis(db);
  return asFile('skis', format, () => writeSkis(skis), skis);
}
