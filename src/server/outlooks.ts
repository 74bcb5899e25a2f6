import { createHash } from 'node:crypto';
import { LRUCache } from 'lru-cache';
import { MODEL_VERSION } from '../core/model-version';
import { outlookRun, type Outlook, type OutlookInput } from '../core/snow/outlook';
import type { FrostDatabase } from '../data/database';
import { findOutlook, keepOutlook } from '../data/outlooks';
import { offLoop } from './compute/pool';
import { task } from './compute/task';
import { nowMs } from './clock';
import { shared } from '../core/shared';

/** Member-steps between two pauses: about 15 ms, so that others get on in between. */
const MEMBER_STEPS_A_SLICE = 8_000;
const DEFAULT_MEMBERS = 400;
const MOST_IN_MEMORY = 100;

const nextTurn = () => new Promise<void>((resolve) => setImmediate(resolve));

/** An outlook computed in slices, so that its thread stays responsive. */
export async function slicedOutlook(input: OutlookInput): Promise<Outlook> {
  const run = outlookRun(input);
  const slice = Math.max(1, Math.floor(MEMBER_STEPS_A_SLICE / (input.members ?? DEFAULT_MEMBERS)));
  while (!run.advance(slice)) await nextTurn();
  return run.result();
}

export const outlookTask = task('outlook', 'long', slicedOutlook);

declare module '../core/shared' {
  interface Shared {
    outlooks: LRUCache<string, Promise<Outlook>>;
  }
}
const inMemory = () => (shared.outlooks ??= new LRUCache({ max: MOST_IN_MEMORY }));

async function storedOrMade(db: FrostDatabase, key: string, input: OutlookInput): Promise<Outlook> {
  const stored = await findOutlook(db, key);
  if (stored) return stored;
  const made = await offLoop(outlookTask, input);
  await keepOutlook(db, { key, outlook: made, at: new Date(nowMs()).toISOString() });
  return made;
}

/**
 * An outlook of the server: computed once for all devices in a thread of its own, and kept in the database by
 * its input and the version of the model.
 */
export function keptOutlook(db: FrostDatabase, input: OutlookInput): Promise<Outlook> {
  const key = createHash('sha256')
    .update(`${MODEL_VERSION} ${JSON.stringify(input)}`)
    .digest('base64');
  const found = inMemory().get(key);
  if (found) return found;
  const made = storedOrMade(db, key, input);
  inMemory().set(key, made);
  made.catch(() => inMemory().delete(key));
  return made;
}
