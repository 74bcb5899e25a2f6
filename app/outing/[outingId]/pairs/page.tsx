import { notFound } from 'next/navigation';
import { callersDatabase } from '@/server/callers-database';
import { findOuting } from '@/data/outings';
import { PairsScreen } from '@/features/pairs/pairs-screen';
import { nowMs } from '@/server/clock';
import { outingPairs } from '@/server/pairs';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdPairs;

export const generateMetadata = () => ({ title: WORDS.pairs });

async function PairsPage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = callersDatabase();
  const outing = await findOuting(db, (await params).outingId);
  if (!outing) notFound();
  const { day, rows } = await outingPairs(db, outing, nowMs());
  return <PairsScreen outing={outing} day={day} rows={rows} />;
}

export default readablePage(PairsPage);
