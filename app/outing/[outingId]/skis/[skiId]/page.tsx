import { headers } from 'next/headers';
import { isSouthern } from '@/core/model';
import { notFound } from 'next/navigation';
import { callersDatabase } from '@/server/callers-database';
import { findOuting } from '@/data/outings';
import { originOf, skiQr } from '@/server/qr';
import { SkiScreen } from '@/features/skis/ski-screen';
import { loadSki } from '@/features/skis/use-cases/load-skis';
import { nowMs } from '@/server/clock';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdSkisSkiId;

export const generateMetadata = () => ({ title: WORDS.ski });

interface SkiPageProps {
  params: Promise<{ outingId: string; skiId: string }>;
}

async function SkiPage({ params }: SkiPageProps) {
  const db = callersDatabase();
  const { outingId, skiId } = await params;
  const outing = await findOuting(db, outingId);
  if (!outing) notFound();
  const view = await loadSki(db, {
    id: skiId,
    nowMs: nowMs(),
    isSouthern: isSouthern(outing.venue),
  });
  if (!view) notFound();
  const qr = await skiQr(originOf(await headers()), skiId);
  return <SkiScreen view={view} outingId={outingId} timeZone={outing.venue.timeZone} qr={qr} />;
}

export default readablePage(SkiPage);
