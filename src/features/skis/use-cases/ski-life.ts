import type { KeptEvent } from '@/core/model';
import type { FrostDatabase } from '@/data/database';
import { addSkiEvent, removeSkiEvent } from '@/data/ski-events';
import { findSki } from '@/data/skis';
import { skiEventSchema } from '@/formats/schemas/ski';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { skisScreenWords } from '@/words/screens/skis';

const WORDS = skisScreenWords.skiLife;

/** Writes an event into the life of a ski. */
export async function writeEvent(
  db: FrostDatabase,
  input: unknown,
  stamp: { id: string; nowMs: number },
): Promise<WireResult<{ id: string }>> {
  const checked = validate(skiEventSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { at, ...event } = checked.value;
  if (!(await findSki(db, event.skiId))) return failed('not_found', WORDS.thisSkiIsGone);
  await addSkiEvent(db, { ...event, id: stamp.id, atMs: at ? Date.parse(at) : stamp.nowMs });
  return { ok: true, value: { id: stamp.id } };
}

/** Takes an event back; gives it, so that this can be undone. */
export async function takeEventBack(db: FrostDatabase, id: string): Promise<WireResult<KeptEvent>> {
  const removed = await removeSkiEvent(db, id);
  return removed ? { ok: true, value: removed } : failed('not_found', WORDS.thatEventWasTakenBack);
}
