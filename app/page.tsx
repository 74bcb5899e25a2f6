import { redirect } from 'next/navigation';
import { database } from '@/data/database';
import { listOutings, nextOuting } from '@/data/outings';

export const dynamic = 'force-dynamic';

export default async function Home() {
  const outing = nextOuting(await listOutings(database()), Date.now());
  redirect(outing ? `/outing/${outing.id}/snow` : '/outing/new');
}
