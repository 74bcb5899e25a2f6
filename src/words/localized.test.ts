// @vitest-environment happy-dom
import { afterEach, describe, expect, it } from 'vitest';
import * as english from './en/terms';
import { nb } from './nb';
import { localized } from './localized';
import { shared } from '../core/shared';

afterEach(() => {
  delete shared.words;
  document.documentElement.lang = 'en';
});

describe('the words of a page', () => {
  it('are those of its language, once they are there', () => {
    document.documentElement.lang = 'nb';
    shared.words = { nb };
    expect(localized(english, 'terms').SPAN.hour).toBe('t');
  });

  it('are looked up when they are said where the script with them is only being read', () => {
    document.documentElement.lang = 'nb';
    const words = localized(english, 'terms');
    expect(words.SPAN.hour).toBe('h');
    shared.words = { nb };
    expect(words.SPAN.hour).toBe('t');
    expect({ ...words.WETNESS_WORDS }).toEqual(nb.terms.WETNESS_WORDS);
    expect(words.inSentence('Våt')).toBe('våt');
  });

  it('are English where nobody brings the language', () => {
    document.documentElement.lang = 'fr';
    expect(localized(english, 'terms').SPAN.hour).toBe('h');
  });
});
