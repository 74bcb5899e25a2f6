import { notFound } from 'next/navigation';
import { isSouthern } from '@/core/model';
import { callersDatabase } from '@/server/callers-database';
import { findOuting } from '@/data/outings';
import { SkisScreen } from '@/features/skis/skis-screen';
import { loadRack } from '@/features/skis/use-cases/load-skis';
import { nowMs } from '@/server/clock';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdSkis;

export const generateMetadata = () => ({ title: WORDS.skis });

async function SkisPage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = callersDatabase();
  const outing = await findOuting(db, (await params).outingId);
  if (!outing) notFound();
  const rack = await loadRack(db, nowMs(), isSouthern(outing.venue));
  return <SkisScreen outing={outing} rack={rack} />;
}

export default readablePage(SkisPage);
