import { shared } from '../core/shared';

/** The languages of the app, by their tags (BCP 47). */
export const LOCALES = ['en', 'nb', 'de'] as const;
export type Locale = (typeof LOCALES)[number];

/** Holds the language that somebody chose on a device; without it the browser's own languages decide. */
export const LOCALE_COOKIE = 'frost-language';

/** How each language calls itself. */
export const LOCALE_NAMES: Record<Locale, string> = {
  en: 'English',
  nb: 'Norsk bokmål',
  de: 'Deutsch',
};

export const isLocale = (tag: unknown): tag is Locale => LOCALES.includes(tag as Locale);

declare module '../core/shared' {
  interface Shared {
    /** Words by language and path, set before the first word is said; English is in the program itself. */
    words: Record<string, Record<string, unknown>>;
    /** The language of the request that is being answered. */
    locale: { getStore: () => string | undefined };
  }
}

/** The language of this process where nobody asks; read once, as the environment is slow to read. */
const own = (typeof process === 'undefined' ? undefined : process.env.FROST_PICK_LANGUAGE) ?? 'en';

/**
 * The language of what is said now: of a page by its root element; on a server by who asks, else by the environment of
 * its process.
 */
export const languageTag = (): string =>
  typeof document === 'undefined'
    ? (shared.locale?.getStore() ?? own)
    : document.documentElement.lang || 'en';

/** The same for Intl: English as it is written in Europe, the day before the month. */
export const localeTag = (): string => {
  const tag = languageTag();
  return tag.startsWith('en') ? 'en-GB' : tag;
};
