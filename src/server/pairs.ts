import { isSouthern, type Outing, type Skier, type StarterPairs } from '@/core/model';
import { daySnow } from '@/core/choice';
import {
  groundOf,
  rankPairs,
  sharePairs,
  type PairDay,
  type PairState,
  type PairTest,
} from '@/core/pairs';
import { careOf, TYPES_FOR } from '@/core/ski';
import { structureFor } from '@/core/wax';
import { listChoices } from '@/data/choices';
import { loadCourse } from '@/data/course';
import type { FrostDatabase } from '@/data/database';
import { bySki } from '@/data/by-ski';
import { listReadings } from '@/data/readings';
import { eventsOnRack, listFindings } from '@/data/ski-events';
import { listSkis } from '@/data/skis';
import { listSkiers, listStarters } from '@/data/starters';
import { modelledCases } from './cases';
import { testOf, testsOfPairs } from './pair-tests';

const HOUR_MS = 3_600_000;

/** Who takes which pair on an outing, and the day as the pairs meet it. */
export interface OutingPairs {
  day: PairDay;
  rows: StarterPairs[];
}

/** The day of an outing: structure as chosen, else as the snow asks for it; firm or loose by the snow. */
async function dayOf(
  db: FrostDatabase,
  outing: Outing,
  nowMs: number,
): Promise<{ day: PairDay; tests: ReadonlyMap<string, PairTest> }> {
  const [[choice], [reading], course] = await Promise.all([
    listChoices(db, outing.id, 1),
    listReadings(db, outing.id, 1),
    loadCourse(db, outing),
  ]);
  const modelled = await modelledCases(db, { course, outing, reading });
  const day = daySnow(outing, modelled?.cases, reading);
  const pairDay: PairDay = {
    widthMm: choice?.details?.structure.widthMm ?? (day && structureFor(day.snow).widthMm),
    ground: groundOf(day?.snow ?? {}),
    isRace: outing.purpose === 'race',
    hoursLeft: Math.max(0, Date.parse(outing.startAt) - nowMs) / HOUR_MS,
  };
  const tests = day
    ? await testsOfPairs(db, { outing, snow: day.snow }, nowMs)
    : new Map<string, PairTest>();
  return { day: pairDay, tests };
}

/** All pairs on the rack that suit an outing, with how they are. */
async function statesFor(db: FrostDatabase, outing: Outing, nowMs: number): Promise<PairState[]> {
  const [skis, eventsOf, findings] = await Promise.all([
    listSkis(db),
    eventsOnRack(db),
    listFindings(db),
  ]);
  const findingsOf = bySki(findings);
  return skis
    .filter(({ type }) => TYPES_FOR[outing.discipline].includes(type))
    .map((ski): PairState => {
      const own = findingsOf.get(ski.id) ?? [];
      const { reserve, kmSinceGrind } = careOf(ski.type, {
        events: eventsOf.get(ski.id) ?? [],
        findings: own,
        nowMs,
        isSouthern: isSouthern(outing.venue),
      });
      return { ski, reserve, kmSinceGrind, findings: own };
    });
}

/** Whether a skier may take a pair: their own, or one that is nobody's. */
const mayTake = ({ name }: Skier, { ski }: PairState) =>
  ski.owner === '' || ski.owner.trim().toLowerCase() === name.trim().toLowerCase();

/** Who races on an outing, and which pair suits each of them today. */
export async function outingPairs(
  db: FrostDatabase,
  outing: Outing,
  nowMs: number,
): Promise<OutingPairs> {
  const [starters, skiers, { day, tests }, all] = await Promise.all([
    listStarters(db, outing.id),
    listSkiers(db),
    dayOf(db, outing, nowMs),
    statesFor(db, outing, nowMs),
  ]);
  const states = all.map((state) => {
    const test = testOf(tests, state.ski.name);
    return test ? { ...state, test } : state;
  });
  const skierOf = new Map(skiers.map((skier) => [skier.id, skier]));
  const rows = starters.flatMap((starter): StarterPairs[] => {
    const skier = skierOf.get(starter.skierId);
    if (!skier) return [];
    const own = states.filter((state) => mayTake(skier, state) || state.ski.id === starter.skiId);
    const asked = { ...skier, likesSkiId: starter.likesSkiId };
    return [{ starter, skier, ranking: rankPairs(own, asked, day) }];
  });
  const shared = sharePairs(
    rows.map(({ starter, ranking }) => ({
      id: starter.id,
      ranking,
      givenSkiId: states.some(({ ski }) => ski.id === starter.skiId) ? starter.skiId : undefined,
    })),
  );
  return {
    day,
    rows: rows
      .map((row) => ({ ...row, skiId: shared.get(row.starter.id) }))
      .sort((a, b) => a.skier.name.localeCompare(b.skier.name, 'en')),
  };
}
