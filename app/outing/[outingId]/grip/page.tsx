import { notFound } from 'next/navigation';
import { callersDatabase } from '@/server/callers-database';
import { findOuting } from '@/data/outings';
import { GripScreen } from '@/features/grip/grip-screen';
import { loadGrip } from '@/features/grip/use-cases/load-grip';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdGrip;

export const generateMetadata = () => ({ title: WORDS.grip });

interface GripPageProps {
  params: Promise<{ outingId: string }>;
  searchParams: Promise<{ ski?: string | string[] }>;
}

async function GripPage({ params, searchParams }: GripPageProps) {
  const db = callersDatabase();
  const outing = await findOuting(db, (await params).outingId);
  if (!outing) notFound();
  const { ski } = await searchParams;
  const view = await loadGrip(db, outing, typeof ski === 'string' ? ski : undefined);
  return <GripScreen key={view.pair?.id} outing={outing} view={view} />;
}

export default readablePage(GripPage);
