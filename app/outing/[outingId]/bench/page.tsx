import { redirect } from 'next/navigation';
import { Text } from '@chakra-ui/react';
import { findJob, listOpenJobs } from '@/data/jobs';
import { BlockRunner } from '@/features/bench/block-runner';
import { BenchScreen } from '@/features/bench/bench-screen';
import { JobSheetScreen } from '@/features/bench/job-sheet-screen';
import { Runner } from '@/features/bench/runner';
import { openJob } from '@/features/bench/open-job';
import { blockOf } from '@/features/bench/use-cases/load-blocks';
import { loadBench } from '@/features/bench/use-cases/load-bench';
import { showSheet } from '@/features/bench/use-cases/show-sheet';
import { readersUnits } from '@/server/readers-units';
import { Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { pagesScreenWords } from '@/words/screens/pages';
import { outingPage, titled } from '../../../outing-page';

export const generateMetadata = titled('bench');

const WORDS = pagesScreenWords.noSheet;

export default outingPage(async ({ db, outing, query, nowMs }) => {
  const { job: jobId, ski: skiId, who: person } = query;
  const { timeZone } = outing.venue;
  const outingId = outing.id;
  if (jobId !== undefined) {
    const job = await findJob(db, jobId);
    if (!job) return undefined;
    const open = (await listOpenJobs(db)).map(openJob);
    return <Runner {...{ job, open, outingId, timeZone }} serverNowMs={nowMs} />;
  }
  if (skiId !== undefined) {
    const running = (await listOpenJobs(db)).find((one) => one.skiId === skiId);
    if (running) redirect(`/outing/${outingId}/bench?job=${running.id}`);
    const units = await readersUnits();
    const planned = await showSheet(db, { outingId, skiId }, { nowMs, units });
    if (planned.ok) return <JobSheetScreen outingId={outingId} planned={planned.value} />;
    return (
      <Sheet
        question={WORDS.jobSheet}
        answer={<Text textStyle="title">{planned.error.message}</Text>}
      >
        <SheetLink href={`/outing/${outingId}/bench`}>{WORDS.backToTheBench}</SheetLink>
      </Sheet>
    );
  }
  if (person !== undefined) {
    const work = await blockOf(db, person, { nowMs, units: await readersUnits() });
    return (
      <BlockRunner
        {...{ person, outingId, timeZone }}
        block={work?.block}
        steps={work?.steps ?? []}
        pieces={work?.pieces}
        serverNowMs={nowMs}
      />
    );
  }
  return (
    <BenchScreen outing={outing} view={await loadBench(db, outing, nowMs)} serverNowMs={nowMs} />
  );
});
