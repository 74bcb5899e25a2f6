import { KEPT, NO_ANSWER, type Answer } from '../fields/answer';
import { linkState } from '../live/link-state';
import { outbox } from './outbox';
import type { NewEntry } from './outbox-store';

/** So long an answer is waited for before a write is kept; the key makes it safe to send it again. */
const PATIENCE_MS = 10_000;

const inTime = <R>(answer: Promise<R>): Promise<R> =>
  new Promise((resolve, reject) => {
    const timer = setTimeout(() => reject(new Error('no_answer')), PATIENCE_MS);
    answer.then(resolve, reject).finally(() => clearTimeout(timer));
  });

/**
 * Sends a write, or keeps it on this device where the server does not answer. What came before it and still waits goes
 * first.
 */
export async function sendOrKeep<R>(
  entry: NewEntry,
  action: () => Promise<Answer<R>>,
): Promise<Answer<R>> {
  await outbox.ready();
  const isOut = linkState.get().state === 'lost' || !navigator.onLine;
  if (!isOut && !outbox.hasWaiting()) {
    try {
      return await inTime(action());
    } catch {
      // Whether it arrived nobody knows: kept, and sent again with the same key.
    }
  }
  try {
    await outbox.keep(entry);
    return KEPT;
  } catch {
    return NO_ANSWER;
  }
}
