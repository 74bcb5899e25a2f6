import { en, type Language } from './en';
import { PSEUDO, pseudo } from './pseudo';

/** The language of this process or page: of a server by its environment, of a page by its root element. */
export const languageTag = (): string =>
  (typeof document === 'undefined'
    ? process.env.FROST_PICK_LANGUAGE
    : document.documentElement.lang) || 'en';

/** All that is said, in the language of this process or page. */
export const words: Language = languageTag() === PSEUDO ? pseudo(en) : en;
export type { Language } from './en';
