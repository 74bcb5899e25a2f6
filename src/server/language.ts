import { AsyncLocalStorage } from 'node:async_hooks';
import type { IncomingHttpHeaders, IncomingMessage } from 'node:http';
import Negotiator from 'negotiator';
import { PSEUDO } from '@/words/pseudo';
import { isLocale, LOCALE_COOKIE } from '@/words/locale';
import { shared } from '@/core/shared';

/** What browsers ask for, the first of equals first, and the language of the app that answers it. */
const ANSWERED: Readonly<Record<string, string>> = {
  en: 'en',
  nb: 'nb',
  no: 'nb',
  nn: 'nb',
  de: 'de',
};

const CHOSEN = new RegExp(`(?:^|;\\s*)${LOCALE_COOKIE}=([^;]*)`);

/** The language in which who asks wants to read: chosen on the device, else as its browser says; undefined for any. */
export function languageAsked(headers: IncomingHttpHeaders): string | undefined {
  const chosen = CHOSEN.exec(headers.cookie ?? '')?.[1];
  if (isLocale(chosen) || chosen === PSEUDO) return chosen;
  // Without the header every language would do.
  if (!headers['accept-language']) return undefined;
  const [first] = new Negotiator({ headers }).languages(Object.keys(ANSWERED));
  return first === undefined ? undefined : ANSWERED[first];
}

/** One for all bundles of this process. */
const languages = new AsyncLocalStorage<string>();
const locales = () => (shared.locale ??= languages) as AsyncLocalStorage<string>;

/** Does something in a language, named by its tag. */
export const inLanguage = <T>(tag: string, work: () => T): T => locales().run(tag, work);

/** Answers a request in the language of who asked. */
export function inLanguageOf<T>({ headers }: Pick<IncomingMessage, 'headers'>, work: () => T): T {
  const tag = languageAsked(headers);
  return tag === undefined ? work() : inLanguage(tag, work);
}
