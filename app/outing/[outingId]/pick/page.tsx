import { notFound } from 'next/navigation';
import { packed } from '@/core/choice';
import { loadCourse } from '@/data/course';
import { callersDatabase } from '@/server/callers-database';
import { findOuting } from '@/data/outings';
import { listProducts } from '@/data/products';
import { listReadings } from '@/data/readings';
import { loadTeamSettings } from '@/data/team-settings';
import { PickScreen } from '@/features/pick/pick-screen';
import { firstChoice } from '@/features/pick/use-cases/first-choice';
import { seenBase } from '@/features/pick/use-cases/seen-base';
import { modelledCases } from '@/server/cases';
import { nowMs } from '@/server/clock';
import { ownOf } from '@/server/learning';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdPick;

export const generateMetadata = () => ({ title: WORDS.pick });

async function PickPage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = callersDatabase();
  const { outingId } = await params;
  const outing = await findOuting(db, outingId);
  if (!outing) notFound();
  const [readings, shelf, course, team, seen] = await Promise.all([
    listReadings(db, outingId, 1),
    listProducts(db),
    loadCourse(db, outing),
    loadTeamSettings(db),
    seenBase(db, outing.discipline),
  ]);
  const ground = await modelledCases(db, { course, outing, reading: readings[0] });
  const own = await ownOf(db, outing);
  const first = await firstChoice({
    own,
    outing,
    modelled: ground?.cases,
    reading: readings[0],
    shelf,
    seen,
  });
  return (
    <PickScreen
      outing={outing}
      reading={readings[0]}
      modelled={ground && packed(ground.cases)}
      first={first}
      shelf={shelf}
      team={team}
      seen={seen}
      own={own}
      serverNowMs={nowMs()}
    />
  );
}

export default readablePage(PickPage);
