/** The languages of the app, by their tags (BCP 47). */
export const TONGUES = ['en', 'nb', 'de'] as const;
export type Tongue = (typeof TONGUES)[number];

/** Holds the language that somebody chose on a device; without it the browser's own languages decide. */
export const TONGUE_COOKIE = 'frost-language';

/** How each language calls itself. */
export const TONGUE_NAMES: Record<Tongue, string> = {
  en: 'English',
  nb: 'Norsk bokmål',
  de: 'Deutsch',
};

export const isTongue = (tag: unknown): tag is Tongue => TONGUES.includes(tag as Tongue);

/** What the languages of one process or page are held in: set before the first word is said. */
export interface Tongues {
  /** Words by language and place; English is in the program itself. */
  frostWords?: Record<string, Record<string, unknown>>;
  /** The language of the request that is being answered. */
  frostTongue?: { getStore: () => string | undefined };
}

/** The language of this process where nobody asks; read once, as the environment is slow to read. */
const own = (typeof process === 'undefined' ? undefined : process.env.FROST_PICK_LANGUAGE) ?? 'en';

/**
 * The language of what is said now: of a page by its root element; on a server by who asks, else by the environment of
 * its process.
 */
export const languageTag = (): string =>
  typeof document === 'undefined'
    ? ((globalThis as Tongues).frostTongue?.getStore() ?? own)
    : document.documentElement.lang || 'en';

/** The same for Intl: English as it is written in Europe, the day before the month. */
export const localeTag = (): string => {
  const tag = languageTag();
  return tag.startsWith('en') ? 'en-GB' : tag;
};
