import { redirect } from 'next/navigation';
import { callersDatabase } from '@/server/callers-database';
import { listOutings, nextOuting } from '@/data/outings';
import { nowMs } from '@/server/clock';
import { readable } from './readable';

export const dynamic = 'force-dynamic';

async function Home() {
  const outing = nextOuting(await listOutings(callersDatabase()), nowMs());
  redirect(outing ? `/outing/${outing.id}/snow` : '/quick');
}

export default readable(Home);
