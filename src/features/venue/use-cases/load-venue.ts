import type { Outing } from '@/core/model';
import type { FrostDatabase } from '@/data/database';
import { listSegments } from '@/data/segments';
import { summariseStations } from '@/data/weather';

/** The course of an outing's venue, and what weather there is for it. */
export async function loadVenue(db: FrostDatabase, outing: Outing) {
  const [segments, stations] = await Promise.all([
    listSegments(db, outing.venue.id),
    summariseStations(db, outing.venue.id),
  ]);
  return { outing, segments, stations };
}
