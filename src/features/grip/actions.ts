'use server';

import { checkedId } from '@/formats/schemas/ids';
import type { WireResult } from '@/formats/wire';
import { deed } from '@/server/deed';
import { keepFit, keepTried, takeNoteBack } from './use-cases/keep-notes';

/** Keeps how the pocket of this outing's ski was measured. */
export async function keepFitAction(
  key: string,
  outingId: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return deed(key, 'grip.fit', async (db, stamp) => {
    const id = checkedId(outingId, 'outingId');
    return id.ok ? keepFit(db, id.value, input, stamp) : id;
  });
}

/** Remembers what was tried on snow. */
export async function triedAction(
  key: string,
  outingId: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return deed(key, 'grip.tried', async (db, stamp) => {
    const id = checkedId(outingId, 'outingId');
    return id.ok ? keepTried(db, id.value, input, stamp) : id;
  });
}

/** Takes back what was noted. */
export async function untryAction(key: string, noteId: string): Promise<WireResult<null>> {
  return deed(key, 'grip.untry', async (db) => {
    const id = checkedId(noteId);
    return id.ok ? takeNoteBack(db, id.value) : id;
  });
}
