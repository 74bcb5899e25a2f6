import type { KeptTimer } from '../core/model';
import { inOrderOfHands, jobState } from '../core/bench';
import type { FrostDatabase } from './database';
import { listOpenJobs } from './jobs';
import { listSkis } from './skis';

/** Every running wait of every job, in the order in which they need hands. */
export async function listTimers(db: FrostDatabase): Promise<KeptTimer[]> {
  const [jobs, skis] = await Promise.all([listOpenJobs(db), listSkis(db)]);
  const timers = jobs.flatMap((job): KeptTimer[] => {
    const { wait, current } = jobState(job.sheet, job.records);
    if (!wait || !current) return [];
    const skiName = skis.find((one) => one.id === job.skiId)?.name ?? job.sheet.title;
    return [{ jobId: job.id, outingId: job.outingId, skiName, title: current.title, ...wait }];
  });
  return inOrderOfHands(timers);
}
