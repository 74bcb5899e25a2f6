import type { FrostDatabase } from '@/data/database';
import { findOuting } from '@/data/outings';
import { addReadings, listReadings, type Reading } from '@/data/readings';
import { readingSchema } from '@/formats/schemas/reading';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { HOUSE_LIMITS } from '@/core/wax';

/** Adds a reading to an outing, or a correction of the standing reading `correctsId`. */
export async function saveReading(
  db: FrostDatabase,
  target: { outingId: string; correctsId?: string },
  input: unknown,
  stamp: { id: string; at: string },
): Promise<WireResult<Reading>> {
  const checked = validate(readingSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { outingId, correctsId } = target;
  if (!(await findOuting(db, outingId))) {
    return failed('not_found', 'This outing is gone: choose another.');
  }
  if (correctsId !== undefined) {
    const standing = await listReadings(db, outingId);
    if (!standing.some((one) => one.id === correctsId)) {
      return failed(
        'not_found',
        'That reading was corrected meanwhile: reload to see the new one.',
      );
    }
  }
  const { takenAt, ...fields } = checked.value;
  const reading: Reading = {
    ...fields,
    takenAt: new Date(takenAt).toISOString(),
    temperatureSdC: fields.temperatureSdC ?? HOUSE_LIMITS.defaultTemperatureSdC,
    id: stamp.id,
    outingId,
    correctsId,
    createdAt: stamp.at,
  };
  await addReadings(db, [reading]);
  return { ok: true, value: reading };
}
