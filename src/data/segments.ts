import { sql } from 'kysely';
import type { SurfaceKind } from '../core/snow/outlook';
import type { FrostDatabase } from './database';

/** A stretch of a course with one lie of the land. */
export interface Segment {
  name: string;
  lengthM: number;
  altitudeM: number;
  slopeDeg: number;
  aspectDeg: number;
  shadeFraction: number;
  /** Wind by that of the station, 0.1…1.5. */
  exposure: number;
  surface: SurfaceKind;
}

/** The course of a venue, in order. */
export async function listSegments(db: FrostDatabase, venueId: string): Promise<Segment[]> {
  const rows = await db
    .selectFrom('segment')
    .selectAll()
    .where('venue_id', '=', venueId)
    .orderBy('position')
    .execute();
  return rows.map((row) => ({
    name: row.name,
    lengthM: row.length_m,
    altitudeM: row.altitude_m,
    slopeDeg: row.slope_deg,
    aspectDeg: row.aspect_deg,
    shadeFraction: row.shade_fraction,
    exposure: row.exposure,
    surface: row.surface,
  }));
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
        venue_id: venueId,
        position,
        name: segment.name,
        length_m: segment.lengthM,
        altitude_m: segment.altitudeM,
        slope_deg: segment.slopeDeg,
        aspect_deg: segment.aspectDeg,
        shade_fraction: segment.shadeFraction,
        exposure: segment.exposure,
        surface: segment.surface,
      })),
    )
    .execute();
}
