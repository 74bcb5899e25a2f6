import { cookies } from 'next/headers';
import { callersDatabase } from '@/server/callers-database';
import { PracticeScreen } from '@/features/practice/practice-screen';
import { LEARNER_COOKIE } from '@/features/practice/use-cases/learner-cookie';
import { loadPractice } from '@/features/practice/use-cases/load-practice';
import { nowMs } from '@/server/clock';
import { live } from '@/server/live';
import { readable } from '../readable';
import { LivePage } from '@/ui/live/live-page';
import { practiceScreenWords } from '@/words/screens/practice';

export const generateMetadata = () => ({ title: practiceScreenWords.home.title });
export const dynamic = 'force-dynamic';

interface PracticePageProps {
  searchParams: Promise<{ round?: string }>;
}

async function PracticePage({ searchParams }: PracticePageProps) {
  const changes = live().state();
  const { round } = await searchParams;
  const who = (await cookies()).get(LEARNER_COOKIE)?.value;
  const data = await loadPractice(callersDatabase(), who, nowMs());
  return (
    <>
      <PracticeScreen
        data={data}
        isRoundDone={round === 'done'}
        roundHref="/practice/next?round=5"
      />
      <LivePage page={changes} of={['practice']} />
    </>
  );
}

export default readable(PracticePage);
