import { notFound, redirect } from 'next/navigation';
import { cookies } from 'next/headers';
import { isItem } from '@/core/practice';
import { DRILLS } from '@/core/practice/types';
import { callersDatabase } from '@/server/callers-database';
import { findLearner } from '@/data/practice';
import { DrillScreen } from '@/features/practice/drill-screen';
import { LEARNER_COOKIE } from '@/features/practice/use-cases/learner-cookie';
import { situationOf } from '@/features/practice/use-cases/situation';
import { readable } from '../../readable';
import { readersUnits } from '@/server/readers-units';
import { practiceScreenWords } from '@/words/screens/practice';

export const dynamic = 'force-dynamic';

interface DrillPageProps {
  params: Promise<{ drill: string }>;
  searchParams: Promise<{ topic?: string; seed?: string; past?: string; until?: string }>;
}

export async function generateMetadata({ params }: DrillPageProps) {
  const { drill } = await params;
  const known = DRILLS.find((one) => one === drill);
  return { title: known ? practiceScreenWords.DRILL[known] : practiceScreenWords.home.title };
}

async function DrillPage({ params, searchParams }: DrillPageProps) {
  const { drill: named } = await params;
  const { topic = '', seed = '', past, until } = await searchParams;
  const drill = DRILLS.find((one) => one === named);
  if (!drill) notFound();
  const item = { drill, topic, seed: Number(seed), ...(past ? { pastId: past } : {}) };
  if (!isItem(item)) redirect(`/practice/next?drill=${drill}`);
  const db = callersDatabase();
  const situation = await situationOf(db, item, await readersUnits());
  if (!situation) redirect(`/practice/next?drill=${drill}`);
  const who = (await cookies()).get(LEARNER_COOKIE)?.value;
  const learner = who === undefined ? undefined : await findLearner(db, who);
  const nextHref =
    until === undefined
      ? `/practice/next?drill=${drill}`
      : `/practice/next?until=${encodeURIComponent(until)}&not=${drill}`;
  return (
    <DrillScreen
      key={`${drill} ${topic} ${seed}`}
      item={item}
      situation={situation}
      learnerId={learner?.id}
      nextHref={nextHref}
    />
  );
}

export default readable(DrillPage);
