import { notFound } from 'next/navigation';
import { database } from '@/data/database';
import { findOuting } from '@/data/outings';
import { SkisScreen } from '@/features/skis/skis-screen';
import { loadRack } from '@/features/skis/use-cases/load-skis';

export const metadata = { title: 'Skis' };

export default async function SkisPage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = database();
  const outing = await findOuting(db, (await params).outingId);
  if (!outing) notFound();
  // eslint-disable-next-line react-hooks/purity -- the server's clock of this request
  const rack = await loadRack(db, Date.now(), outing.venue.latitude < 0);
  return <SkisScreen outing={outing} rack={rack} />;
}
