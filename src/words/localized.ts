import type { WordsPath } from './words-path';
import { PSEUDO, pseudo } from './pseudo';
import { shared } from '../core/shared';
import { languageTag } from './locale';

type Tree = Record<string, unknown>;
const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null;

const isHere = (tag: string) => tag === 'en' || tag === PSEUDO || shared.words?.[tag] !== undefined;

/** A value worked out once. */
function once<T>(work: () => T): () => T {
  let made: { value: T } | undefined;
  return () => (made ??= { value: work() }).value;
}

/**
 * The words of `shape`, each looked up when it is said: a server answers in many languages, and what it keeps of its
 * words between two requests must not keep their language.
 */
function eachTime(shape: Tree, now: () => Tree): Tree {
  const words: Tree = Array.isArray(shape) ? ([] as unknown as Tree) : {};
  for (const [key, value] of Object.entries(shape)) {
    if (isTree(value)) words[key] = eachTime(value, () => now()[key] as Tree);
    else Object.defineProperty(words, key, { enumerable: true, get: () => now()[key] });
  }
  return words;
}

/** The same words in every language that this process has: what was written down may be in any of them. */
export function inEveryLocale<Words extends object>(english: Words, place: WordsPath): Words[] {
  const others = Object.values(shared.words ?? {});
  return [english, ...others.map((language) => language[place] as Words)];
}

/**
 * What one room or screen says, in the language of this page or of who asks. Each is a module of its own, so that a
 * page carries the words that it says and no others; of the languages only English is in the program, the others come
 * as a whole before it starts.
 */
export function localized<Words extends object>(english: Words, place: WordsPath): Words {
  const bracketed = once(() => pseudo(english));
  const now = () => {
    const tag = languageTag();
    if (tag === PSEUDO) return bracketed();
    return (shared.words?.[tag]?.[place] ?? english) as Words;
  };
  // The language of a page does not change while it is open, once its words are there.
  if (typeof document !== 'undefined' && isHere(languageTag())) return now();
  return eachTime(english as Tree, now as () => Tree) as Words;
}
