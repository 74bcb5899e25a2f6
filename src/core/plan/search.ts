import type { RandomSource } from '../random';
import type { Bound } from './bound';
import { NEVER } from './busy';
import { compareCosts, costOf, lateMinutes, readyAt, type Cost } from './cost';
import { dispatch } from './dispatch';
import { PLAN } from './figures';
import { byImportance } from './hopeless';
import type { Prepared, Task } from './prepare';
import { pairByPair, scheduleInOrder, type Schedule } from './schedule';

type Keys = Float64Array;

/** A plan, what it costs, and what pressed in it: the smallest key most. */
interface Found {
  schedule: Schedule;
  cost: Cost;
  keys: Keys;
}

/** A search under way, so that a worker can report progress and stop when it is good enough. */
export interface Search {
  best: () => Found;
  /** One more try. */
  step: () => void;
}

interface Ground {
  prepared: Prepared;
  hopeless: ReadonlySet<number>;
  bound: Bound;
  random: RandomSource;
  /** Whether there is time for no more; see PlanOptions. */
  isEnough: () => boolean;
}

/** Tasks by key; where two are alike, the one that comes first in its pair. */
const byKey = (tasks: readonly Task[], keys: Keys): Task[] =>
  [...tasks].sort((a, b) => keys[a.id]! - keys[b.id]! || a.index - b.index || a.pair - b.pair);

const dispatched = ({ prepared, hopeless }: Ground, keys: Keys): Found => {
  const schedule = dispatch(prepared, keys, hopeless);
  return { schedule, cost: costOf(prepared, schedule, hopeless), keys };
};

const inserted = ({ prepared, hopeless }: Ground, keys: Keys): Found => {
  const schedule = scheduleInOrder(prepared, byKey(prepared.tasks, keys), hopeless);
  return { schedule, cost: costOf(prepared, schedule, hopeless), keys: schedule.start.slice() };
};

/**
 * When each task must start at the latest if its pair is to be in time, and all are to end by `end`: who is due
 * later than that is due then, so that what has most after it comes first.
 */
const latestStarts = ({ tasks, due }: Prepared, end: number): Keys =>
  Float64Array.from(tasks, (task) => Math.min(due[task.pair]!, end) - task.tail - task.active);

/** The best of a few plans made at once: pair by pair, which is sure to be whole where time is short, and a foreman's. */
function firstPlan(ground: Ground): Found {
  const { prepared, hopeless, bound } = ground;
  const { schedule } = pairByPair(prepared, byImportance(prepared, hopeless));
  let best: Found = {
    schedule,
    cost: costOf(prepared, schedule, hopeless),
    keys: schedule.start.slice(),
  };
  for (const end of [...PLAN.endsTried.map((share) => share * bound.finish), NEVER]) {
    const made = dispatched(ground, latestStarts(prepared, end));
    if (compareCosts(made.cost, best.cost) < 0) best = made;
    if (ground.isEnough()) break;
  }
  return best;
}

/**
 * Begins a search: a good plan at once; each step then changes what presses in a plan about as good, and either lets
 * a foreman go on by it or puts each task where it fits first in that order. Deterministic by its source of chance.
 */
export function beginSearch(ground: Ground): Search {
  const { random } = ground;
  let best = firstPlan(ground);
  let present = best;
  let sinceBetter = 0;
  return {
    best: () => best,
    step() {
      const tried =
        random.uniform() < PLAN.foremanShare
          ? dispatched(ground, changedKeys(ground, present, present.keys.slice()))
          : inserted(ground, changedKeys(ground, present, present.schedule.start.slice()));
      sinceBetter += 1;
      if (compareCosts(tried.cost, present.cost) <= 0) present = tried;
      if (compareCosts(tried.cost, best.cost) < 0) {
        best = tried;
        sinceBetter = 0;
      } else if (sinceBetter % PLAN.restartAfter === 0) present = best;
    },
  };
}

type Move = (ground: Ground, found: Found, keys: Keys) => void;
const anyOf = (random: RandomSource, count: number) => Math.floor(random.uniform() * count);
/** Between −1/2 and 1/2. */
const aside = (random: RandomSource) => random.uniform() - 0.5;

/** One pair, or what is left of it, presses more. */
const pairEarlier =
  (choose: (ground: Ground, found: Found) => number): Move =>
  (ground, found, keys) => {
    const chain = ground.prepared.chains[choose(ground, found)]!;
    const by = ground.random.uniform() * ground.random.uniform() * found.cost.finish;
    for (const { id } of chain.slice(anyOf(ground.random, chain.length))) keys[id] = keys[id]! - by;
  };

/** One task presses more or less. */
const taskAside: Move = ({ prepared, random }, { cost }, keys) => {
  const { id } = prepared.tasks[anyOf(random, prepared.tasks.length)]!;
  keys[id] = keys[id]! + aside(random) * PLAN.moves.taskShare * cost.finish;
};

/** Two pairs change places. */
const pairsSwap: Move = ({ prepared: { chains }, random }, _found, keys) => {
  const [a, b] = [chains[anyOf(random, chains.length)]!, chains[anyOf(random, chains.length)]!];
  const by = keys[b[0]!.id]! - keys[a[0]!.id]!;
  for (const { id } of a) keys[id] = keys[id]! + by;
  for (const { id } of b) keys[id] = keys[id]! - by;
};

/** A stretch of time is shuffled. */
const stretchShuffled: Move = ({ prepared, random }, { cost, schedule }, keys) => {
  const middle = random.uniform() * cost.finish;
  const width = PLAN.moves.stretchShare * cost.finish;
  for (const { id } of prepared.tasks) {
    if (Math.abs(schedule.start[id]! - middle) < width)
      keys[id] = keys[id]! + aside(random) * width;
  }
};

/** Everything is shaken a little. */
const allShaken: Move = ({ prepared, random }, { cost }, keys) => {
  const width = PLAN.moves.shakeShare * cost.finish;
  for (const { id } of prepared.tasks) keys[id] = keys[id]! + aside(random) * width;
};

/** A pair that is late, or else one that ends last: by chance among a few. */
function pressing({ prepared, hopeless, random }: Ground, { schedule }: Found): number {
  const ends = prepared.chains
    .map((_, pair) => pair)
    .filter((pair) => !hopeless.has(pair))
    .map((pair) => ({ pair, ready: readyAt(prepared, schedule, pair) }))
    .map(({ pair, ready }) => ({ pair, ready, late: lateMinutes(prepared, pair, ready) }))
    .sort((a, b) => b.late - a.late || b.ready - a.ready);
  return ends[anyOf(random, Math.ceil(ends.length * PLAN.moves.pressingShare))]?.pair ?? 0;
}

const MOVES: readonly Move[] = [
  pairEarlier(pressing),
  pairEarlier(({ prepared, random }) => anyOf(random, prepared.chains.length)),
  taskAside,
  pairsSwap,
  stretchShuffled,
  allShaken,
];

/** What presses in a plan, changed somewhere: what is changed, and how far, is left to chance. */
function changedKeys(ground: Ground, found: Found, keys: Keys): Keys {
  MOVES[anyOf(ground.random, MOVES.length)]!(ground, found, keys);
  return keys;
}
