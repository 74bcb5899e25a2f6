import { localeTag } from './tongue';

/** `a, b and c` in the language of the reader; with `or` where one of them is meant. */
export const listed = (
  names: readonly string[],
  type: 'conjunction' | 'disjunction' = 'conjunction',
): string => new Intl.ListFormat(localeTag(), { type }).format(names);
