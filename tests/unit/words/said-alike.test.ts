import { beforeAll, describe, expect, it } from 'vitest';
import { inLanguage } from '@/server/language';
import { de } from '@/words/de';
import { nb } from '@/words/nb';
import { layOutLocales } from '@/words/locales';
import type { WordsPath } from '@/words/words-path';
import { ENGLISH, PLACES, wordsOf } from './every-word';
import { sentencesWithFigures, type Sentence } from './made-figures';

const LANGUAGES = { en: ENGLISH, nb, de } as const;
type Tag = keyof typeof LANGUAGES;
const OTHERS = ['nb', 'de'] as const;

beforeAll(layOutLocales);

type Tree = Record<string, unknown>;

/** A word by its path; functions on the way are none. */
const wordAt = (tag: Tag, { place, at }: Pick<Sentence, 'place' | 'at'>): unknown =>
  at.reduce<unknown>((tree, name) => (tree as Tree)[name], LANGUAGES[tag][place as WordsPath]);

/** What is said with these figures, as one text: a word may give several. */
function said(tag: Tag, sentence: Sentence, figures: readonly unknown[]): string {
  const word = wordAt(tag, sentence);
  if (typeof word !== 'function') return JSON.stringify(word);
  const speak = word as (...figures: readonly unknown[]) => unknown;
  return inLanguage(tag, () => {
    const text = speak(...figures);
    return typeof text === 'string' ? text : JSON.stringify(text);
  });
}

const THOUSANDS = /(\d)[,\s\u202f\u00a0](\d{3})(?!\d)/g;
const NUMBER =
  /\d+(?:[.,]\d+)?(?:[\s-]?(?:°C|°F|%|mm|cm|km|kg|µm|m\/s|K|W|J|µl|ml)(?![\p{L}\d]))?/gu;

/** The figures of a text with their units as all languages would write them, thousands together, in order. */
const numbersIn = (text: string) =>
  (text.replace(THOUSANDS, '$1$2').match(NUMBER) ?? [])
    .map((one) => one.replace(',', '.').replace(/[\s-]/g, ''))
    .sort();

/** Names that were handed in, each once; German may write them large. */
const namesIn = (text: string) => [
  ...new Set((text.toLowerCase().match(/zq[a-z]x/g) ?? []).toSorted()),
];

/** Whether a figure among these is so small that a language may say it by a word. */
const hasFew = (figures: unknown): boolean =>
  figures === 0 ||
  figures === 1 ||
  (typeof figures === 'object' && figures !== null && Object.values(figures).some(hasFew));

const nameOf = ({ place, at }: Sentence) => `${place}: ${at.join('.')}`;
const isSame = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);

describe('with figures of every kind', () => {
  const sentences = sentencesWithFigures(PLACES);
  const tried = sentences.flatMap((one) => one.sets.map((figures) => [one, figures] as const));

  it('stands nearly every sentence there is', () => {
    const words = PLACES.flatMap((place) => wordsOf(ENGLISH[place]));
    const functions = words.filter(([, one]) => typeof one === 'function');
    expect(sentences.length).toBeGreaterThan(0.95 * functions.length);
    expect(tried.length).toBeGreaterThan(2000);
  });

  it.each(['en', 'nb', 'de'] as const)('is no gap in what is said in %s', (tag) => {
    const faulty = tried
      .map(([sentence, figures]) => [nameOf(sentence), said(tag, sentence, figures)] as const)
      .filter(([, text]) => /undefined|NaN|Infinity|\[object| {2}|\(\)|\.\.(?!\.)/.test(text));
    expect(new Map(faulty)).toEqual(new Map());
  });

  it.each(OTHERS)('stand the same numbers and names in %s as in English', (tag) => {
    const apart = tried.flatMap(([sentence, figures]) => {
      const [here, there] = [said('en', sentence, figures), said(tag, sentence, figures)];
      const isAlike =
        (hasFew(figures) || isSame(numbersIn(here), numbersIn(there))) &&
        isSame(namesIn(here), namesIn(there));
      return isAlike ? [] : [`${nameOf(sentence)}: ${here} → ${there}`];
    });
    expect([...new Set(apart)]).toEqual([]);
  });
});

describe('without figures of its own', () => {
  it.each(OTHERS)('a text has the numbers in %s that it has in English', (tag) => {
    const apart = PLACES.flatMap((place) =>
      wordsOf(ENGLISH[place]).flatMap(([at, here]) => {
        const there = wordAt(tag, { place, at });
        if (typeof here !== 'string' || typeof there !== 'string') return [];
        if (isSame(numbersIn(here), numbersIn(there))) return [];
        return [`${place}: ${at.join('.')}: ${here} → ${there}`];
      }),
    );
    expect(apart).toEqual([]);
  });
});
