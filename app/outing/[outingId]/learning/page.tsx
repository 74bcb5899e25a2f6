import { notFound } from 'next/navigation';
import { callersDatabase } from '@/server/callers-database';
import { findOuting } from '@/data/outings';
import { LearningScreen } from '@/features/learning/learning-screen';
import { loadLearningView } from '@/features/learning/use-cases/load-learning';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdLearning;

export const generateMetadata = () => ({ title: WORDS.learning });

async function LearningPage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = callersDatabase();
  const outing = await findOuting(db, (await params).outingId);
  if (!outing) notFound();
  return <LearningScreen outing={outing} view={await loadLearningView(db, outing)} />;
}

export default readablePage(LearningPage);
