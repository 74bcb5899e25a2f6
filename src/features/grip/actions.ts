'use server';

import { asFields } from '@/formats/schemas/validation';
import type { WireResult } from '@/formats/wire';
import { performWriteOn } from '@/server/write';
import { keepFit, keepTried, takeNoteBack } from './use-cases/keep-notes';

/** Keeps how the pocket of a pair was measured, or of one that is not on the rack. */
export async function keepFitAction(
  key: string,
  place: { outingId: string; skiId?: string },
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  const { outingId, skiId } = asFields(place);
  return performWriteOn(key, {
    name: 'grip.fit',
    target: outingId,
    work: (db, id, stamp) => keepFit(db, { outingId: id, skiId, input, stamp }),
  });
}

/** Remembers what was tried on snow. */
export async function triedAction(
  key: string,
  outingId: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return performWriteOn(key, {
    name: 'grip.tried',
    target: outingId,
    work: (db, id, stamp) => keepTried(db, { outingId: id, input, stamp }),
  });
}

/** Takes back what was noted. */
export async function untryAction(key: string, noteId: string): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'grip.untry',
    target: noteId,
    work: (db, id) => takeNoteBack(db, id),
  });
}
