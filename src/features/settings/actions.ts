'use server';

import { cookies } from 'next/headers';
import { revalidatePath } from 'next/cache';
import { UNITS_COOKIE, unitsFromCookie, unitsToCookie, type Units } from '@/ui/format/units';

const ONE_YEAR_S = 31_536_000;

/** Keeps the units of this device. */
export async function saveUnitsAction(units: Units): Promise<void> {
  const safe = unitsFromCookie(unitsToCookie(units));
  (await cookies()).set(UNITS_COOKIE, unitsToCookie(safe), {
    maxAge: ONE_YEAR_S,
    sameSite: 'lax',
    path: '/',
  });
  revalidatePath('/', 'layout');
}
