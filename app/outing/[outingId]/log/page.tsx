import { notFound } from 'next/navigation';
import { listChoices } from '@/data/choices';
import { database } from '@/data/database';
import { listJobs } from '@/data/jobs';
import { listOutings } from '@/data/outings';
import { LogScreen } from '@/features/log/log-screen';

export const metadata = { title: 'Log' };

const MOST_SHOWN = 200;

export default async function LogPage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = database();
  const { outingId } = await params;
  const [outings, choices, jobs] = await Promise.all([
    listOutings(db),
    listChoices(db, undefined, MOST_SHOWN),
    listJobs(db, outingId),
  ]);
  const outing = outings.find((one) => one.id === outingId);
  if (!outing) notFound();
  const done = jobs.filter((job) => job.endedAt !== undefined);
  return <LogScreen outing={outing} outings={outings} choices={choices} jobs={done} />;
}
