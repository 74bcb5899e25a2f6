import { pagesOfChoices } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { writeChoices } from '@/formats/csv/choices';
import { asFile, type OutFile } from '@/formats/out-file';
import type { WireResult } from '@/formats/wire';

/** The standing choices of an outing, or of all: CSV with a line each, or JSON with all there is. */
export async function exportChoices(
  db: FrostDatabase,
  outingId: string | null,
  format: string | null,
): Promise<WireResult<OutFile>> {
  return asFile('choices', {
    format,
    pages: pagesOfChoices(db, outingId ?? undefined),
    write: writeChoices,
  });
}
