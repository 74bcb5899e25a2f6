import { notFound } from 'next/navigation';
import { database } from '@/data/database';
import { findOuting } from '@/data/outings';
import { listProducts } from '@/data/products';
import { listReadings } from '@/data/readings';
import { PickScreen } from '@/features/pick/pick-screen';

export const metadata = { title: 'Pick' };

export default async function PickPage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = database();
  const { outingId } = await params;
  const outing = await findOuting(db, outingId);
  if (!outing) notFound();
  const [readings, products] = await Promise.all([listReadings(db, outingId, 1), listProducts(db)]);
  return <PickScreen outing={outing} reading={readings[0]} products={products} />;
}
