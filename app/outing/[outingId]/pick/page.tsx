import { notFound } from 'next/navigation';
import { loadCourse } from '@/data/course';
import { database } from '@/data/database';
import { findOuting } from '@/data/outings';
import { listProducts } from '@/data/products';
import { listReadings } from '@/data/readings';
import { PickScreen } from '@/features/pick/pick-screen';
import { keptStart } from '@/workers/server-outlook';

export const metadata = { title: 'Pick' };

export default async function PickPage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = database();
  const { outingId } = await params;
  const outing = await findOuting(db, outingId);
  if (!outing) notFound();
  const [readings, products, course] = await Promise.all([
    listReadings(db, outingId, 1),
    listProducts(db),
    loadCourse(db, outing),
  ]);
  const start = await keptStart(course, outing.venue, outing.startAt);
  return <PickScreen outing={outing} reading={readings[0]} start={start} products={products} />;
}
