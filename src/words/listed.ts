import { isLocale, languageTag, type Locale } from './locale';

/** Between the last two of a list. Where a browser keeps these, the first of them takes it long to find. */
const BEFORE_LAST: Record<Locale, Record<'conjunction' | 'disjunction', string>> = {
  en: { conjunction: 'and', disjunction: 'or' },
  nb: { conjunction: 'og', disjunction: 'eller' },
  de: { conjunction: 'und', disjunction: 'oder' },
};

/** `a, b and c` in the language of the reader; with `or` where one of them is meant. */
export function listed(
  names: readonly string[],
  type: 'conjunction' | 'disjunction' = 'conjunction',
): string {
  const tag = languageTag();
  const word = BEFORE_LAST[isLocale(tag) ? tag : 'en'][type];
  const [last, ...before] = [...names].reverse();
  return before.length === 0 ? (last ?? '') : `${before.reverse().join(', ')} ${word} ${last!}`;
}
