import type { FrostDatabase } from '@/data/database';
import { pagesOfReadings } from '@/data/readings';
import { writeReadings } from '@/formats/csv/readings';
import { asFile, type OutFile } from '@/formats/out-file';
import type { WireResult } from '@/formats/wire';

/** The standing readings of an outing, or of all, as CSV or JSON. */
export async function exportReadings(
  db: FrostDatabase,
  outingId: string | null,
  format: string | null,
): Promise<WireResult<OutFile>> {
  return asFile('readings', {
    format,
    pages: pagesOfReadings(db, outingId ?? undefined),
    write: writeReadings,
  });
}
