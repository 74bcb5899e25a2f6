import { notFound } from 'next/navigation';
import { listChoices } from '@/data/choices';
import { database } from '@/data/database';
import { findOuting } from '@/data/outings';
import { listProducts } from '@/data/products';
import { loadTeamSettings } from '@/data/team-settings';
import { IronScreen } from '@/features/iron/iron-screen';
import { readable } from '@/server/readable';

export const metadata = { title: 'Iron lab' };

async function IronPage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = database();
  const outing = await findOuting(db, (await params).outingId);
  if (!outing) notFound();
  const [products, [choice], team] = await Promise.all([
    listProducts(db),
    listChoices(db, outing.id, 1),
    loadTeamSettings(db),
  ]);
  const ironed = products.filter(
    (one) => one.applications.includes('iron') && !one.additives.includes('fluorocarbon'),
  );
  return <IronScreen products={ironed} chosenId={choice?.productId} irons={team.irons} />;
}

export default readable(IronPage);
