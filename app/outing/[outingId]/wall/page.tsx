import { notFound } from 'next/navigation';
import { listChoices } from '@/data/choices';
import { callersDatabase } from '@/server/callers-database';
import { findOuting } from '@/data/outings';
import { WallSheet } from '@/features/pick/wall-sheet';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdWall;

export const generateMetadata = () => ({ title: WORDS.wallSheet });

async function WallPage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = callersDatabase();
  const { outingId } = await params;
  const outing = await findOuting(db, outingId);
  if (!outing) notFound();
  const [choice] = await listChoices(db, outingId, 1);
  return <WallSheet outing={outing} choice={choice} />;
}

export default readablePage(WallPage);
