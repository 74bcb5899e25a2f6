import { cookies } from 'next/headers';
import { isTongue, TONGUE_COOKIE, type Tongue } from '@/words/tongue';

/** The language that was chosen on the device that asks; undefined where its browser decides. */
export async function readersTongue(): Promise<Tongue | undefined> {
  const chosen = (await cookies()).get(TONGUE_COOKIE)?.value;
  return isTongue(chosen) ? chosen : undefined;
}
