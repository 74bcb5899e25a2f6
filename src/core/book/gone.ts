import type { Tombstone } from './kinds';

/** The later of two moments, ISO 8601 in UTC. */
const later = (a: string | null, b: string | null): string | null =>
  a === null || (b !== null && b > a) ? b : a;

/** What two books know of one removal. */
export const mergedTombstones = (a: Tombstone, b: Tombstone): Tombstone => ({
  ...a,
  gone_at: later(a.gone_at, b.gone_at)!,
  back_at: later(a.back_at, b.back_at),
});

/** True for what did not come back after it was removed. */
export const isGone = (one: Tombstone | undefined): boolean =>
  one !== undefined && (one.back_at === null || one.gone_at > one.back_at);

/** The name of a record among all of its book. */
export const tombstoneKey = (kind: string, ref: string): string => `${kind} ${ref}`;
