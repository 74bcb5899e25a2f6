import type { WordsPath } from '@/words/words-path';

const FOLDER = '../../../src/words/en/';
const loaded = import.meta.glob<object>('../../../src/words/en/**/*.ts', { eager: true });

/** All words of English, by the place where they stand. */
export const ENGLISH = Object.fromEntries(
  Object.entries(loaded).map(([file, words]) => [file.slice(FOLDER.length, -'.ts'.length), words]),
) as Record<WordsPath, object>;

export const PLACES = Object.keys(ENGLISH) as WordsPath[];

/** Every word below, with its path: a text, or the function that gives one. */
export function wordsOf(tree: unknown, at: string[] = []): [string[], unknown][] {
  if (typeof tree !== 'object' || tree === null) return [[at, tree]];
  return Object.entries(tree).flatMap(([name, one]) => wordsOf(one, [...at, name]));
}
