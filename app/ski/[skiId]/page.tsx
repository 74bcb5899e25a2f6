import { notFound, redirect } from 'next/navigation';
import { callersDatabase } from '@/server/callers-database';
import { listOutings, nextOuting } from '@/data/outings';
import { findSki } from '@/data/skis';
import { nowMs } from '@/server/clock';
import { readable } from '../../readable';

export const dynamic = 'force-dynamic';

/** Where a scanned label leads: the ski, in the frame of the next outing. */
async function ScannedSki({ params }: { params: Promise<{ skiId: string }> }) {
  const db = callersDatabase();
  const { skiId } = await params;
  if (!(await findSki(db, skiId))) notFound();
  const outing = nextOuting(await listOutings(db), nowMs());
  redirect(outing ? `/outing/${outing.id}/skis/${skiId}` : '/outing/new');
}

export default readable(ScannedSki);
