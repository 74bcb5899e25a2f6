import type { Segment } from '@/core/model';
import type { FrostDatabase } from '@/data/database';
import { listSegments, saveSegments } from '@/data/segments';
import { findVenue } from '@/data/venues';
import { mergeMeanwhile } from '@/formats/meanwhile';
import { courseSchema } from '@/formats/schemas/course';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { venueGone } from './save-venue';
import { venueScreenWords } from '@/words/screens/venue';

const WORDS = venueScreenWords.saveCourse;

/** Segments as one set of fields, `2.lengthM`, so that two changes can be merged. */
const flat = (segments: readonly Segment[]) =>
  Object.fromEntries(
    segments.flatMap((segment, at) =>
      Object.entries(segment).map(([field, value]) => [`${at}.${field}`, value] as const),
    ),
  );

function nested(fields: Record<string, unknown>, count: number): Segment[] {
  const segments = Array.from({ length: count }, (): Record<string, unknown> => ({}));
  for (const [path, value] of Object.entries(fields)) {
    const [at, field] = path.split('.') as [string, string];
    segments[Number(at)]![field] = value;
  }
  return segments as unknown as Segment[];
}

/** The course as it stands, for a form that has to go on from it. */
export interface CourseNow {
  version: number;
  segments: Segment[];
}

/**
 * Replaces the course of a venue. Where it changed since `base`, the segments are merged field by field if all
 * three have as many; else the save is refused with what stands now.
 */
export async function saveCourse(
  db: FrostDatabase,
  { venueId, segments, base }: { venueId: string; segments: unknown; base: unknown },
): Promise<WireResult<{ version: number; taken: string[] }>> {
  const checked = validate(courseSchema, { segments });
  if (!checked.ok) return invalidInput(checked.problems);
  const venue = await findVenue(db, venueId);
  if (!venue) return venueGone();
  let mine: Segment[] = checked.value.segments;
  let taken: string[] = [];
  const stored = await listSegments(db, venueId);
  const before = validate(courseSchema, { segments: base });
  const from: Segment[] = before.ok ? before.value.segments : [];
  const isUnchanged = JSON.stringify(flat(from)) === JSON.stringify(flat(stored));
  if (!isUnchanged) {
    const current: CourseNow = { version: venue.courseVersion, segments: stored };
    if (from.length !== stored.length || mine.length !== stored.length) {
      const message = WORDS.courseChanged;
      return failed('changed_meanwhile', message, [current]);
    }
    const state = { version: venue.courseVersion, values: flat(stored) };
    const merged = mergeMeanwhile(flat(from), flat(mine), state);
    if (!merged.ok) return failed(merged.error.code, merged.error.message, [current]);
    mine = nested(merged.value.values, stored.length);
    taken = merged.value.taken;
  }
  await saveSegments(db, venueId, mine);
  return { ok: true, value: { version: venue.courseVersion + 1, taken } };
}
