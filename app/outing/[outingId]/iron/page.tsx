import { notFound } from 'next/navigation';
import { callersDatabase } from '@/server/callers-database';
import { findOuting } from '@/data/outings';
import { IronScreen } from '@/features/iron/iron-screen';
import { loadIron } from '@/features/iron/use-cases/load-iron';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdIron;

export const generateMetadata = () => ({ title: WORDS.ironLab });

async function IronPage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = callersDatabase();
  const outing = await findOuting(db, (await params).outingId);
  if (!outing) notFound();
  return <IronScreen view={await loadIron(db, outing.id)} />;
}

export default readablePage(IronPage);
