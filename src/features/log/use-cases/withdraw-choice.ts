import { restoreRow, withdrawRows, type Stamp } from '@/data/append-only';
import type { FrostDatabase } from '@/data/database';
import { failed, type WireResult } from '@/formats/wire';
import { logScreenWords } from '@/words/screens/log';

const WORDS = logScreenWords.withdrawChoice;

/** Withdraws a choice; the record keeps it. */
export async function withdrawChoice(
  db: FrostDatabase,
  id: string,
  stamp: Stamp,
): Promise<WireResult<null>> {
  return (await withdrawRows(db, { table: 'choice', column: 'id', value: id, stamp })) > 0
    ? { ok: true, value: null }
    : failed('not_found', WORDS.choiceGone);
}

/** Undoes the withdrawal of a choice. */
export async function restoreChoice(
  db: FrostDatabase,
  id: string,
  stamp: Stamp,
): Promise<WireResult<null>> {
  return (await restoreRow(db, { table: 'choice', id, stamp })) !== undefined
    ? { ok: true, value: null }
    : failed('not_found', WORDS.choiceBackAlready);
}
