import type { FrostDatabase } from './database';
import type { VenueRow } from './schema';

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

export function venueFromRow(row: VenueRow): Venue {
  return {
    id: row.id,
    name: row.name,
    altitudeM: row.altitude_m,
    latitude: row.latitude,
    longitude: row.longitude,
    timeZone: row.time_zone,
    ownCorrectionC: row.own_correction_c,
  };
}

const toRow = (venue: Venue): VenueRow => ({
  id: venue.id,
  name: venue.name,
  altitude_m: venue.altitudeM,
  latitude: venue.latitude,
  longitude: venue.longitude,
  time_zone: venue.timeZone,
  own_correction_c: venue.ownCorrectionC,
});

/** All venues by name. */
export async function listVenues(db: FrostDatabase): Promise<Venue[]> {
  const rows = await db.selectFrom('venue').selectAll().orderBy('name').execute();
  return rows.map(venueFromRow);
}

/** Adds a venue, or replaces the one with the same id. */
export async function saveVenue(db: FrostDatabase, venue: Venue): Promise<void> {
  const row = toRow(venue);
  await db
    .insertInto('venue')
    .values(row)
    .onConflict((conflict) => conflict.column('id').doUpdateSet(row))
    .execute();
}
