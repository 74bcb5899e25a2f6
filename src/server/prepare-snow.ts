import { loadCourse } from '../data/course';
import { database } from '../data/process-database';
import { listOutings } from '../data/outings';
import { hasThreads } from './compute/pool';
import { keepOutlooks } from './cases';
import { nowMs } from './clock';
import { shared } from '../core/shared';

const DAY_MS = 86_400_000;
/** Outings that somebody may look at soon: begun within two hours, or starting within three days. */
const BEFORE_MS = DAY_MS / 12;
const AHEAD_MS = 3 * DAY_MS;
const MOST_OUTINGS = 6;

declare module '../core/shared' {
  interface Shared {
    /** What is being computed for coming outings. */
    preparing: { isAgain: boolean } | undefined;
  }
}

async function prepareAll(): Promise<void> {
  const db = database();
  const now = nowMs();
  const soon = (await listOutings(db)).filter(({ startAt }) => {
    const aheadMs = Date.parse(startAt) - now;
    return aheadMs > -BEFORE_MS && aheadMs < AHEAD_MS;
  });
  for (const outing of soon.slice(0, MOST_OUTINGS)) {
    const course = await loadCourse(db, outing);
    await keepOutlooks(db, { course, outing });
  }
}

/**
 * Computes what the coming outings will show, once something that the snow depends on came in; nobody waits
 * for it. Asked again meanwhile, it runs once more afterwards. Without threads of its own (in tests) it does nothing.
 */
export function prepareSnow(): void {
  if (!hasThreads()) return;
  if (shared.preparing) {
    shared.preparing.isAgain = true;
    return;
  }
  const run = (shared.preparing = { isAgain: false });
  void (async () => {
    try {
      await prepareAll();
    } catch (error) {
      // Whoever looks computes it, and is told what is wrong.
      console.error(error instanceof Error ? error.message : error);
    } finally {
      shared.preparing = undefined;
      if (run.isAgain) prepareSnow();
    }
  })();
}
