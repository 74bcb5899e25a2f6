/** The tag of the made-up language in which every word stands in brackets. */
export const PSEUDO = 'en-XA';

const OPEN = '⟦';
const CLOSE = '⟧';

/**
 * A language with each of its words in brackets: what stands on a screen outside brackets was not said
 * through the language. Strings, and what functions give, at any depth.
 */
export function pseudo<T>(words: T): T {
  if (typeof words === 'string') return (words === '' ? words : `${OPEN}${words}${CLOSE}`) as T;
  if (typeof words === 'function') {
    const speak = words as unknown as (...figures: unknown[]) => unknown;
    return ((...figures: unknown[]) => pseudo(speak(...figures))) as T;
  }
  if (Array.isArray(words)) return words.map((word) => pseudo<unknown>(word)) as T;
  if (typeof words === 'object' && words !== null) {
    return Object.fromEntries(
      Object.entries(words).map(([key, word]) => [key, pseudo<unknown>(word)]),
    ) as T;
  }
  return words;
}
