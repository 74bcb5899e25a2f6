import { describe, expect, it } from 'vitest';
import { PSEUDO } from '@/words/pseudo';
import { languageTag } from '@/words/locale';
import { inLanguage, inLanguageOf, languageAsked } from './language';

const asks = (language: string, cookie?: string) =>
  languageAsked({ 'accept-language': language, ...(cookie ? { cookie } : {}) });

describe('the language of who asks', () => {
  it.each([
    ['nb-NO,nb;q=0.9,en;q=0.5', 'nb'],
    ['no', 'nb'],
    ['nn-NO, nb;q=0.3', 'nb'],
    ['de-AT,de;q=0.9', 'de'],
    ['de-CH', 'de'],
    ['en-US,en;q=0.9,de;q=0.8', 'en'],
    ['fr-FR, de;q=0.4, en;q=0.3', 'de'],
    ['sv;q=0.9, en;q=0.2', 'en'],
    ['*', 'en'],
  ])('answers %s in %s', (header, tag) => {
    expect(asks(header)).toBe(tag);
  });

  it.each(['fr-FR', '', 'xx;q=2;;,', 'de;q=0', '\u0000'.repeat(3), 'a'.repeat(5000)])(
    'keeps to the language of the server for %j',
    (header) => {
      expect(asks(header)).toBeUndefined();
    },
  );

  it('lets what was chosen on the device come first, and nothing else of a cookie', () => {
    expect(asks('de', 'frost-language=nb')).toBe('nb');
    expect(asks('de', 'frost-units=C.m.km; frost-language=en; x=1')).toBe('en');
    expect(asks('de', 'other-frost-language=nb')).toBe('de');
    expect(asks('de', 'frost-language=fr')).toBe('de');
    expect(asks('de', `frost-language=${PSEUDO}`)).toBe(PSEUDO);
  });

  it('is kept across waits, for each of many at once', async () => {
    const tags = Array.from({ length: 60 }, (_, at) => ['en', 'nb', 'de'][at % 3]!);
    const heard = await Promise.all(
      tags.map((tag, at) =>
        inLanguageOf({ headers: { 'accept-language': tag } }, async () => {
          await new Promise((resolve) => setTimeout(resolve, at % 7));
          const before = languageTag();
          await new Promise((resolve) => setImmediate(resolve));
          return [before, languageTag()];
        }),
      ),
    );
    expect(heard).toEqual(tags.map((tag) => [tag, tag]));
    expect(languageTag()).toBe('en');
  });

  it('is that of the inner one where one is in another', () => {
    expect(inLanguage('nb', () => [inLanguage('de', () => languageTag()), languageTag()])).toEqual([
      'de',
      'nb',
    ]);
  });
});
