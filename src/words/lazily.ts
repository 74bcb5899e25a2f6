/** A word, or what gives it when it is said. */
export type Word = string | (() => string);

/** Figures of a sentence that is not said yet; words among them may still be to come. */
type Coming<Figures extends readonly unknown[]> = {
  [At in keyof Figures]: Figures[At] extends string ? Word : Figures[At];
};

/** Words that are not said yet: what was a sentence gives it when asked, in the language of that moment. */
export type LazyWords<T> = T extends string
  ? () => string
  : T extends (...figures: infer Figures) => string
    ? (...figures: Coming<Figures>) => () => string
    : { readonly [Key in keyof T]: LazyWords<T[Key]> };

/**
 * Words for what is made once and says them often, such as a schema: it takes what gives the word, not the word, since
 * a server is read in more than one language.
 */
export function lazily<Words extends object>(words: Words): LazyWords<Words> {
  const known = kept.get(words) ?? delayed(words);
  kept.set(words, known);
  return known as LazyWords<Words>;
}

/** Twenty schemas take the same words: they are laid out once. */
const kept = new WeakMap<object, object>();

function delayed(words: object): object {
  const now = words as Record<string, unknown>;
  const entries = Object.entries(now).map(([key, value]) => {
    if (typeof value === 'string') return [key, () => now[key]];
    if (typeof value !== 'function') return [key, lazily(value as object)];
    return [
      key,
      (...figures: unknown[]) =>
        () =>
          sayNow(now[key] as Sentence, figures),
    ];
  });
  return Object.fromEntries(entries);
}

type Sentence = (...figures: unknown[]) => string;
const sayNow = (sentence: Sentence, figures: readonly unknown[]): string =>
  sentence(...figures.map((one) => (typeof one === 'function' ? (one as () => string)() : one)));

/** A word as it is said now. */
export const wordNow = (word: Word): string => (typeof word === 'string' ? word : word());
