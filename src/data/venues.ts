import { VENUE_FIELDS, type KeptVenue, type Venue } from '../core/model';
import { sql } from 'kysely';
import type { FrostDatabase } from './database';
import { entityOf, rowOf } from './rows';
import type { VenueRow } from './schema';

export const venueFromRow = (row: VenueRow): KeptVenue => ({
  ...entityOf<Venue>(VENUE_FIELDS, row),
  version: row.version,
  courseVersion: row.course_version,
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
  const row = rowOf(VENUE_FIELDS, venue);
  await db
    .insertInto('venue')
    .values(row)
    .onConflict((conflict) =>
      conflict.column('id').doUpdateSet({ ...row, version: sql`venue.version + 1` }),
    )
    .execute();
}
