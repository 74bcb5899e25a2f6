import type { FrostDatabase } from '@/data/database';
import { saveOuting } from '@/data/outings';
import { addReadings } from '@/data/readings';
import { saveSegments } from '@/data/segments';
import { findVenue, saveVenue } from '@/data/venues';
import { courseSchema } from '@/formats/schemas/course';
import { outingSchema, venueSchema } from '@/formats/schemas/outing';
import { readingSchema, readingToKeep } from '@/formats/schemas/reading';
import { asFields, validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { outingScreenWords } from '@/words/screens/outing';

const WORDS = outingScreenWords.saveOuting;

/** Saves a new outing, at a venue that exists or at a new one with its course, with a first reading where there is one. */
export async function saveNewOuting(
  db: FrostDatabase,
  {
    input,
    stamp,
  }: {
    input: unknown;
    stamp: { id: string; newId: () => string; at: string };
  },
): Promise<WireResult<{ id: string }>> {
  const {
    outing: outingInput,
    venue: newVenueInput,
    course: courseInput,
    reading: readingInput,
  } = asFields(input);
  const isNewVenue = newVenueInput !== undefined && newVenueInput !== null;
  const newVenueId = stamp.newId();
  const fields = asFields(outingInput);
  const outing = validate(outingSchema, isNewVenue ? { ...fields, venueId: newVenueId } : fields);
  const venue = isNewVenue ? validate(venueSchema, newVenueInput) : undefined;
  const hasCourse = isNewVenue && courseInput !== undefined && courseInput !== null;
  const course = hasCourse ? validate(courseSchema, { segments: courseInput }) : undefined;
  const hasReading = readingInput !== undefined && readingInput !== null;
  const reading = hasReading ? validate(readingSchema, readingInput) : undefined;
  const problems = [
    ...(reading === undefined || reading.ok ? [] : reading.problems),
    ...(course === undefined || course.ok ? [] : course.problems),
    ...(outing.ok ? [] : outing.problems),
    ...(venue === undefined || venue.ok
      ? []
      : venue.problems.map((problem) => ({ ...problem, field: `venue.${problem.field}` }))),
  ];
  if (!outing.ok || (venue && !venue.ok) || (course && !course.ok) || (reading && !reading.ok))
    return invalidInput(problems);
  if (!venue && !(await findVenue(db, outing.value.venueId))) {
    return failed('not_found', WORDS.thatVenueIsGoneChoose);
  }
  if (venue) await saveVenue(db, { ...venue.value, id: newVenueId });
  if (course) await saveSegments(db, newVenueId, course.value.segments);
  await saveOuting(
    db,
    {
      ...outing.value,
      id: stamp.id,
      startAt: new Date(outing.value.startAt).toISOString(),
      fluorocarbonsAllowed: outing.value.fluorocarbonsAllowed === true,
    },
    stamp.at,
  );
  if (reading) {
    const server = { id: stamp.newId(), outingId: stamp.id, createdAt: stamp.at };
    await addReadings(db, [readingToKeep(reading.value, server)]);
  }
  return { ok: true, value: { id: stamp.id } };
}
