import {
  cabinResources,
  type Cabin,
  type Job,
  type KeptPlan,
  type Outing,
  type PlannedPair,
  type PlannedSheet,
  type PlanWish,
} from '@/core/model';
import { learnedSpreads, type Programme } from '@/core/bench';
import { leftToPlan, PLAN, stationSteps, type LeftToPlan, type SheetStep } from '@/core/plan';
import { latestPlan } from '@/data/bench-plans';
import type { FrostDatabase } from '@/data/database';
import { listJobsFor, workedSteps } from '@/data/jobs';
import { findOuting } from '@/data/outings';
import { cabinSchema, wishSchema } from '@/formats/schemas/bench-plan';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { pairIdOf, sheetAsked } from '@/server/job/asked';
import { sheetGround, sheetOn } from '@/server/job/plan-sheet';
import { outingPairs } from '@/server/pairs';
import { jobsOfPairs } from '@/server/plan/pair-jobs';
import { planWords } from '@/words/areas/plan';
import { planScreenWords } from '@/words/screens/plan';

const WORDS = planScreenWords.planGround;

const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;

/** The bench with everything to plan on it. */
export interface PlanGround {
  wish: PlanWish;
  cabin: Cabin;
  timeZone: string;
  pairs: PlannedPair[];
  left: LeftToPlan;
  /** Skiers without a pair, by name. */
  withoutPair: string[];
  /** On sheets that are not begun: what could be left out of them, and the most coats of one wax. */
  programmes: Programme[];
  coats: number;
  /** Pairs whose hot wax a liquid could stand in for. */
  liquids: PairLiquid[];
}

/** What could go on a pair in place of hot wax, and what it loses more on glide, %. */
export interface PairLiquid {
  pairId: string;
  skiName: string;
  product: string;
  lossPercent: number;
}

/** What a pair's sheet holds: the steps to plan, and what could be left out of them. */
interface PairSheet {
  steps: readonly SheetStep[];
  programmes: readonly Programme[];
  coats: number;
  liquid?: PlannedSheet['liquid'];
}

/** What of a job that runs or is done: nothing can be left out of it any more. */
const sheetOfJob = ({ sheet }: Job): PairSheet => ({
  steps: sheet.steps,
  programmes: [],
  coats: 0,
});

interface PairsQuestion {
  outing: Outing;
  wish: PlanWish;
  /** Of the minutes of each kind of step, as this bench works. */
  spreads: ReturnType<typeof learnedSpreads>;
  nowMs: number;
}

async function pairsOf(
  db: FrostDatabase,
  { outing, wish, spreads, nowMs }: PairsQuestion,
): Promise<WireResult<{ pairs: PlannedPair[]; withoutPair: string[]; sheets: PairSheet[] }>> {
  const [{ rows }, ground, jobs] = await Promise.all([
    outingPairs(db, outing, nowMs),
    sheetGround(db, outing),
    listJobsFor(db, [outing.id]),
  ]);
  const startMs = Date.parse(outing.startAt);
  const pairs: PlannedPair[] = [];
  const sheets: PairSheet[] = [];
  for (const { starter, skier, skiId, ranking } of rows) {
    const taken = ranking.find((pair) => pair.skiId === skiId);
    if (!taken) continue;
    const job = jobs.findLast((one) => one.skiId === taken.skiId);
    const asked = sheetAsked(wish, { outingId: outing.id, skiId: taken.skiId });
    const planned = job ? undefined : await sheetOn(db, { ground, asked }, nowMs);
    if (planned && !planned.ok) return planned;
    const sheet = job ? sheetOfJob(job) : { ...planned!.value, ...planned!.value.sheet };
    sheets.push(sheet);
    pairs.push({
      id: pairIdOf(outing.id, taken.skiId),
      skiId: taken.skiId,
      outingId: outing.id,
      skiName: taken.skiName,
      skierName: skier.name,
      outingName: outing.name,
      startMs,
      dueMs: startMs - wish.readyMin * MINUTE_MS,
      ...(starter.priority === undefined ? {} : { priority: starter.priority }),
      steps: stationSteps(sheet.steps, {
        topNotBeforeMs: startMs - wish.topHours * HOUR_MS,
        logSdOf: (kind) => spreads[kind] ?? PLAN.minutesLogSd,
      }),
    });
  }
  const withoutPair = rows.filter(({ skiId }) => !skiId).map(({ skier }) => skier.name);
  return { ok: true, value: { pairs, withoutPair, sheets } };
}

/** All that a plan is made of, from now on: what is done or under way stays as it is. */
export async function planGround(
  db: FrostDatabase,
  asked: { cabin: unknown; wish: unknown },
  atMs: number,
): Promise<WireResult<PlanGround>> {
  // From a whole minute on: nobody reads seconds on a wall.
  const nowMs = Math.ceil(atMs / MINUTE_MS) * MINUTE_MS;
  const [cabinChecked, wishChecked] = [
    validate(cabinSchema, asked.cabin),
    validate(wishSchema, asked.wish),
  ];
  if (!cabinChecked.ok) return invalidInput(cabinChecked.problems);
  if (!wishChecked.ok) return invalidInput(wishChecked.problems);
  const [cabin, wish] = [cabinChecked.value as Cabin, wishChecked.value];
  const pairs: PlannedPair[] = [];
  const withoutPair: string[] = [];
  const sheets: PairSheet[] = [];
  const spreads = learnedSpreads(await workedSteps(db), PLAN.minutesLogSd);
  let timeZone: string | undefined;
  for (const outingId of wish.outingIds) {
    const outing = await findOuting(db, outingId);
    if (!outing) return failed('not_found', WORDS.outingGone);
    if (Date.parse(outing.startAt) <= nowMs) {
      return invalidInput([{ field: 'outingIds', message: WORDS.hasStarted(outing.name) }]);
    }
    timeZone ??= outing.venue.timeZone;
    const made = await pairsOf(db, { outing, wish, spreads, nowMs });
    if (!made.ok) return made;
    pairs.push(...made.value.pairs);
    withoutPair.push(...made.value.withoutPair);
    sheets.push(...made.value.sheets);
  }
  if (pairs.length === 0) return failed('conflict', WORDS.nothingToPlan);
  const problem = usable({ cabin, pairs });
  if (problem) return problem;
  return {
    ok: true,
    value: {
      wish,
      cabin,
      timeZone: timeZone!,
      pairs,
      withoutPair,
      programmes: [...new Set(sheets.flatMap(({ programmes }) => programmes))],
      liquids: sheets.flatMap(({ liquid }, k) =>
        liquid ? [{ pairId: pairs[k]!.id, skiName: pairs[k]!.skiName, ...liquid }] : [],
      ),
      coats: Math.max(0, ...sheets.map(({ coats }) => coats)),
      left: await leftNow(db, { cabin, pairs, timeZone: timeZone! }, nowMs),
    },
  };
}

/** What no plan can mend: an iron that nobody has, a skill that nobody has. */
function usable({
  cabin,
  pairs,
}: Pick<PlanGround, 'cabin' | 'pairs'>): WireResult<never> | undefined {
  const steps = pairs.flatMap((pair) => pair.steps);
  if (cabin.irons.length === 0 && steps.some(({ needs }) => needs.includes('iron'))) {
    return invalidInput([{ field: 'irons', message: planWords.request.noIron }]);
  }
  const skills = new Set(cabin.people.flatMap((person) => person.skills ?? []));
  const missing = steps.find(({ skill }) => skill !== undefined && !skills.has(skill))?.skill;
  if (missing !== undefined) {
    const message = WORDS.nobodyDoes(planWords.SKILL[missing as keyof typeof planWords.SKILL]);
    return invalidInput([{ field: 'people', message }]);
  }
  return undefined;
}

async function leftNow(
  db: FrostDatabase,
  { cabin, pairs, timeZone }: Pick<PlanGround, 'cabin' | 'pairs' | 'timeZone'>,
  nowMs: number,
): Promise<LeftToPlan> {
  const [before, jobs] = await Promise.all([latestPlan(db), jobsOfPairs(db, pairs)]);
  return leftToPlan(
    { ...cabinResources(cabin, timeZone), pairs },
    {
      recordsOf: (pairId) => jobs.get(pairId)?.records ?? [],
      before: before ? sameVisits(before, pairs) : [],
      nowMs,
    },
  );
}

/** Tasks of the plan before that are still the same visits. */
const sameVisits = (before: KeptPlan, pairs: readonly PlannedPair[]) =>
  before.tasks.filter(
    ({ pairId, index, stepKey }) =>
      pairs.find(({ id }) => id === pairId)?.steps[index]?.key === stepKey,
  );
