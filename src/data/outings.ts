import type { Outing, OutingFactsToKeep, OutingToSave } from '../core/model';
import { sql } from 'kysely';
import type { FrostDatabase } from './database';
import { venueFromRow } from './venues';

const joined = (db: FrostDatabase) =>
  db
    .selectFrom('outing')
    .innerJoin('venue', 'venue.id', 'outing.venue_id')
    .selectAll('venue')
    .select([
      'outing.id as outing_id',
      'outing.name as outing_name',
      'outing.discipline',
      'outing.purpose',
      'outing.distance_km',
      'outing.start_at',
      'outing.fluorocarbons_allowed',
      'outing.hours_on_snow',
    ]);

type Joined = Awaited<ReturnType<ReturnType<typeof joined>['execute']>>[number];

const fromRow = (row: Joined): Outing => ({
  id: row.outing_id,
  name: row.outing_name,
  discipline: row.discipline,
  purpose: row.purpose,
  distanceKm: row.distance_km,
  startAt: row.start_at,
  fluorocarbonsAllowed: row.fluorocarbons_allowed === 1,
  hoursOnSnow: row.hours_on_snow ?? undefined,
  venue: venueFromRow(row),
});

/** All outings by start. */
export async function listOutings(db: FrostDatabase): Promise<Outing[]> {
  return (await joined(db).orderBy('outing.start_at').execute()).map(fromRow);
}

/** One outing, or undefined when there is none of this id. */
export async function findOuting(db: FrostDatabase, id: string): Promise<Outing | undefined> {
  const row = await joined(db).where('outing.id', '=', id).executeTakeFirst();
  return row && fromRow(row);
}

const factsRow = (facts: OutingFactsToKeep) => ({
  discipline: facts.discipline,
  purpose: facts.purpose,
  distance_km: facts.distanceKm,
  start_at: facts.startAt,
  fluorocarbons_allowed: facts.fluorocarbonsAllowed ? (1 as const) : (0 as const),
  hours_on_snow: facts.hoursOnSnow ?? null,
});

/** Adds an outing, or replaces the facts of the one with the same id. */
export async function saveOuting(
  db: FrostDatabase,
  outing: OutingToSave,
  createdAt: string,
): Promise<void> {
  const facts = { venue_id: outing.venueId, name: outing.name, ...factsRow(outing) };
  await db
    .insertInto('outing')
    .values({ id: outing.id, ...facts, created_at: createdAt })
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
    .set({ ...factsRow(facts), version: sql`version + 1` })
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
