import { databaseFile } from '@/data/database';
import { dataFolder, intoOneFile } from '@/data/process-database';
import { drainLog, flushLog, logSize } from '@/data/storage/log-check';
import { offLoop } from './compute/pool';
import { task } from './compute/task';
import { live } from './live';

const IDLE_MS = 5000;
const HOUR_MS = 3_600_000;
/** A log that is longer is first brought into the file by a thread: here that would hold everything up. */
const LONG_LOG = 4_000_000;

export const drainTask = task('drain log', 'long', drainLog);

/** Puts on the disk what was written so far, while others are served. */
export const flushWritten = () => flushLog(databaseFile(dataFolder()));

async function settle(): Promise<void> {
  const file = databaseFile(dataFolder());
  // Written to all the while, it may be long again; then the next time does it.
  if (logSize(file) > LONG_LOG) await offLoop(drainTask, file);
  intoOneFile();
}

const settleQuietly = () =>
  void settle().catch((error: unknown) =>
    console.error(error instanceof Error ? error.message : error),
  );

/**
 * Keeps the database in its one file while the server runs: a moment after the last write, at once after a large one,
 * and every hour. Where somebody reads just then, the next time does it.
 */
export function keepInOneFile(): void {
  let timer: NodeJS.Timeout | undefined;
  const soon = () => {
    clearTimeout(timer);
    timer = setTimeout(settleQuietly, IDLE_MS);
    timer.unref();
    if (logSize(databaseFile(dataFolder())) > LONG_LOG) settleQuietly();
  };
  live().listen({ of: 'one-file', change: soon, end: () => undefined });
  setInterval(settleQuietly, HOUR_MS).unref();
}
