'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { object } from 'yup';
import { DomainError } from '@/core/errors';
import { COMPLAINTS, findFit } from '@/core/grip';
import { database } from '@/data/database';
import { addGripNote, removeGripNote } from '@/data/grip-notes';
import { findOuting } from '@/data/outings';
import { oneOfWords, plainText } from '@/formats/schemas/fields';
import { fitSchema } from '@/formats/schemas/grip';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';

const refresh = () => revalidatePath('/outing', 'layout');
const triedSchema = object({
  complaint: oneOfWords('Complaint', COMPLAINTS).required('Complaint is missing.'),
  key: plainText('Step', 40).required('Step is missing.'),
});

async function keep(
  outingId: string,
  kind: 'fit' | 'trouble',
  content: unknown,
): Promise<WireResult<{ id: string }>> {
  const db = database();
  if (!(await findOuting(db, String(outingId)))) {
    return failed('not_found', 'This outing is gone: choose another.');
  }
  const id = randomUUID();
  await addGripNote(db, { id, outingId, kind, content, at: new Date().toISOString() });
  refresh();
  return { ok: true, value: { id } };
}

/** Keeps how the pocket of this outing's ski was measured. */
export async function keepFitAction(
  outingId: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  const checked = validate(fitSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  try {
    findFit(checked.value);
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return invalidInput([{ field: error.field, message: error.message }]);
  }
  return keep(outingId, 'fit', checked.value);
}

/** Remembers what was tried on snow. */
export async function triedAction(
  outingId: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  const checked = validate(triedSchema, input);
  return checked.ok ? keep(outingId, 'trouble', checked.value) : invalidInput(checked.problems);
}

/** Takes back what was noted. */
export async function untryAction(id: string): Promise<WireResult<null>> {
  const isGone = await removeGripNote(database(), String(id));
  refresh();
  return isGone ? { ok: true, value: null } : failed('not_found', 'That was taken back already.');
}
