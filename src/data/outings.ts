import {
  OUTING_CHANGE_FIELDS,
  OUTING_FIELDS,
  type Outing,
  type OutingFactsToKeep,
  type OutingToSave,
} from '../core/model';
import { sql } from 'kysely';
import type { FrostDatabase } from './database';
import { entityOf, rowOf } from './rows';
import { venueFromRow } from './venues';

const joined = (db: FrostDatabase) =>
  db
    .selectFrom('outing')
    .innerJoin('venue', 'venue.id', 'outing.venue_id')
    .selectAll('outing')
    .select([
      'venue.altitude_m',
      'venue.latitude',
      'venue.longitude',
      'venue.time_zone',
      'venue.own_correction_c',
      'venue.groomed_at',
      'venue.version as venue_version',
      'venue.course_version',
      'venue.name as venue_name',
    ]);

type Joined = Awaited<ReturnType<ReturnType<typeof joined>['execute']>>[number];

function fromRow(row: Joined): Outing {
  const { venueId, ...outing } = entityOf<OutingToSave>(OUTING_FIELDS, row);
  const venue = { ...row, id: venueId, name: row.venue_name, version: row.venue_version };
  return { ...outing, venue: venueFromRow(venue) };
}

/** All outings by start. */
export async function listOutings(db: FrostDatabase): Promise<Outing[]> {
  return (await joined(db).orderBy('outing.start_at').execute()).map(fromRow);
}

/** One outing, or undefined when there is none of this id. */
export async function findOuting(db: FrostDatabase, id: string): Promise<Outing | undefined> {
  const row = await joined(db).where('outing.id', '=', id).executeTakeFirst();
  return row && fromRow(row);
}

/** Adds an outing, or replaces the facts of the one with the same id. */
export async function saveOuting(
  db: FrostDatabase,
  outing: OutingToSave,
  createdAt: string,
): Promise<void> {
  const { id, ...facts } = rowOf(OUTING_FIELDS, outing);
  await db
    .insertInto('outing')
    .values({ id, ...facts, created_at: createdAt })
    .onConflict((conflict) => conflict.column('id').doUpdateSet(facts))
    .execute();
}

/** Changes the facts of an outing that is there. */
export async function changeOuting(
  db: FrostDatabase,
  id: string,
  facts: OutingFactsToKeep,
): Promise<void> {
  await db
    .updateTable('outing')
    .set({ ...rowOf(OUTING_CHANGE_FIELDS, facts), version: sql`version + 1` })
    .where('id', '=', id)
    .execute();
}

const STILL_ON_MS = 6 * 3_600_000;

/** The outing to show first: the next to start, or one just under way, else the last there was. */
export function nextOuting(outings: readonly Outing[], nowMs: number): Outing | undefined {
  return (
    outings.find((one) => Date.parse(one.startAt) + STILL_ON_MS > nowMs) ??
    outings[outings.length - 1]
  );
}
