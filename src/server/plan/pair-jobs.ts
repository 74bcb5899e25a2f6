import type { Job, PlannedPair } from '@/core/model';
import { stationSteps, visitState, visitTimes, type BenchPair, type VisitState } from '@/core/plan';
import type { FrostDatabase } from '@/data/database';
import { listJobsFor } from '@/data/jobs';
import { pairIdOf } from '@/server/job/asked';

/** The last job of each pair of a plan, by the pair's id. */
export async function jobsOfPairs(
  db: FrostDatabase,
  pairs: readonly PlannedPair[],
): Promise<Map<string, Job>> {
  const jobs = await listJobsFor(db, [...new Set(pairs.map(({ outingId }) => outingId))]);
  // The later ones take the place of those before.
  const byPair = new Map(jobs.map((job) => [pairIdOf(job.outingId, job.skiId), job]));
  return new Map(
    pairs.flatMap(({ id }): [string, Job][] => {
      const job = byPair.get(id);
      return job ? [[id, job]] : [];
    }),
  );
}

/** Whether a job runs the sheet that was planned: another one may have been started at the bench. */
export function isAsPlanned(pair: BenchPair, job: Job | undefined): boolean {
  if (!job) return true;
  const visits = stationSteps(job.sheet.steps);
  return (
    visits.length === pair.steps.length && visits.every(({ key }, k) => key === pair.steps[k]!.key)
  );
}

/** Where each visit of a pair stands, and when it really was. */
export interface VisitNow {
  state: VisitState;
  startedMs?: number;
  endedMs?: number;
}

/** By what the runner recorded; empty where it runs another sheet than the planned one. */
export const visitsNow = (pair: BenchPair, job: Job | undefined): VisitNow[] =>
  isAsPlanned(pair, job)
    ? pair.steps.map((step) => ({
        state: visitState(step, job?.records ?? []),
        ...visitTimes(step, job?.records ?? []),
      }))
    : [];
