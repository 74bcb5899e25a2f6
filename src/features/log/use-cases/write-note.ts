import type { FrostDatabase } from '@/data/database';
import { addNote, markNote } from '@/data/notes';
import { findOuting } from '@/data/outings';
import { noteSchema } from '@/formats/schemas/note';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { logScreenWords } from '@/words/screens/log';

const WORDS = logScreenWords.note;

interface Stamp {
  id: string;
  at: string;
}

/** Writes a note into the log of an outing. */
export async function writeNote(
  db: FrostDatabase,
  input: unknown,
  { id, at }: Stamp,
): Promise<WireResult<{ id: string }>> {
  const checked = validate(noteSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  if (!(await findOuting(db, checked.value.outingId))) return failed('not_found', WORDS.outingGone);
  await addNote(db, { id, ...checked.value, createdAt: at });
  return { ok: true, value: { id } };
}

/** Takes a note away, or puts it back. */
export async function moveNote(
  db: FrostDatabase,
  id: string,
  removedAt: string | null,
): Promise<WireResult<null>> {
  return (await markNote(db, id, removedAt))
    ? { ok: true, value: null }
    : failed('not_found', WORDS.noteGone);
}
