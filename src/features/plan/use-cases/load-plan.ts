import { TYPES_FOR } from '@/core/ski';
import {
  cabinResources,
  type Cabin,
  type KeptPlan,
  type Outing,
  type PlanWish,
} from '@/core/model';
import {
  leftToPlan,
  summaryOf,
  surenessOf,
  type Plan,
  type PlanSummary,
  type Sureness,
} from '@/core/plan';
import { latestPlan } from '@/data/bench-plans';
import { listChoices } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { findOuting, listOutings } from '@/data/outings';
import { listProducts } from '@/data/products';
import { listSkis } from '@/data/skis';
import { listStarters } from '@/data/starters';
import { loadTeamSettings } from '@/data/team-settings';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import { words } from '@/words';
import { recordsOfPairs, visitsNow, visitsOfPair, type VisitNow } from './plan-ground';

const WORDS = words.screens.plan.loadPlan;

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
/** Outings that one weekend's plan may hold. */
const AHEAD_MS = 4 * DAY_MS;
const USUAL_WISH = { readyMin: 45, topHours: 4 };
const USUAL_THINGS = { vices: 2, brushStands: 2, coolingPlaces: 30 };
/** A shift is shown so long after its end. */
const OVER_MS = 6 * HOUR_MS;
const USUAL_SHIFT_MS = 8 * HOUR_MS;

/** An outing that may be planned, and how many race on it. */
export interface PlanOuting {
  id: string;
  name: string;
  startAt: string;
  starters: number;
  /** Pairs on the rack that suit it: what there would be to plan once skiers are on the list. */
  pairs: number;
  hasChoice: boolean;
}

/** The wax of an outing was chosen after the plan, or its start was moved. */
export interface PlanChange {
  code: 'choice' | 'start';
  outingName: string;
}

/** What of its outings has changed since a plan was made. */
async function changesSince(db: FrostDatabase, plan: KeptPlan): Promise<PlanChange[]> {
  const changes: PlanChange[] = [];
  for (const outingId of plan.wish.outingIds) {
    const [outing, [choice]] = await Promise.all([
      findOuting(db, outingId),
      listChoices(db, outingId, 1),
    ]);
    if (!outing) continue;
    const outingName = outing.name;
    if (choice && choice.createdAt > plan.madeAt) changes.push({ code: 'choice', outingName });
    const planned = plan.pairs.find((pair) => pair.outingId === outingId);
    if (planned && planned.startMs !== Date.parse(outing.startAt)) {
      changes.push({ code: 'start', outingName });
    }
  }
  return changes;
}

/** The plan in force with how it stands now. */
export interface PlanNow {
  plan: KeptPlan;
  visits: Record<string, VisitNow[]>;
  jobs: Record<string, string>;
  summary: PlanSummary;
  sureness: Sureness[];
  /** What has changed since it was made. */
  changed: PlanChange[];
}

/** Shifts that have long been over are nobody's any more. */
const stillThere = (cabin: Cabin, nowMs: number): Cabin => ({
  ...cabin,
  people: cabin.people.filter(({ toMs }) => toMs > nowMs - OVER_MS),
});

/** All that the Plan screen shows. */
export interface PlanView {
  outings: PlanOuting[];
  cabin: Cabin;
  wish: PlanWish;
  isCabinSaid: boolean;
  now?: PlanNow;
  /** Names of waxes by id. */
  products: Record<string, string>;
}

export const surenessTask = task('sureness', 'quick', surenessOf);

async function planNow(db: FrostDatabase, plan: KeptPlan, nowMs: number): Promise<PlanNow> {
  const found = await recordsOfPairs(db, plan.pairs);
  const visits = Object.fromEntries(
    plan.pairs.map((pair) => [pair.id, visitsNow(pair, found.get(pair.id))]),
  );
  const left = leftToPlan(
    {
      ...cabinResources(plan.cabin, plan.timeZone),
      pairs: plan.pairs.map((pair) => ({
        ...pair,
        steps: visitsOfPair(pair, found.get(pair.id)?.job),
      })),
    },
    {
      recordsOf: (pairId) => found.get(pairId)?.records ?? [],
      before: plan.tasks,
      nowMs: Math.max(nowMs, Date.parse(plan.madeAt)),
    },
  );
  const coming = plan.tasks.flatMap((planned) => {
    const index = planned.index - (left.offset.get(planned.pairId) ?? Infinity);
    return index >= 0 ? [{ ...planned, index }] : [];
  });
  const madeMs = Date.parse(plan.madeAt);
  return {
    plan,
    changed: await changesSince(db, plan),
    visits,
    jobs: Object.fromEntries([...found].map(([pairId, { job }]) => [pairId, job.id])),
    summary: summaryOf(plan.pairs, plan.tasks, { bound: plan.lowerBound, fromMs: madeMs }),
    sureness: await offLoop(surenessTask, left.problem, { tasks: coming } as unknown as Plan),
  };
}

/** Somebody from now to the first start, so that the form is not empty. */
function usualCabin(firstStartMs: number, nowMs: number, irons: readonly string[]): Cabin {
  const fromMs = Math.ceil(Math.max(nowMs, firstStartMs - USUAL_SHIFT_MS) / HOUR_MS) * HOUR_MS;
  return {
    people: [
      {
        id: WORDS.me,
        fromMs,
        toMs: Math.max(fromMs + HOUR_MS, Math.min(firstStartMs, fromMs + USUAL_SHIFT_MS)),
        skills: ['edges', 'structure', 'top'],
      },
    ],
    irons: irons.length > 0 ? [...irons] : [WORDS.firstIron],
    ...USUAL_THINGS,
  };
}

/** The plan of the bench with what it was and will be made of, for an outing and those about it. */
export async function loadPlan(
  db: FrostDatabase,
  outing: Outing,
  nowMs: number,
): Promise<PlanView> {
  const [all, plan, team, products, skis] = await Promise.all([
    listOutings(db),
    latestPlan(db),
    loadTeamSettings(db),
    listProducts(db),
    listSkis(db),
  ]);
  const near = all
    // What has started is not planned any more.
    .filter(({ id, startAt }) => {
      const aheadMs = Date.parse(startAt) - nowMs;
      return aheadMs > 0 && (id === outing.id || aheadMs < AHEAD_MS);
    })
    .sort((a, b) => a.startAt.localeCompare(b.startAt));
  const outings = await Promise.all(
    near.map(async ({ id, name, startAt, discipline }) => ({
      id,
      name,
      startAt,
      starters: (await listStarters(db, id)).length,
      pairs: skis.filter(({ type }) => TYPES_FOR[discipline].includes(type)).length,
      hasChoice: (await listChoices(db, id, 1)).length > 0,
    })),
  );
  const there = new Set(near.map(({ id }) => id));
  const wished = team.planWish?.outingIds.filter((id) => there.has(id)) ?? [];
  return {
    outings,
    cabin:
      (team.cabin && stillThere(team.cabin, nowMs)) ??
      usualCabin(
        Date.parse(outing.startAt),
        nowMs,
        team.irons.map(({ name }) => name),
      ),
    isCabinSaid: team.cabin !== undefined,
    wish: {
      ...USUAL_WISH,
      ...team.planWish,
      outingIds: wished.includes(outing.id) || !there.has(outing.id) ? wished : [outing.id],
    },
    products: Object.fromEntries(products.map(({ id, name }) => [id, name])),
    ...(plan ? { now: await planNow(db, plan, nowMs) } : {}),
  };
}
