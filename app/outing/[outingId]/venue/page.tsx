import { notFound } from 'next/navigation';
import { callersDatabase } from '@/server/callers-database';
import { findOuting } from '@/data/outings';
import { listSegments } from '@/data/segments';
import { summariseStations } from '@/data/weather';
import { VenueScreen } from '@/features/venue/venue-screen';
import { nowMs } from '@/server/clock';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdVenue;

export const generateMetadata = () => ({ title: WORDS.venue });

async function VenuePage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = callersDatabase();
  const outing = await findOuting(db, (await params).outingId);
  if (!outing) notFound();
  const [segments, stations] = await Promise.all([
    listSegments(db, outing.venue.id),
    summariseStations(db, outing.venue.id),
  ]);
  return (
    <VenueScreen
      key={outing.venue.id}
      outing={outing}
      segments={segments}
      stations={stations}
      nowMs={nowMs()}
    />
  );
}

export default readablePage(VenuePage);
