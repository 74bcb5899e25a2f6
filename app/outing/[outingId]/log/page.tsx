import { notFound } from 'next/navigation';
import { callersDatabase } from '@/server/callers-database';
import { listOutings } from '@/data/outings';
import { LogScreen } from '@/features/log/log-screen';
import { viewOf, type LogQuery } from '@/features/log/log-view';
import { loadLog } from '@/features/log/use-cases/load-log';
import { nowMs } from '@/server/clock';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdLog;

export const generateMetadata = () => ({ title: WORDS.log });

interface LogPageProps {
  params: Promise<{ outingId: string }>;
  searchParams: Promise<LogQuery>;
}

async function LogPage({ params, searchParams }: LogPageProps) {
  const db = callersDatabase();
  const [{ outingId }, query] = await Promise.all([params, searchParams]);
  const outings = await listOutings(db);
  const outing = outings.find((one) => one.id === outingId);
  if (!outing) notFound();
  const shown = await loadLog(db, { outing, outings }, { view: viewOf(query), nowMs: nowMs() });
  return <LogScreen {...shown} />;
}

export default readablePage(LogPage);
