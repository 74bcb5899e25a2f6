'use client';

import { ChoiceRow } from '@/ui/fields/choice-row';
import { settingsScreenWords } from '@/words/screens/settings';
import { LOCALE_COOKIE, LOCALE_NAMES, LOCALES, type Locale } from '@/words/locale';

const WORDS = settingsScreenWords.settingsScreen;
const BROWSER = 'browser';

const ONE_YEAR_S = 31_536_000;

/** A page speaks one language from its first word to its last: it is loaded anew in another. */
function readIn(tag: string): void {
  const seconds = tag === BROWSER ? 0 : ONE_YEAR_S;
  document.cookie = `${LOCALE_COOKIE}=${tag}; path=/; max-age=${seconds}; samesite=lax`;
  window.location.reload();
}

/** The language of this device. */
export function LanguageChoice({ chosen }: { chosen: Locale | undefined }) {
  return (
    <ChoiceRow<Locale | typeof BROWSER>
      legend={WORDS.language}
      name="language"
      value={chosen ?? BROWSER}
      onChange={readIn}
      options={[
        { value: BROWSER, label: WORDS.asTheBrowser },
        ...LOCALES.map((tag) => ({ value: tag, label: LOCALE_NAMES[tag] })),
      ]}
    />
  );
}
