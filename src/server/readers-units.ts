import { cookies } from 'next/headers';
import { UNITS_COOKIE, unitsFromCookie, type Units } from '@/words/units';

/** The units of the device that asks, by its cookie. */
export const readersUnits = async (): Promise<Units> =>
  unitsFromCookie((await cookies()).get(UNITS_COOKIE)?.value);
