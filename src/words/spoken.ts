import { PSEUDO, pseudo } from './pseudo';

/** The language of this process or page: of a server by its environment, of a page by its root element. */
export const languageTag = (): string =>
  (typeof document === 'undefined'
    ? process.env.FROST_PICK_LANGUAGE
    : document.documentElement.lang) || 'en';

/**
 * What one room or screen says, in the language of this process or page. Each is a module of its own, so that a page
 * carries the words that it says and no others.
 */
export const spoken = <Words>(english: Words): Words =>
  languageTag() === PSEUDO ? pseudo(english) : english;
