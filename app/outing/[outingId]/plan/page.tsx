import { notFound } from 'next/navigation';
import { callersDatabase } from '@/server/callers-database';
import { findOuting } from '@/data/outings';
import { PlanScreen } from '@/features/plan/plan-screen';
import { loadPlan } from '@/features/plan/use-cases/load-plan';
import { nowMs } from '@/server/clock';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdPlan;

export const generateMetadata = () => ({ title: WORDS.plan });

async function PlanPage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = callersDatabase();
  const outing = await findOuting(db, (await params).outingId);
  if (!outing) notFound();
  const serverNowMs = nowMs();
  const view = await loadPlan(db, outing, serverNowMs);
  return <PlanScreen outing={outing} view={view} serverNowMs={serverNowMs} />;
}

export default readablePage(PlanPage);
