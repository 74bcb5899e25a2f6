import { isSouthern, type DoneJob, type Outing } from '@/core/model';
import { careOf, TYPES_FOR, type Ski } from '@/core/ski';
import type { FrostDatabase } from '@/data/database';
import { bySki } from '@/data/by-ski';
import { listDoneJobs, listOpenJobs } from '@/data/jobs';
import { eventsOnRack, listFindings } from '@/data/ski-events';
import { listSkis } from '@/data/skis';
import type { BlockNow } from '../block-now';
import { blocksNow } from './load-blocks';
import { openJob, type OpenJob } from '../open-job';

/** A ski as the bench lists it. */
export interface BenchSki {
  ski: Pick<Ski, 'id' | 'name' | 'type'>;
  reserve: number;
  isDue: boolean;
  /** Its type suits the outing. */
  isFor: boolean;
  jobId: string | undefined;
}

export interface BenchView {
  skis: BenchSki[];
  /** Under way, of any outing, and done for this one. */
  open: OpenJob[];
  done: DoneJob[];
  /** What each person works next by the plan in force. */
  blocks: BlockNow[];
}

const MOST_DONE = 20;

/** All that the Bench shows, skis for this outing first, due ones before the rest. */
export async function loadBench(
  db: FrostDatabase,
  outing: Outing,
  nowMs: number,
): Promise<BenchView> {
  const [skis, eventsOf, findings, open, done, blocks] = await Promise.all([
    listSkis(db),
    eventsOnRack(db),
    listFindings(db),
    listOpenJobs(db),
    listDoneJobs(db, outing.id, MOST_DONE),
    blocksNow(db),
  ]);
  const findingsOf = bySki(findings);
  const rows = skis.map((ski): BenchSki => {
    const care = careOf(ski.type, {
      events: eventsOf.get(ski.id) ?? [],
      findings: findingsOf.get(ski.id) ?? [],
      nowMs,
      isSouthern: isSouthern(outing.venue),
    });
    const { id, name, type } = ski;
    return {
      ski: { id, name, type },
      reserve: care.reserve,
      isDue: care.due.length > 0,
      isFor: TYPES_FOR[outing.discipline].includes(ski.type),
      jobId: open.find((one) => one.skiId === ski.id)?.id,
    };
  });
  rows.sort(
    (a, b) =>
      Number(b.isFor) - Number(a.isFor) ||
      Number(b.isDue) - Number(a.isDue) ||
      a.ski.name.localeCompare(b.ski.name, 'en'),
  );
  return { skis: rows, open: open.map(openJob), done, blocks };
}
