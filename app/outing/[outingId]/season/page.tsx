import { notFound } from 'next/navigation';
import { callersDatabase } from '@/server/callers-database';
import { findOuting } from '@/data/outings';
import { SeasonScreen } from '@/features/season/season-screen';
import { loadSeason } from '@/features/season/use-cases/load-season';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdSeason;

export const generateMetadata = () => ({ title: WORDS.season });

async function SeasonPage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = callersDatabase();
  const outing = await findOuting(db, (await params).outingId);
  if (!outing) notFound();
  return <SeasonScreen outing={outing} view={await loadSeason(db, outing)} />;
}

export default readablePage(SeasonPage);
