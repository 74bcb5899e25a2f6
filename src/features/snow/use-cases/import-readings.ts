import { HOUSE_LIMITS } from '@/core/wax';
import type { FrostDatabase } from '@/data/database';
import { findOuting } from '@/data/outings';
import { addReadings } from '@/data/readings';
import { readReadings } from '@/formats/csv/readings';
import { failed, type WireResult } from '@/formats/wire';

export interface ImportReport {
  importId: string;
  count: number;
}

/** Takes in a whole CSV file of readings, or nothing of it. */
export async function importReadings(
  db: FrostDatabase,
  outingId: string,
  text: string,
  stamp: { newId: () => string; at: string },
): Promise<WireResult<ImportReport>> {
  const outing = await findOuting(db, outingId);
  if (!outing) return failed('not_found', 'There is no outing of this id.');
  const file = readReadings(text, outing.venue.timeZone);
  if (!file.ok) {
    return failed('invalid_file', 'Nothing was taken in: mend these cells first.', file.problems);
  }
  const importId = stamp.newId();
  await addReadings(
    db,
    file.rows.map((fields) => ({
      ...fields,
      takenAt: new Date(fields.takenAt).toISOString(),
      temperatureSdC: fields.temperatureSdC ?? HOUSE_LIMITS.defaultTemperatureSdC,
      id: stamp.newId(),
      outingId,
      importId,
      createdAt: stamp.at,
    })),
  );
  return { ok: true, value: { importId, count: file.rows.length } };
}
