import { HOUSE_LIMITS } from '@/core/wax';
import type { FrostDatabase } from '@/data/database';
import { findOuting } from '@/data/outings';
import { nextTurn } from '@/data/next-turn';
import { addReadings } from '@/data/readings';
import { readReadings, type ReadingFields } from '@/formats/csv/readings';
import type { TypedRows } from '@/formats/csv/typed-rows';
import { failed, type WireResult } from '@/formats/wire';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import type { Write } from '@/server/write';
import { snowScreenWords } from '@/words/screens/snow';

const WORDS = snowScreenWords.importReadings;

export interface ImportReport {
  importId: string;
  count: number;
}

/** Rows stored between two pauses, so that others are served meanwhile. */
const A_TURN = 400;

type FileOfReadings =
  { ok: true; count: number; pages: string[] } | Extract<TypedRows<never>, { ok: false }>;

/** The rows of a file as JSON, a page of them each: so they are taken over without stopping the server. */
function readPages(text: string, timeZone: string): FileOfReadings {
  const file = readReadings(text, timeZone);
  if (!file.ok) return file;
  const pages: string[] = [];
  for (let from = 0; from < file.rows.length; from += A_TURN) {
    pages.push(JSON.stringify(file.rows.slice(from, from + A_TURN)));
  }
  return { ok: true, count: file.rows.length, pages };
}

export const readingsFileTask = task('readings file', 'quick', readPages);

/** Takes in a whole CSV file of readings, or nothing of it. */
export async function importReadings(
  db: FrostDatabase,
  { outingId, text, write }: { outingId: string; text: string; write: Write },
): Promise<WireResult<ImportReport>> {
  const outing = await findOuting(db, outingId);
  if (!outing) return failed('not_found', WORDS.outingUnknown);
  const file = await offLoop(readingsFileTask, text, outing.venue.timeZone);
  if (!file.ok) {
    return failed('invalid_file', WORDS.nothingWasTakenInFix, file.problems);
  }
  return write(async (transaction, { id: importId, newId, at }) => {
    for (const page of file.pages) {
      await nextTurn();
      await addReadings(
        transaction,
        (JSON.parse(page) as ReadingFields[]).map((fields) => ({
          ...fields,
          takenAt: new Date(fields.takenAt).toISOString(),
          temperatureSdC: fields.temperatureSdC ?? HOUSE_LIMITS.defaultTemperatureSdC,
          id: newId(),
          outingId,
          importId,
          createdAt: at,
        })),
      );
    }
    return { ok: true, value: { importId, count: file.count } };
  });
}
