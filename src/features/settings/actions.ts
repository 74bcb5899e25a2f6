'use server';

import { cookies } from 'next/headers';
import { asFields } from '@/formats/schemas/validation';
import { answered, failed, type WireResult } from '@/formats/wire';
import { nowMs } from '@/server/clock';
import { stepNow } from '@/server/hub/keep-in-step';
import { writeRefusal } from '@/server/permission';
import { refreshed, refreshScreens } from '@/server/refresh-screens';
import { UNITS_COOKIE, unitsFromCookie, unitsToCookie, type Units } from '@/words/units';
import { copyNow, type ListedCopy } from './use-cases/copies';
import { settingsScreenWords } from '@/words/screens/settings';

const ONE_YEAR_S = 31_536_000;

/** Changes single units of this device; the others stay as they are. */
export async function saveUnitsAction(change: Partial<Units>): Promise<void> {
  const jar = await cookies();
  const now = unitsFromCookie(jar.get(UNITS_COOKIE)?.value);
  const safe = unitsFromCookie(unitsToCookie({ ...now, ...asFields(change) }));
  jar.set(UNITS_COOKIE, unitsToCookie(safe), {
    maxAge: ONE_YEAR_S,
    sameSite: 'lax',
    path: '/',
  });
  refreshScreens();
}

/** Copies the database as it is now. */
export async function copyNowAction(): Promise<WireResult<ListedCopy>> {
  return answered(async () => writeRefusal() ?? refreshed(await copyNow(nowMs(), 'hand')));
}

const WORDS = settingsScreenWords.hub;

/** Exchanges with the hub now. */
export async function stepNowAction(): Promise<WireResult<{ message: string }>> {
  return answered(async () => {
    const refused = writeRefusal();
    if (refused) return refused;
    const step = await stepNow();
    refreshScreens();
    return step.ok
      ? { ok: true, value: { message: WORDS.came(step.came) } }
      : failed('hub', WORDS.problem(step.problem));
  });
}
