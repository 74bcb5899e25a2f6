'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { database } from '@/data/database';
import { saveOuting } from '@/data/outings';
import { listVenues, saveVenue } from '@/data/venues';
import { outingSchema, venueSchema } from '@/formats/schemas/outing';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';

/** Saves an outing, at a venue that exists or at a new one given with it; gives the outing's id. */
export async function saveOutingAction(
  outingInput: unknown,
  newVenueInput: unknown,
): Promise<WireResult<{ id: string }>> {
  const db = database();
  const id = randomUUID();
  const newVenueId = randomUUID();
  const fields = (outingInput ?? {}) as Record<string, unknown>;
  const isNewVenue = newVenueInput !== undefined && newVenueInput !== null;
  const outing = validate(outingSchema, isNewVenue ? { ...fields, venueId: newVenueId } : fields);
  const venue = isNewVenue ? validate(venueSchema, newVenueInput) : undefined;
  const problems = [
    ...(outing.ok ? [] : outing.problems),
    ...(venue === undefined || venue.ok
      ? []
      : venue.problems.map((one) => ({ ...one, field: `venue.${one.field}` }))),
  ];
  if (!outing.ok || (venue !== undefined && !venue.ok)) return invalidInput(problems);
  if (!venue && !(await listVenues(db)).some((one) => one.id === outing.value.venueId)) {
    return failed('not_found', 'That venue is gone: choose another.');
  }
  await db.transaction().execute(async (transaction) => {
    if (venue) await saveVenue(transaction, { ...venue.value, id: newVenueId });
    await saveOuting(
      transaction,
      {
        ...outing.value,
        id,
        startAt: new Date(outing.value.startAt).toISOString(),
        fluorocarbonsAllowed: outing.value.fluorocarbonsAllowed === true,
      },
      new Date().toISOString(),
    );
  });
  revalidatePath('/', 'layout');
  return { ok: true, value: { id } };
}
