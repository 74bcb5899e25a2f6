import { SEGMENT_FIELDS, type Segment } from '../core/model';
import { sql } from 'kysely';
import type { FrostDatabase } from './database';
import { entityOf, rowOf } from './rows';

/** The course of a venue, in order. */
export async function listSegments(db: FrostDatabase, venueId: string): Promise<Segment[]> {
  const rows = await db
    .selectFrom('segment')
    .selectAll()
    .where('venue_id', '=', venueId)
    .orderBy('position')
    .execute();
  return rows.map((row) => entityOf<Segment>(SEGMENT_FIELDS, row));
}

/** Replaces the course of a venue. */
export async function saveSegments(
  db: FrostDatabase,
  venueId: string,
  segments: readonly Segment[],
): Promise<void> {
  await db.deleteFrom('segment').where('venue_id', '=', venueId).execute();
  await db
    .updateTable('venue')
    .set({ course_version: sql`course_version + 1` })
    .where('id', '=', venueId)
    .execute();
  if (segments.length === 0) return;
  await db
    .insertInto('segment')
    .values(
      segments.map((segment, position) => ({
        ...rowOf(SEGMENT_FIELDS, segment),
        venue_id: venueId,
        position,
      })),
    )
    .execute();
}
