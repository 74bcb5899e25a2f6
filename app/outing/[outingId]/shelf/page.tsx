import { notFound } from 'next/navigation';
import { callersDatabase } from '@/server/callers-database';
import { findOuting } from '@/data/outings';
import { ShelfScreen } from '@/features/shelf/shelf-screen';
import { loadShelf } from '@/features/shelf/use-cases/load-shelf';
import { nowMs } from '@/server/clock';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdShelf;

export const generateMetadata = () => ({ title: WORDS.shelf });

async function ShelfPage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = callersDatabase();
  const outing = await findOuting(db, (await params).outingId);
  if (!outing) notFound();
  const view = await loadShelf(db, outing, nowMs());
  return <ShelfScreen outing={outing} view={view} />;
}

export default readablePage(ShelfPage);
