import {
  FINDING_FIELDS,
  SKI_EVENT_DETAIL_FIELDS,
  SKI_EVENT_FIELDS,
  type KeptEvent,
  type KeptFinding,
} from '../core/model';
import type { SkiEvent } from '../core/ski';
import type { FrostDatabase } from './database';
import { bySki } from './by-ski';
import { entityOf, onlyOf, rowOf } from './rows';

/** Writes an event into the life of a ski. */
export async function addSkiEvent(db: FrostDatabase, event: KeptEvent): Promise<void> {
  const details = onlyOf(SKI_EVENT_DETAIL_FIELDS, event);
  await db
    .insertInto('ski_event')
    .values({ ...rowOf(SKI_EVENT_FIELDS, event), details: JSON.stringify(details) })
    .execute();
}

const eventFrom = (row: { details: string }): KeptEvent => ({
  ...(row.details === '{}' ? {} : (JSON.parse(row.details) as Partial<SkiEvent>)),
  ...entityOf<KeptEvent>(SKI_EVENT_FIELDS, row),
});

/** What happened to each pair on the rack, by its id, in no order. */
export async function eventsOnRack(db: FrostDatabase): Promise<Map<string, SkiEvent[]>> {
  const rows = await db.selectFrom('ski_event').selectAll().execute();
  return bySki(rows.map(eventFrom));
}

/** Events of one ski, oldest first. */
export async function listSkiEvents(db: FrostDatabase, skiId: string): Promise<KeptEvent[]> {
  const query = db.selectFrom('ski_event').selectAll().where('ski_id', '=', skiId);
  return (await query.orderBy('at').execute()).map(eventFrom);
}

/** Events of these ids. */
export async function skiEventsOf(db: FrostDatabase, ids: readonly string[]): Promise<KeptEvent[]> {
  const rows = await db.selectFrom('ski_event').selectAll().where('id', 'in', ids).execute();
  return rows.map(eventFrom);
}

/** Takes an event back; undefined when it is gone, else what it was. */
export async function removeSkiEvent(
  db: FrostDatabase,
  id: string,
): Promise<KeptEvent | undefined> {
  const row = await db
    .deleteFrom('ski_event')
    .where('id', '=', id)
    .returningAll()
    .executeTakeFirst();
  return row && eventFrom(row);
}

/** Takes back what a job wrote: its events, and what it cleared. */
export async function undoJobEvents(db: FrostDatabase, jobId: string): Promise<void> {
  await db.deleteFrom('ski_event').where('job_id', '=', jobId).execute();
  await db
    .updateTable('finding')
    .set({ cleared_at: null, cleared_by_job: null })
    .where('cleared_by_job', '=', jobId)
    .execute();
}

/** Marks something seen on a base. */
export async function addFinding(db: FrostDatabase, finding: KeptFinding): Promise<void> {
  await db
    .insertInto('finding')
    .values({ ...rowOf(FINDING_FIELDS, finding), cleared_at: null, cleared_by_job: null })
    .execute();
}

/** What stands on the bases now: of one ski, or of all. */
export async function listFindings(db: FrostDatabase, skiId?: string): Promise<KeptFinding[]> {
  let query = db
    .selectFrom('finding')
    .selectAll()
    .where('cleared_at', 'is', null)
    .orderBy('position_cm');
  if (skiId !== undefined) query = query.where('ski_id', '=', skiId);
  return (await query.execute()).map((row) => entityOf<KeptFinding>(FINDING_FIELDS, row));
}

/** Clears findings of a ski by their kinds, for a job; or one by its id, by hand. */
export async function clearFindings(
  db: FrostDatabase,
  target: { skiId: string; kinds: readonly string[]; jobId: string } | { id: string },
  at: string,
): Promise<void> {
  const query = db.updateTable('finding').where('cleared_at', 'is', null);
  if ('id' in target) {
    await query.set({ cleared_at: at }).where('id', '=', target.id).execute();
    return;
  }
  const { skiId, kinds, jobId } = target;
  if (kinds.length === 0) return;
  await query
    .set({ cleared_at: at, cleared_by_job: jobId })
    .where('ski_id', '=', skiId)
    .where('kind', 'in', kinds as never)
    .execute();
}

/** Puts a cleared finding back. */
export async function restoreFinding(db: FrostDatabase, id: string): Promise<void> {
  await db
    .updateTable('finding')
    .set({ cleared_at: null, cleared_by_job: null })
    .where('id', '=', id)
    .execute();
}
