import { headers } from 'next/headers';
import { database } from '@/data/database';
import { listSkis } from '@/data/skis';
import { LabelsSheet } from '@/features/skis/labels-sheet';
import { originOf, skiQr } from '@/features/skis/qr';

export const metadata = { title: 'Labels' };

export default async function LabelsPage({ params }: { params: Promise<{ outingId: string }> }) {
  const { outingId } = await params;
  const origin = originOf(await headers());
  const skis = await listSkis(database());
  const labels = await Promise.all(
    skis.map(async (ski) => ({ ski, qr: await skiQr(origin, ski.id) })),
  );
  return <LabelsSheet labels={labels} back={`/outing/${outingId}/skis`} origin={origin} />;
}
