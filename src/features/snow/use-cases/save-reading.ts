import type { Reading } from '@/core/model';
import { object } from 'yup';
import type { FrostDatabase } from '@/data/database';
import { findOuting } from '@/data/outings';
import { movePhotos } from '@/data/photos';
import { addReadings, findReading } from '@/data/readings';
import { plainText } from '@/formats/schemas/fields';
import { readingSchema, readingToKeep } from '@/formats/schemas/reading';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { snowScreenWords } from '@/words/screens/snow';
import { lazily } from '@/words/lazily';

const WORDS = lazily(snowScreenWords.saveReading);

const targetSchema = object({
  outingId: plainText(WORDS.outing, 64).required(WORDS.outingIsMissing),
  correctsId: plainText(WORDS.reading, 64),
}).typeError(WORDS.targetNotObject);

/** Adds a reading to an outing, or a correction of the standing reading `correctsId`. */
export async function saveReading(
  db: FrostDatabase,
  { target, input, stamp }: { target: unknown; input: unknown; stamp: { id: string; at: string } },
): Promise<WireResult<Reading>> {
  const checked = validate(readingSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const named = validate(targetSchema, target);
  if (!named.ok) return invalidInput(named.problems);
  const { outingId, correctsId } = named.value;
  if (!(await findOuting(db, outingId))) {
    return failed('not_found', WORDS.thisOutingIsGoneChoose());
  }
  if (correctsId !== undefined) {
    const standing = await findReading(db, correctsId);
    if (standing?.outingId !== outingId) {
      return failed('not_found', WORDS.readingCorrected());
    }
  }
  const { id, at: createdAt } = stamp;
  const reading = readingToKeep(checked.value, { id, outingId, correctsId, createdAt });
  await addReadings(db, [reading]);
  if (correctsId !== undefined) await movePhotos(db, correctsId, reading.id);
  return { ok: true, value: reading };
}
