import { sql, type Insertable } from 'kysely';
import type { FrostDatabase } from './database';
import type { VenueRow, VenueTable } from './schema';

/** A place with its own clock and the technician's own correction for it. */
export interface Venue {
  id: string;
  name: string;
  altitudeM: number;
  latitude: number;
  longitude: number;
  timeZone: string;
  ownCorrectionC: number;
}

/** A venue as stored: each change of the place or of its course raises a version. */
export interface KeptVenue extends Venue {
  version: number;
  courseVersion: number;
}

export function venueFromRow(row: VenueRow): KeptVenue {
  return {
    id: row.id,
    name: row.name,
    altitudeM: row.altitude_m,
    latitude: row.latitude,
    longitude: row.longitude,
    timeZone: row.time_zone,
    ownCorrectionC: row.own_correction_c,
    version: row.version,
    courseVersion: row.course_version,
  };
}

const toRow = (venue: Venue): Insertable<VenueTable> => ({
  id: venue.id,
  name: venue.name,
  altitude_m: venue.altitudeM,
  latitude: venue.latitude,
  longitude: venue.longitude,
  time_zone: venue.timeZone,
  own_correction_c: venue.ownCorrectionC,
});

/** All venues by name. */
export async function listVenues(db: FrostDatabase): Promise<KeptVenue[]> {
  const rows = await db.selectFrom('venue').selectAll().orderBy('name').execute();
  return rows.map(venueFromRow);
}

/** One venue, or undefined when there is none of this id. */
export async function findVenue(db: FrostDatabase, id: string): Promise<KeptVenue | undefined> {
  const row = await db.selectFrom('venue').selectAll().where('id', '=', id).executeTakeFirst();
  return row && venueFromRow(row);
}

/** Adds a venue, or replaces the one with the same id. */
export async function saveVenue(db: FrostDatabase, venue: Venue): Promise<void> {
  const row = toRow(venue);
  await db
    .insertInto('venue')
    .values(row)
    .onConflict((conflict) =>
      conflict.column('id').doUpdateSet({ ...row, version: sql`venue.version + 1` }),
    )
    .execute();
}
