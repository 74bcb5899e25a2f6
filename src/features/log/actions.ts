'use server';

import type { WireResult } from '@/formats/wire';
import { performWrite, performWriteOn } from '@/server/write';
import { sayOutcome, takeOutcomeBack } from './use-cases/say-outcome';
import { restoreChoice, withdrawChoice } from './use-cases/withdraw-choice';
import { moveNote, writeNote } from './use-cases/write-note';

/** Withdraws a choice; the record keeps it. */
export async function withdrawChoiceAction(
  key: string,
  choiceId: string,
): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'choice.withdraw',
    target: choiceId,
    work: (db, id, stamp) => withdrawChoice(db, id, stamp),
  });
}

/** Undoes the withdrawal of a choice. */
export async function restoreChoiceAction(
  key: string,
  choiceId: string,
): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'choice.restore',
    target: choiceId,
    work: (db, id, stamp) => restoreChoice(db, id, stamp),
  });
}

/** Says how a choice turned out. */
export async function sayOutcomeAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return performWrite(key, 'outcome.say', (db, stamp) => sayOutcome(db, input, stamp));
}

/** Takes it back. */
export async function takeOutcomeBackAction(
  key: string,
  choiceId: string,
): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'outcome.back',
    target: choiceId,
    work: (db, id, stamp) => takeOutcomeBack(db, id, stamp),
  });
}

/** Writes a note into the log of an outing. */
export async function writeNoteAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return performWrite(key, 'note.write', (db, stamp) => writeNote(db, input, stamp));
}

/** Removes a note; the record keeps it. */
export async function removeNoteAction(key: string, noteId: string): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'note.remove',
    target: noteId,
    work: (db, id, { at }) => moveNote(db, id, at),
  });
}

/** Puts a note back. */
export async function restoreNoteAction(key: string, noteId: string): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'note.restore',
    target: noteId,
    work: (db, id) => moveNote(db, id, null),
  });
}
