import { JOB_FIELDS, STEP_RECORD_FIELDS, type DoneJob, type Job } from '../core/model';
import type { StepRecord, WorkedStep } from '../core/bench';
import { sql } from 'kysely';
import type { FrostDatabase } from './database';
import { entityOf, rowOf } from './rows';
import type { JobStepRow } from './schema';

/** Starts a job. */
export async function addJob(db: FrostDatabase, job: Job): Promise<void> {
  await db
    .insertInto('job')
    .values({ ...rowOf(JOB_FIELDS, job), dropped_at: null })
    .execute();
}

async function jobsOf(
  db: FrostDatabase,
  where: { id?: string; isOpen?: boolean; outingIds?: readonly string[] },
): Promise<Job[]> {
  let query = db.selectFrom('job').selectAll().orderBy('started_at');
  if (where.id !== undefined) query = query.where('id', '=', where.id);
  if (where.isOpen) query = query.where('ended_at', 'is', null).where('dropped_at', 'is', null);
  if (where.outingIds) {
    query = query.where('outing_id', 'in', where.outingIds).where('dropped_at', 'is', null);
  }
  const rows = await query.execute();
  if (rows.length === 0) return [];
  const steps = await db
    .selectFrom('job_step')
    .selectAll()
    .where(
      'job_id',
      'in',
      rows.map((row) => row.id),
    )
    .orderBy('position')
    .execute();
  const stepsOf = new Map(rows.map((row) => [row.id, [] as typeof steps]));
  for (const step of steps) stepsOf.get(step.job_id)!.push(step);
  return rows.map((row) => ({
    ...entityOf<Job>(JOB_FIELDS, row),
    records: (stepsOf.get(row.id) ?? []).map((step) =>
      entityOf<StepRecord>(STEP_RECORD_FIELDS, step),
    ),
  }));
}

/** One job with its records. */
export async function findJob(db: FrostDatabase, id: string): Promise<Job | undefined> {
  return (await jobsOf(db, { id }))[0];
}

/** Jobs for some outings that were not put away, the first started first. */
export const listJobsFor = (db: FrostDatabase, outingIds: readonly string[]): Promise<Job[]> =>
  jobsOf(db, { outingIds });

/** Jobs under way, of every outing. */
export const listOpenJobs = (db: FrostDatabase): Promise<Job[]> => jobsOf(db, { isOpen: true });

/** Jobs that are done, in no order; their figures are summed where they are stored. */
export async function doneJobsOf(db: FrostDatabase, ids: readonly string[]): Promise<DoneJob[]> {
  const rows = await db
    .selectFrom('job')
    .leftJoin('job_step', 'job_step.job_id', 'job.id')
    .select([
      'job.id',
      'job.started_at',
      'job.ended_at',
      sql<string>`json_extract(job.sheet, '$.title')`.as('title'),
      sql<number>`json_array_length(job.sheet, '$.steps')`.as('steps'),
      sql<number>`total(case when job_step.outcome = 'done' then job_step.grams end)`.as('grams'),
      sql<number>`total(job_step.outcome = 'ended_early')`.as('early'),
      sql<string>`json_group_array(json_object(
        'title', json_extract(job.sheet, '$.steps[' || job_step.position || '].title'),
        'reason', job_step.skip_reason)) filter (where job_step.outcome = 'skipped')`.as('skipped'),
    ])
    .where('job.id', 'in', ids)
    .where('job.ended_at', 'is not', null)
    .groupBy('job.id')
    .execute();
  return rows.map((row) => ({
    id: row.id,
    title: row.title,
    startedAt: row.started_at,
    endedAt: row.ended_at!,
    steps: row.steps,
    grams: row.grams,
    waitsEndedEarly: row.early,
    skipped: JSON.parse(row.skipped) as DoneJob['skipped'],
  }));
}

/** Jobs done for an outing, the latest first. */
export async function listDoneJobs(
  db: FrostDatabase,
  outingId: string,
  most: number,
): Promise<DoneJob[]> {
  const latest = await db
    .selectFrom('job')
    .select('id')
    .where('outing_id', '=', outingId)
    .where('ended_at', 'is not', null)
    .orderBy('ended_at', 'desc')
    .limit(most)
    .execute();
  const ids = latest.map((row) => row.id);
  const jobs = new Map((await doneJobsOf(db, ids)).map((job) => [job.id, job]));
  return ids.map((id) => jobs.get(id)!);
}

/** Writes the record of a step, new or changed. */
export async function saveStepRecord(
  db: FrostDatabase,
  { jobId, kind, record }: { jobId: string; kind: JobStepRow['kind']; record: StepRecord },
): Promise<void> {
  const row = { job_id: jobId, kind, ...rowOf(STEP_RECORD_FIELDS, record) };
  await db
    .insertInto('job_step')
    .values(row)
    .onConflict((conflict) => conflict.columns(['job_id', 'position']).doUpdateSet(row))
    .execute();
}

/** Takes back the records of steps from a position on. */
export async function removeStepRecords(
  db: FrostDatabase,
  jobId: string,
  fromPosition: number,
): Promise<void> {
  await db
    .deleteFrom('job_step')
    .where('job_id', '=', jobId)
    .where('position', '>=', fromPosition)
    .execute();
}

/** Sets when a job ended or was put away; undefined opens it again. */
export async function markJob(
  db: FrostDatabase,
  id: string,
  change: { endedAt?: string; droppedAt?: string },
): Promise<void> {
  await db
    .updateTable('job')
    .set({ ended_at: change.endedAt ?? null, dropped_at: change.droppedAt ?? null })
    .where('id', '=', id)
    .execute();
}

/** Steps worked through, for the minutes of this bench; waits and skips are left out. */
export async function workedSteps(db: FrostDatabase, most = 2000): Promise<WorkedStep[]> {
  const rows = await db
    .selectFrom('job_step')
    .select(['kind', 'started_at', 'ended_at'])
    .where('outcome', '=', 'done')
    .where('due_at', 'is', null)
    .orderBy('ended_at', 'desc')
    .limit(most)
    .execute();
  return rows.map((row) => ({
    kind: row.kind,
    activeMin: (Date.parse(row.ended_at!) - Date.parse(row.started_at)) / 60_000,
  }));
}
