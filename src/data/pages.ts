/** Rows a page of a long list: few enough that others are served in between. */
const PAGE = 50;

/**
 * A long list in pages: first the keys of all its rows, as they are now, then the rows of a page when it is
 * asked for. So nothing stands in memory whole, and what comes in meanwhile does not shift the pages.
 */
export async function* inPages<K, T>(
  keys: () => Promise<readonly K[]>,
  rows: (keys: readonly K[]) => Promise<readonly T[]>,
): AsyncGenerator<readonly T[]> {
  const all = await keys();
  for (let from = 0; from < all.length; from += PAGE) yield rows(all.slice(from, from + PAGE));
}
