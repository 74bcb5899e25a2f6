'use server';

import { cookies } from 'next/headers';
import { revalidatePath } from 'next/cache';
import { database } from '@/data/database';
import { saveTeamSettings, type TeamSettings } from '@/data/team-settings';
import { teamSettingsSchema } from '@/formats/schemas/team';
import { validate } from '@/formats/schemas/validation';
import { invalidInput, type WireResult } from '@/formats/wire';
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

/** Keeps the team's own ways and bench, for all outings and devices. */
export async function saveTeamAction(input: unknown): Promise<WireResult<null>> {
  const checked = validate(teamSettingsSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  await saveTeamSettings(database(), checked.value as Partial<TeamSettings>);
  revalidatePath('/outing', 'layout');
  return { ok: true, value: null };
}
