import { cookies } from 'next/headers';
import { PRACTICE } from '@/core/practice';
import { DRILLS } from '@/core/practice/types';
import { callersDatabase } from '@/server/callers-database';
import { drillHref } from '@/features/practice/drill-href';
import { LEARNER_COOKIE } from '@/features/practice/use-cases/learner-cookie';
import { nextDrill } from '@/features/practice/use-cases/next-drill';
import { findLearner } from '@/data/practice';
import { nowMs } from '@/server/clock';

const MS = 1000;
const SEE_OTHER = 303;

const goTo = (path: string) =>
  new Response(null, { status: SEE_OTHER, headers: { location: path } });

/** Leads to the next situation: of one drill, or of what is due; a round ends after five minutes. */
export async function GET(request: Request): Promise<Response> {
  const query = new URL(request.url).searchParams;
  const now = nowMs();
  const isRound = query.has('round');
  const until = isRound ? String(now + PRACTICE.fiveMinutesS * MS) : query.get('until');
  if (until !== null && now > Number(until)) return goTo('/practice?round=done');
  const drillOf = (name: string) => DRILLS.find((one) => one === query.get(name));
  const who = (await cookies()).get(LEARNER_COOKIE)?.value;
  const db = callersDatabase();
  const learner = who === undefined ? undefined : await findLearner(db, who);
  const item = await nextDrill(db, learner?.id, {
    drill: drillOf('drill'),
    not: drillOf('not'),
    nowMs: now,
    // Nobody's answers are kept: the clock tells situations apart.
    count: learner ? 0 : Math.floor(now / MS),
  });
  return goTo(drillHref(item, until ?? undefined));
}
