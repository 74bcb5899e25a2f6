import { notFound } from 'next/navigation';
import { database } from '@/data/database';
import { listDoneJobs } from '@/data/jobs';
import { pageOfLog } from '@/data/log-choices';
import { listOutings } from '@/data/outings';
import { LogScreen } from '@/features/log/log-screen';
import { loadPast } from '@/features/log/use-cases/load-past';
import { loadOutcomes } from '@/features/log/use-cases/load-outcomes';
import { nowMs } from '@/server/clock';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdLog;

export const metadata = { title: WORDS.log };

const A_PAGE = 20;
const MOST_WORDS = 100;

interface LogPageProps {
  params: Promise<{ outingId: string }>;
  searchParams: Promise<{ find?: string | string[]; page?: string | string[] }>;
}

async function LogPage({ params, searchParams }: LogPageProps) {
  const db = database();
  const [{ outingId }, query] = await Promise.all([params, searchParams]);
  const words = (typeof query.find === 'string' ? query.find : '').trim().slice(0, MOST_WORDS);
  const page = Math.max(1, Math.floor(Number(query.page)) || 1);
  const [outings, log, jobs] = await Promise.all([
    listOutings(db),
    pageOfLog(db, { words, page, most: A_PAGE }),
    listDoneJobs(db, outingId, A_PAGE),
  ]);
  const outing = outings.find((one) => one.id === outingId);
  if (!outing) notFound();
  const view = { ...log, words, page, pages: Math.max(1, Math.ceil(log.count / A_PAGE)) };
  const outcomes = await loadOutcomes(db, outings, nowMs());
  const past = await loadPast(db, outing, { outings, said: outcomes.said });
  return <LogScreen {...{ outing, outings, view, jobs, outcomes, past }} />;
}

export default readablePage(LogPage);
