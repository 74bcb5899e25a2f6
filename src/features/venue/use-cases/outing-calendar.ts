import { listChoices } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { findOuting } from '@/data/outings';
import { writeCalendar } from '@/formats/calendar/outing';
import { whole, type OutFile } from '@/formats/out-file';
import { failed, type WireResult } from '@/formats/wire';
import { venueScreenWords } from '@/words/screens/venue';

const WORDS = venueScreenWords.outingCalendar;

const HOURS = 2;

/** The outing as a calendar entry, with the wax where one is chosen. */
export async function outingCalendar(
  db: FrostDatabase,
  outingId: string,
): Promise<WireResult<OutFile>> {
  const outing = await findOuting(db, outingId);
  if (!outing) return failed('not_found', WORDS.outingUnknown);
  const [choice] = await listChoices(db, outingId, 1);
  const text = writeCalendar({
    id: outing.id,
    name: outing.name,
    place: outing.venue.name,
    latitude: outing.venue.latitude,
    longitude: outing.venue.longitude,
    startAt: outing.startAt,
    hours: HOURS,
    note: choice ? WORDS.wax(choice.productName) : WORDS.noWaxChosenYet,
  });
  return { ok: true, value: { name: 'outing.ics', type: 'text/calendar', pieces: whole(text) } };
}
