import { readdirSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { ENGLISH, wordsOf } from '../../tests/unit/words/every-word';
import { de } from './de';
import type { Language } from './language';
import { nb } from './nb';
import type { WordsPath } from './words-path';

const HERE = path.join(process.cwd(), 'src', 'words');
const placesIn = (folder: string) =>
  readdirSync(path.join(HERE, folder), { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.ts') && file !== 'index.ts')
    .map((file) => file.replace(/\.ts$/, ''))
    .sort();

/** Every word with its path: a text itself, or how many figures its function takes. */
const words = (tree: unknown): [string, string | number | undefined][] =>
  wordsOf(tree).map(([at, one]) => [
    at.map((name) => `.${name}`).join(''),
    typeof one === 'function' ? one.length : (one as string),
  ]);
const pathsOf = (value: unknown) => words(value).map(([at]) => at);

/** What is the same in every language: the name of the app, keys, and a word that two of them share. */
const SAME = /Frost Pick$|^Ctrl |^, over$/;

describe.each([
  ['nb', nb],
  ['de', de],
] satisfies [string, Language][])('%s', (tag, language) => {
  it('has the places of English, each in a file of its own', () => {
    expect(placesIn(tag)).toEqual(placesIn('en'));
    expect(Object.keys(language).sort()).toEqual(placesIn('en'));
  });

  it.each(placesIn('en') as WordsPath[])('says every word of %s, optional ones too', (place) => {
    expect(new Set(pathsOf(language[place]))).toEqual(new Set(pathsOf(ENGLISH[place])));
  });

  it('asks for no figures that English does not give', () => {
    for (const place of placesIn('en') as WordsPath[]) {
      const given = new Map(words(ENGLISH[place]));
      for (const [at, count] of words(language[place])) {
        if (typeof count === 'number') {
          expect(count, `${place}${at}`).toBeLessThanOrEqual(Number(given.get(at)));
        }
      }
    }
  });

  it('leaves hardly a sentence as it is in English', () => {
    const same = (placesIn('en') as WordsPath[]).flatMap((place) => {
      const given = new Map(words(ENGLISH[place]));
      return words(language[place])
        .filter(([at, text]) => typeof text === 'string' && given.get(at) === text)
        .filter(([, text]) => !SAME.test(String(text)) && String(text).includes(' '))
        .map(([at, text]) => `${place}${at}: ${text}`);
    });
    expect(same).toEqual([]);
  });

  it('writes whole sentences: no blanks doubled, none before a mark', () => {
    const texts = Object.entries(language).flatMap(([place, tree]) =>
      words(tree).map(([at, text]) => [`${place}${at}`, text] as const),
    );
    const faulty = texts.filter(
      ([, text]) => typeof text === 'string' && / {2}|\s[.,;:!]|TODO|undefined/.test(text),
    );
    expect(faulty).toEqual([]);
  });
});
