import type { TrackEvent } from '@/core/model';
import type { FrostDatabase } from '@/data/database';
import { findOuting } from '@/data/outings';
import { addTrackEvent, removeTrackEvent } from '@/data/track-events';
import { trackEventSchema } from '@/formats/schemas/track-event';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { snowScreenWords } from '@/words/screens/snow';

const WORDS = snowScreenWords.trackWork;

/** Writes down what was done, or will be done, to the tracks of an outing. */
export async function writeTrackEvent(
  db: FrostDatabase,
  input: unknown,
  id: string,
): Promise<WireResult<{ id: string }>> {
  const checked = validate(trackEventSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { outingId, at, kind, passes } = checked.value;
  if (!(await findOuting(db, outingId))) return failed('not_found', WORDS.thisOutingIsGone);
  await addTrackEvent(db, { id, outingId, at: new Date(at).toISOString(), kind, passes });
  return { ok: true, value: { id } };
}

/** Takes it back; gives it, so that this can be undone. */
export async function takeTrackEventBack(
  db: FrostDatabase,
  id: string,
): Promise<WireResult<TrackEvent>> {
  const removed = await removeTrackEvent(db, id);
  return removed ? { ok: true, value: removed } : failed('not_found', WORDS.takenBackAlready);
}
