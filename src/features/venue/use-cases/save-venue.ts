import type { FrostDatabase } from '@/data/database';
import { findVenue, saveVenue } from '@/data/venues';
import { removeWeather, saveStation } from '@/data/weather';
import { mergeMeanwhile } from '@/formats/meanwhile';
import { checkedId } from '@/formats/schemas/ids';
import { stationSchema } from '@/formats/schemas/course';
import { venueSchema } from '@/formats/schemas/outing';
import { basedOn, validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { venueScreenWords } from '@/words/screens/venue';

const WORDS = venueScreenWords.saveVenueFacts;

/** A venue that is no longer there. */
export const venueGone = () => failed('not_found', WORDS.thisVenueIsGoneChoose);

/** Saves the place itself; changed since `base`, the two changes are merged field by field. */
export async function saveVenueFacts(
  db: FrostDatabase,
  { id, input, base }: { id: string; input: unknown; base: unknown },
): Promise<WireResult<{ version: number; taken: string[] }>> {
  const checked = validate(venueSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const stored = await findVenue(db, id);
  if (!stored) return venueGone();
  const { id: _, version, courseVersion: _course, ...values } = stored;
  const merged = mergeMeanwhile(basedOn(base, checked.value), checked.value, { version, values });
  if (!merged.ok) return merged;
  const { groomedAt, ...place } = merged.value.values;
  // An emptied field stands for no usual grooming.
  await saveVenue(db, { ...place, groomedAt: groomedAt || undefined, id });
  return { ok: true, value: { version: version + 1, taken: merged.value.taken } };
}

/** Adds a station to a venue. */
export async function addStation(
  db: FrostDatabase,
  { venueId, input, id }: { venueId: string; input: unknown; id: string },
): Promise<WireResult<{ id: string }>> {
  const checked = validate(stationSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  if (!(await findVenue(db, venueId))) return venueGone();
  await saveStation(db, { id, ...checked.value }, [venueId]);
  return { ok: true, value: { id } };
}

/** Takes weather back that came in at an instant. */
export async function forgetWeather(
  db: FrostDatabase,
  stationId: string,
  takenInAt: unknown,
): Promise<WireResult<{ hours: number }>> {
  const instant = checkedId(takenInAt, 'takenInAt');
  if (!instant.ok) return instant;
  return { ok: true, value: { hours: await removeWeather(db, stationId, instant.value) } };
}
