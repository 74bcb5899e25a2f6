import { notFound } from 'next/navigation';
import { database } from '@/data/database';
import { findOuting } from '@/data/outings';
import { GripScreen } from '@/features/grip/grip-screen';
import { loadGrip } from '@/features/grip/use-cases/load-grip';
import { readable } from '@/server/readable';
import { words } from '@/words';

const WORDS = words.screens.pages.outingOutingIdGrip;

export const metadata = { title: WORDS.grip };

async function GripPage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = database();
  const outing = await findOuting(db, (await params).outingId);
  if (!outing) notFound();
  return <GripScreen outing={outing} view={await loadGrip(db, outing)} />;
}

export default readable(GripPage);
