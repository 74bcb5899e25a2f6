import {
  cabinResources,
  type Cabin,
  type Job,
  type KeptPlan,
  type Outing,
  type PlanWish,
} from '@/core/model';
import {
  leftToPlan,
  summaryOf,
  trialsOf,
  type PlanSummary,
  type Slack,
  type Sureness,
} from '@/core/plan';
import { latestPlan } from '@/data/bench-plans';
import { listChoices } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { listOutings } from '@/data/outings';
import { listProducts } from '@/data/products';
import { listStarters } from '@/data/starters';
import { loadTeamSettings } from '@/data/team-settings';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import { isAsPlanned, jobsOfPairs, visitsNow, type VisitNow } from '@/server/plan/pair-jobs';
import { planScreenWords } from '@/words/screens/plan';

const WORDS = planScreenWords.loadPlan;

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
  hasChoice: boolean;
}

/** The wax of an outing was chosen after the plan, its start was moved, or a pair runs another sheet. */
export interface PlanChange {
  code: 'choice' | 'start' | 'sheet';
  /** Of the outing or pair. */
  name: string;
}

/** What of its outings and pairs has changed since a plan was made. */
async function changesSince(
  db: FrostDatabase,
  plan: KeptPlan,
  { outings, jobs }: { outings: readonly Outing[]; jobs: ReadonlyMap<string, Job> },
): Promise<PlanChange[]> {
  const changes: PlanChange[] = [];
  for (const { id, name, startAt } of outings) {
    if (!plan.wish.outingIds.includes(id)) continue;
    const [choice] = await listChoices(db, id, 1);
    if (choice && choice.createdAt > plan.madeAt) changes.push({ code: 'choice', name });
    const planned = plan.pairs.find((pair) => pair.outingId === id);
    if (planned && planned.startMs !== Date.parse(startAt)) changes.push({ code: 'start', name });
  }
  for (const pair of plan.pairs) {
    if (!isAsPlanned(pair, jobs.get(pair.id))) changes.push({ code: 'sheet', name: pair.skiName });
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
  /** Where slack should lie for the least sure pair; its task stands in the whole plan. */
  slack?: Slack;
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

export const trialsTask = task('plan-trials', 'quick', trialsOf);

async function planNow(
  db: FrostDatabase,
  plan: KeptPlan,
  { outings, nowMs }: { outings: readonly Outing[]; nowMs: number },
): Promise<PlanNow> {
  const jobs = await jobsOfPairs(db, plan.pairs);
  const madeMs = Date.parse(plan.madeAt);
  // How sure a pair is that runs another sheet than the planned one, the plan does not know.
  const pairs = plan.pairs.filter((pair) => isAsPlanned(pair, jobs.get(pair.id)));
  const left = leftToPlan(
    { ...cabinResources(plan.cabin, plan.timeZone), pairs },
    {
      recordsOf: (pairId) => jobs.get(pairId)?.records ?? [],
      before: plan.tasks,
      nowMs: Math.max(nowMs, madeMs),
    },
  );
  const tasks = plan.tasks.flatMap((planned) => {
    const index = planned.index - (left.offset.get(planned.pairId) ?? Infinity);
    return index >= 0 ? [{ ...planned, index }] : [];
  });
  const [changed, { sureness, slack }] = await Promise.all([
    changesSince(db, plan, { outings, jobs }),
    offLoop(trialsTask, left.problem, { tasks }),
  ]);
  return {
    plan,
    changed,
    visits: Object.fromEntries(
      plan.pairs.map((pair) => [pair.id, visitsNow(pair, jobs.get(pair.id))]),
    ),
    jobs: Object.fromEntries([...jobs].map(([pairId, { id }]) => [pairId, id])),
    summary: summaryOf(plan.pairs, plan.tasks, { bound: plan.lowerBound, fromMs: madeMs }),
    sureness,
    ...(slack && { slack: inWhole(slack, left.offset) }),
  };
}

/** Slack of what is left of the plan, with the place of its task in the whole. */
function inWhole(slack: Slack, offset: ReadonlyMap<string, number>): Slack {
  const { free } = slack;
  if (!free) return slack;
  const index = free.task.index + (offset.get(free.task.pairId) ?? 0);
  return { ...slack, free: { ...free, task: { ...free.task, index } } };
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
  const [all, plan, team, products] = await Promise.all([
    listOutings(db),
    latestPlan(db),
    loadTeamSettings(db),
    listProducts(db),
  ]);
  const near = all
    // What has started is not planned any more.
    .filter(({ id, startAt }) => {
      const aheadMs = Date.parse(startAt) - nowMs;
      return aheadMs > 0 && (id === outing.id || aheadMs < AHEAD_MS);
    })
    .sort((a, b) => a.startAt.localeCompare(b.startAt));
  const outings = await Promise.all(
    near.map(async ({ id, name, startAt }) => ({
      id,
      name,
      startAt,
      starters: (await listStarters(db, id)).length,
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
    ...(plan ? { now: await planNow(db, plan, { outings: all, nowMs }) } : {}),
  };
}
