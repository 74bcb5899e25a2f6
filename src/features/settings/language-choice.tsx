'use client';

import { ChoiceRow } from '@/ui/fields/choice-row';
import { settingsScreenWords } from '@/words/screens/settings';
import { TONGUE_COOKIE, TONGUE_NAMES, TONGUES, type Tongue } from '@/words/tongue';

const WORDS = settingsScreenWords.settingsScreen;
const BROWSER = 'browser';

const ONE_YEAR_S = 31_536_000;

/** A page speaks one language from its first word to its last: it is loaded anew in another. */
function readIn(tag: string): void {
  const seconds = tag === BROWSER ? 0 : ONE_YEAR_S;
  document.cookie = `${TONGUE_COOKIE}=${tag}; path=/; max-age=${seconds}; samesite=lax`;
  window.location.reload();
}

/** The language of this device. */
export function LanguageChoice({ chosen }: { chosen: Tongue | undefined }) {
  return (
    <ChoiceRow<Tongue | typeof BROWSER>
      legend={WORDS.language}
      name="language"
      value={chosen ?? BROWSER}
      onChange={readIn}
      options={[
        { value: BROWSER, label: WORDS.asTheBrowser },
        ...TONGUES.map((tag) => ({ value: tag, label: TONGUE_NAMES[tag] })),
      ]}
    />
  );
}
