import { object } from 'yup';
import { DomainError } from '@/core/errors';
import { COMPLAINTS, findFit } from '@/core/grip';
import type { FrostDatabase } from '@/data/database';
import { addGripNote, removeGripNote } from '@/data/grip-notes';
import { findOuting } from '@/data/outings';
import { findSki } from '@/data/skis';
import { oneOfWords, plainText } from '@/formats/schemas/fields';
import { fitSchema } from '@/formats/schemas/grip';
import { checkedId } from '@/formats/schemas/ids';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { mistakeWords } from '@/words/rendered/mistake';
import { gripScreenWords } from '@/words/screens/grip';
import { lazily } from '@/words/lazily';

const WORDS = lazily(gripScreenWords.keepNotes);

const triedSchema = object({
  complaint: oneOfWords(WORDS.complaint, COMPLAINTS).required(WORDS.complaintIsMissing),
  key: plainText(WORDS.step, 40).required(WORDS.stepIsMissing),
});

interface NoteStamp {
  id: string;
  at: string;
}

interface FitToKeep {
  outingId: string;
  /** As it came from outside; none: of no pair on the rack. */
  skiId?: unknown;
  input: unknown;
  stamp: NoteStamp;
}

async function keep(
  db: FrostDatabase,
  note: { outingId: string; skiId?: string; kind: 'fit' | 'trouble'; content: unknown },
  { id, at }: NoteStamp,
): Promise<WireResult<{ id: string }>> {
  if (!(await findOuting(db, note.outingId))) {
    return failed('not_found', WORDS.thisOutingIsGoneChoose());
  }
  if (note.skiId !== undefined && !(await findSki(db, note.skiId))) {
    return failed('not_found', WORDS.pairGone());
  }
  await addGripNote(db, { id, at, ...note });
  return { ok: true, value: { id } };
}

/** Keeps how a pocket was measured: that of a pair, which keeps it for later outings, or of none on the rack. */
export async function keepFit(
  db: FrostDatabase,
  { outingId, skiId, input, stamp }: FitToKeep,
): Promise<WireResult<{ id: string }>> {
  const pair = skiId === undefined ? undefined : checkedId(skiId, 'skiId');
  if (pair && !pair.ok) return pair;
  const checked = validate(fitSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  try {
    findFit(checked.value);
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return invalidInput([{ field: error.field, message: mistakeWords(error) }]);
  }
  return keep(db, { outingId, skiId: pair?.value, kind: 'fit', content: checked.value }, stamp);
}

/** Remembers what was tried on snow. */
export async function keepTried(
  db: FrostDatabase,
  { outingId, input, stamp }: { outingId: string; input: unknown; stamp: NoteStamp },
): Promise<WireResult<{ id: string }>> {
  const checked = validate(triedSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  return keep(db, { outingId, kind: 'trouble', content: checked.value }, stamp);
}

/** Takes back what was noted. */
export async function takeNoteBack(db: FrostDatabase, id: string): Promise<WireResult<null>> {
  return (await removeGripNote(db, id))
    ? { ok: true, value: null }
    : failed('not_found', WORDS.thatWasTakenBackAlready());
}
