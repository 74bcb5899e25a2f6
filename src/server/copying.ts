import { copyDatabase, type CopyKind, type KeptCopy } from '@/data/storage/copies';
import { offLoop } from './compute/pool';
import { task } from './compute/task';

/** A copy of a book of many seasons on a slow disk. */
const LONGEST_MS = 600_000;

export const copyTask = {
  ...task('copy database', 'long', copyDatabase),
  longestMs: LONGEST_MS,
};

let last: Promise<unknown> = Promise.resolve();

/** Copies the database of a folder in a thread: its check reads all of it. One at a time: each removes what others left. */
export function copyOffLoop(folder: string, how: { at: Date; kind: CopyKind }): Promise<KeptCopy> {
  const made = last.then(() => offLoop(copyTask, folder, how));
  last = made.catch(() => undefined);
  return made;
}
