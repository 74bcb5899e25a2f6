import { intoOneFile } from '@/data/process-database';
import { live } from './live';

const IDLE_MS = 5000;
const HOUR_MS = 3_600_000;

/**
 * Keeps the database in its one file while the server runs: a moment after each write, and every hour. Where somebody
 * reads just then, the next time does it.
 */
export function keepInOneFile(): void {
  let timer: NodeJS.Timeout | undefined;
  const soon = () => {
    clearTimeout(timer);
    timer = setTimeout(intoOneFile, IDLE_MS);
    timer.unref();
  };
  live().listen({ of: 'one-file', change: soon, end: () => undefined });
  setInterval(intoOneFile, HOUR_MS).unref();
}
