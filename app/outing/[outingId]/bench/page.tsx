import { notFound, redirect } from 'next/navigation';
import { Text } from '@chakra-ui/react';
import { callersDatabase } from '@/server/callers-database';
import { findJob, listOpenJobs } from '@/data/jobs';
import { findOuting } from '@/data/outings';
import { BlockRunner } from '@/features/bench/block-runner';
import { BenchScreen } from '@/features/bench/bench-screen';
import { PlanScreen } from '@/features/bench/plan-screen';
import { Runner } from '@/features/bench/runner';
import { openJob } from '@/features/bench/open-job';
import { blockOf } from '@/features/bench/use-cases/load-blocks';
import { loadBench } from '@/features/bench/use-cases/load-bench';
import { showSheet } from '@/features/bench/use-cases/show-sheet';
import { readersUnits } from '@/server/readers-units';
import { Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { nowMs } from '@/server/clock';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdBench;

export const generateMetadata = () => ({ title: WORDS.bench });

interface BenchPageProps {
  params: Promise<{ outingId: string }>;
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

async function BenchPage({ params, searchParams }: BenchPageProps) {
  const db = callersDatabase();
  const { outingId } = await params;
  const { job: jobId, ski: skiId, who: person } = await searchParams;
  const outing = await findOuting(db, outingId);
  if (!outing) notFound();
  const now = nowMs();
  if (typeof jobId === 'string') {
    const job = await findJob(db, jobId);
    if (!job) notFound();
    const open = (await listOpenJobs(db)).map(openJob);
    const { timeZone } = outing.venue;
    return <Runner {...{ job, open, outingId, timeZone }} serverNowMs={now} />;
  }
  if (typeof skiId === 'string') {
    const running = (await listOpenJobs(db)).find((one) => one.skiId === skiId);
    if (running) redirect(`/outing/${outingId}/bench?job=${running.id}`);
    const units = await readersUnits();
    const planned = await showSheet(db, { outingId, skiId }, { nowMs: now, units });
    if (planned.ok) return <PlanScreen outingId={outingId} planned={planned.value} />;
    return (
      <Sheet
        question={WORDS.jobSheet}
        answer={<Text textStyle="title">{planned.error.message}</Text>}
      >
        <SheetLink href={`/outing/${outingId}/bench`}>{WORDS.backToTheBench}</SheetLink>
      </Sheet>
    );
  }
  if (typeof person === 'string') {
    const work = await blockOf(db, person, { nowMs: now, units: await readersUnits() });
    return (
      <BlockRunner
        {...{ person, outingId }}
        block={work?.block}
        steps={work?.steps ?? []}
        pieces={work?.pieces}
        timeZone={outing.venue.timeZone}
        serverNowMs={now}
      />
    );
  }
  const view = await loadBench(db, outing, now);
  return <BenchScreen outing={outing} view={view} serverNowMs={now} />;
}

export default readablePage(BenchPage);
