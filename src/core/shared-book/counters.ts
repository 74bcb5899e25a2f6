import type { BookRecord } from '../book';
import { MOST_AHEAD } from './figures';
import { COUNTERS } from './record';

/**
 * A record of others with the counts of its changes as they may be here: never lower than they were, and not so high that
 * nobody could count on. `isOther`: they are not what the others have.
 */
export function counted(
  mine: BookRecord | undefined,
  theirs: BookRecord,
): { record: BookRecord; isOther: boolean } {
  const changed: Record<string, unknown> = {};
  for (const column of COUNTERS) {
    if (!(column in theirs)) continue;
    const [own, other] = [Number(mine?.[column] ?? 1), Number(theirs[column])];
    const isPossible = Number.isSafeInteger(other) && other <= own + MOST_AHEAD;
    const stands = isPossible ? Math.max(own, other) : own + 1;
    if (stands !== other) changed[column] = stands;
  }
  const isOther = Object.keys(changed).length > 0;
  return { record: isOther ? { ...theirs, ...changed } : theirs, isOther };
}
