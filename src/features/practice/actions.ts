'use server';

import { cookies } from 'next/headers';
import { checkedId } from '@/formats/schemas/ids';
import { LEARNER_COOKIE } from './use-cases/learner-cookie';

const ONE_YEAR_S = 31_536_000;

/** Who practises on this device from now on; nobody with an empty id. */
export async function chooseLearnerAction(id: string): Promise<void> {
  const jar = await cookies();
  const checked = checkedId(id);
  if (checked.ok) {
    jar.set(LEARNER_COOKIE, checked.value, { maxAge: ONE_YEAR_S, sameSite: 'lax', path: '/' });
  } else jar.delete(LEARNER_COOKIE);
}
