import type { FrostDatabase } from '@/data/database';
import { listSkis, saveSkis } from '@/data/skis';
import { readSkis, writeSkis } from '@/formats/csv/skis';
import { asFile, onePage, type OutFile } from '@/formats/out-file';
import { failed, type WireResult } from '@/formats/wire';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import type { Write } from '@/server/write';
import { skisScreenWords } from '@/words/screens/skis';

const WORDS = skisScreenWords.skisFiles;

export const skisFileTask = task('skis file', 'quick', readSkis);

/** Puts the skis of a CSV file on the rack, or nothing of it. */
export async function importSkis(
  db: FrostDatabase,
  text: string,
  write: Write,
): Promise<WireResult<{ importId: string; count: number }>> {
  const onRack = (await listSkis(db)).map((ski) => ski.name);
  const file = await offLoop(skisFileTask, text, onRack);
  if (!file.ok) {
    return failed('invalid_file', WORDS.nothingWasTakenInFix, file.problems);
  }
  return write(async (transaction, { id: importId, newId }) => {
    const skis = file.rows.map((row) => ({ ...row, id: newId() }));
    await saveSkis(transaction, skis);
    return { ok: true, value: { importId, count: skis.length } };
  });
}

/** The whole rack: CSV that can be taken in again, or JSON. */
export async function exportSkis(
  db: FrostDatabase,
  format: string | null,
): Promise<WireResult<OutFile>> {
  return asFile('skis', { format, pages: onePage(await listSkis(db)), write: writeSkis });
}
