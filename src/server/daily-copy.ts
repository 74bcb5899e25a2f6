import { wallMs } from '@/core/time';
import { dataFolder } from '@/data/process-database';
import { ageMs, listCopies } from '@/data/storage/copies';
import { hostScreenWords } from '@/words/screens/host';
import { copyOffLoop } from './copying';

const WORDS = hostScreenWords.copies;

const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;
const DAY_MS = 24 * HOUR_MS;

/** Copies the database of a folder unless it has a daily copy of within a day; true where it did. */
export async function copyIfDue(folder: string, nowMs: number): Promise<boolean> {
  const now = new Date(nowMs);
  const isOfToday = listCopies(folder).some(
    (one) => one.kind === 'day' && ageMs(one, now) < DAY_MS,
  );
  if (isOfToday) return false;
  await copyOffLoop(folder, { at: now, kind: 'day' });
  return true;
}

/** From now on a copy a day while the server runs; one that fails is told and tried again in an hour. */
export function keepDailyCopies(): void {
  const look = () =>
    copyIfDue(dataFolder(), wallMs()).catch((error: unknown) => {
      console.error(WORDS.noCopy(error instanceof Error ? error.message : String(error)));
    });
  // Not while the first screens are computed.
  setTimeout(() => void look(), 2 * MINUTE_MS).unref();
  setInterval(() => void look(), HOUR_MS).unref();
}
