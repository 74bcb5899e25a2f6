import type { ItemRef } from './use-cases/situation';

/** The address of a situation; `until`: when a round of five minutes ends, ms since 1970. */
export function drillHref({ drill, topic, seed, pastId }: ItemRef, until?: string): string {
  const query = new URLSearchParams({ topic, seed: String(seed) });
  if (pastId !== undefined) query.set('past', pastId);
  if (until !== undefined) query.set('until', until);
  return `/practice/${drill}?${query}`;
}
