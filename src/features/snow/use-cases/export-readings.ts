import type { FrostDatabase } from '@/data/database';
import { listReadings } from '@/data/readings';
import { writeReadings } from '@/formats/csv/readings';
import { asFile, type OutFile, type WireResult } from '@/formats/wire';

/** The standing readings of an outing, or of all, as CSV or JSON. */
export async function exportReadings(
  db: FrostDatabase,
  outingId: string | null,
  format: string | null,
): Promise<WireResult<OutFile>> {
  const readings = await listReadings(db, outingId ?? undefined);
  return asFile('readings', format, () => writeReadings(readings), readings);
}
