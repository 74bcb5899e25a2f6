import type { FrostDatabase } from '@/data/database';
import { findOuting } from '@/data/outings';
import { writeSeason, type SeasonLine } from '@/formats/csv/season';
import { asFile, onePage, type OutFile } from '@/formats/out-file';
import { failed, type WireResult } from '@/formats/wire';
import { seasonScreenWords } from '@/words/screens/season';
import { loadSeason } from './load-season';

/** The season of an outing as a file: products, pairs and choices, a line each. */
export async function exportSeason(
  db: FrostDatabase,
  outingId: string | null,
  format: string | null,
): Promise<WireResult<OutFile>> {
  const outing = outingId === null ? undefined : await findOuting(db, outingId);
  if (!outing) return failed('not_found', seasonScreenWords.season.whichOuting);
  const { products, skis, choices } = await loadSeason(db, outing);
  const lines: SeasonLine[] = [
    ...products.map(({ name, grams, cost }) => ({ kind: 'product' as const, name, grams, cost })),
    ...skis.map(({ name, jobs, coats, km }) => ({ kind: 'pair' as const, name, jobs, coats, km })),
    ...choices.map(({ outingName, startAt, wax, best, lostSeconds }) => ({
      kind: 'choice' as const,
      name: outingName,
      start: startAt,
      wax,
      best,
      lostSeconds,
    })),
  ];
  return asFile('season', { format, pages: onePage(lines), write: writeSeason });
}
