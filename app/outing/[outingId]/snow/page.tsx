import { notFound } from 'next/navigation';
import { loadCourse } from '@/data/course';
import { callersDatabase } from '@/server/callers-database';
import { findOuting } from '@/data/outings';
import { readingsWithPhoto } from '@/data/photos';
import { listProducts } from '@/data/products';
import { listReadings } from '@/data/readings';
import { listTrackEvents } from '@/data/track-events';
import { pretendedSnow } from '@/features/snow/instruments/pretended-snow';
import { loadSnow } from '@/features/snow/use-cases/load-snow';
import { SnowScreen } from '@/features/snow/snow-screen';
import { nowMs } from '@/server/clock';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdSnow;

export const generateMetadata = () => ({ title: WORDS.snow });

const MOST_SHOWN = 100;

interface SnowPageProps {
  params: Promise<{ outingId: string }>;
  searchParams: Promise<{ correct?: string }>;
}

async function SnowPage({ params, searchParams }: SnowPageProps) {
  const db = callersDatabase();
  const { outingId } = await params;
  const outing = await findOuting(db, outingId);
  if (!outing) notFound();
  const [readings, products, course, trackEvents] = await Promise.all([
    listReadings(db, outingId, MOST_SHOWN),
    listProducts(db, 'glide'),
    loadCourse(db, outing),
    listTrackEvents(db, outingId),
  ]);
  const { view, start, own } = await loadSnow(db, { course, outing, latest: readings[0] });
  const photos = await readingsWithPhoto(
    db,
    readings.map((one) => one.id),
  );
  const { correct } = await searchParams;
  const now = nowMs();
  return (
    <SnowScreen
      key={correct ?? 'new'}
      outing={outing}
      readings={readings.map((one) => ({ ...one, hasPhoto: photos.has(one.id) }))}
      products={products}
      correctedId={correct}
      course={course}
      view={view}
      start={start}
      own={own}
      trackEvents={trackEvents}
      pretended={pretendedSnow(view.ok ? view.snow : undefined, now)}
      serverNowMs={now}
    />
  );
}

export default readablePage(SnowPage);
