import { TRACK_EVENT_FIELDS, type TrackEvent } from '../core/model';
import type { FrostDatabase } from './database';
import { entityOf, rowOf } from './rows';

const fromRow = (row: object) => entityOf<TrackEvent>(TRACK_EVENT_FIELDS, row);

/** Writes down what was done to the tracks. */
export async function addTrackEvent(db: FrostDatabase, event: TrackEvent): Promise<void> {
  await db.insertInto('track_event').values(rowOf(TRACK_EVENT_FIELDS, event)).execute();
}

/** What was done to the tracks of an outing, oldest first. */
export async function listTrackEvents(db: FrostDatabase, outingId: string): Promise<TrackEvent[]> {
  const query = db.selectFrom('track_event').selectAll().where('outing_id', '=', outingId);
  return (await query.orderBy('at').execute()).map(fromRow);
}

/** Takes one back; undefined when it is gone, else what it was. */
export async function removeTrackEvent(
  db: FrostDatabase,
  id: string,
): Promise<TrackEvent | undefined> {
  const row = await db
    .deleteFrom('track_event')
    .where('id', '=', id)
    .returningAll()
    .executeTakeFirst();
  return row && fromRow(row);
}
