import { notFound } from 'next/navigation';
import { database } from '@/data/database';
import { findOuting } from '@/data/outings';
import { listProducts } from '@/data/products';
import { listReadings } from '@/data/readings';
import { SnowScreen } from '@/features/snow/snow-screen';

export const metadata = { title: 'Snow' };

const MOST_SHOWN = 300;

interface SnowPageProps {
  params: Promise<{ outingId: string }>;
  searchParams: Promise<{ correct?: string }>;
}

export default async function SnowPage({ params, searchParams }: SnowPageProps) {
  const db = database();
  const { outingId } = await params;
  const outing = await findOuting(db, outingId);
  if (!outing) notFound();
  const [readings, products] = await Promise.all([
    listReadings(db, outingId, MOST_SHOWN),
    listProducts(db),
  ]);
  const { correct } = await searchParams;
  return (
    <SnowScreen
      key={correct ?? 'new'}
      outing={outing}
      readings={readings}
      products={products}
      correctedId={correct}
    />
  );
}
