import { cookies } from 'next/headers';
import { isLocale, LOCALE_COOKIE, type Locale } from '@/words/locale';

/** The language that was chosen on the device that asks; undefined where its browser decides. */
export async function readersLocale(): Promise<Locale | undefined> {
  const chosen = (await cookies()).get(LOCALE_COOKIE)?.value;
  return isLocale(chosen) ? chosen : undefined;
}
