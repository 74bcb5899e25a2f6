import { leastAssignment } from '../assignment';
import { NEVER, type Busy } from './busy';
import { lateMinutes } from './cost';
import { PLAN } from './figures';
import type { Alone } from './hopeless';
import type { Prepared, Task } from './prepare';
import { AT_WORK } from './resources';

/** No plan can be better than this: weighted lateness, min, and the end of all, s. */
export interface Bound {
  late: number;
  finish: number;
}

/** Something that work shares: who may do it, and when it is there. */
interface Pool {
  of: (task: Task) => boolean;
  /** The first time by which it has so many seconds to give from `from` on. */
  reached: (from: number, work: number) => number;
}

/** Things of a kind that are always there. */
const always =
  (count: number) =>
  (from: number, work: number): number =>
    from + (count === Infinity ? 0 : work / count);

/** People with their shifts: seconds add up over all that are there. */
function byShifts(away: readonly Busy[]) {
  const changes = away
    .flatMap((one) =>
      one.from.map((from, k) => [
        { at: from, by: -1 },
        { at: one.to[k]!, by: 1 },
      ]),
    )
    .flat()
    .filter(({ at }) => Number.isFinite(at))
    .sort((a, b) => a.at - b.at);
  return (from: number, work: number): number => {
    // Before the first change nobody is there: each list of absences begins at minus infinity.
    let there = 0;
    let time = -Infinity;
    let left = work;
    if (left <= 0) return from;
    for (const { at, by } of changes) {
      const begin = Math.max(from, time);
      if (at > begin && there > 0) {
        const given = there * (at - begin);
        if (given >= left) return begin + left / there;
        left -= given;
      }
      there += by;
      time = at;
    }
    return Infinity;
  };
}

function pools(prepared: Prepared): Pool[] {
  const { away, problem, tasks } = prepared;
  const skilled = new Map<string, readonly number[]>();
  for (const { able, needsTechnician } of tasks) {
    if (needsTechnician) skilled.set(able.join(), able);
  }
  const people = [...skilled.values()].map((able): Pool => {
    const among = new Set(able);
    return {
      of: (task) => task.needsTechnician && task.able.every((who) => among.has(who)),
      reached: byShifts(able.map((who) => away[who]!)),
    };
  });
  return [
    ...people,
    { of: (task) => task.needsIron, reached: always(problem.irons.length) },
    ...AT_WORK.map((k): Pool => ({
      of: (task) => task.things.includes(k),
      reached: always(prepared.there[k]!),
    })),
  ];
}

/** Levels of a list of figures, few enough to try all pairs of them. */
function levels(values: readonly number[]): number[] {
  const all = [...new Set(values)].sort((a, b) => a - b);
  if (all.length <= PLAN.boundLevels) return all;
  return Array.from(
    { length: PLAN.boundLevels },
    (_, k) => all[Math.floor((k * (all.length - 1)) / (PLAN.boundLevels - 1))]!,
  );
}

/**
 * Nobody is ready before the work of a pool is done: of all tasks that cannot begin before `head` and leave at least
 * `tail` after them, the work fits between the two.
 */
function finishOfPool(pool: Pool, tasks: readonly Task[], heads: Float64Array): number {
  const own = tasks.filter(pool.of);
  let finish = 0;
  for (const head of levels(own.map(({ id }) => heads[id]!))) {
    for (const tail of levels(own.map((task) => task.tail))) {
      const work = own
        .filter((task) => heads[task.id]! >= head && task.tail >= tail)
        .reduce((sum, { active }) => sum + active, 0);
      if (work > 0) finish = Math.max(finish, pool.reached(head, work) + tail);
    }
  }
  return finish;
}

/** By when `k + 1` pairs can be ready at the soonest, for the work that a pool does on each. */
function completions(pool: Pool, chains: readonly Task[][], heads: Float64Array): number[] {
  const work = chains.map((chain) =>
    chain.filter(pool.of).reduce((sum, { active }) => sum + active, 0),
  );
  const tails = chains.map((chain) => chain.findLast(pool.of)?.tail ?? 0);
  const own = chains.flat().filter(pool.of);
  if (own.length === 0) return chains.map(() => 0);
  const head = Math.min(...own.map(({ id }) => heads[id]!));
  const tail = Math.min(...tails);
  let sum = 0;
  return work
    .sort((a, b) => a - b)
    .map((one) => {
      sum += one;
      return pool.reached(head, sum) + (sum > 0 ? tail : 0);
    });
}

/** The latest of some times; where there is too much work for all shifts together, its time says nothing. */
const latest = (times: readonly number[]): number =>
  Math.max(0, ...times.filter((time) => time < NEVER));

/**
 * What no plan of these pairs can beat. The end: the longest pair alone, and for each pool the work between what
 * comes before and after it. Lateness: in whatever order pairs are ready, the k-th is not ready before the k
 * smallest pieces of work are done, nor before it could be alone; the least assignment of pairs to places.
 */
export function lowerBound(
  prepared: Prepared,
  hopeless: ReadonlySet<number>,
  { ready, heads }: Pick<Alone, 'ready' | 'heads'>,
): Bound {
  const pairs = prepared.chains.map((_, pair) => pair).filter((pair) => !hopeless.has(pair));
  if (pairs.length === 0) return { late: 0, finish: 0 };
  const chains = pairs.map((pair) => prepared.chains[pair]!);
  const tasks = chains.flat();
  const all = pools(prepared).filter((pool) => tasks.some(pool.of));
  const finish = latest([
    ...pairs.map((pair) => ready[pair]!),
    ...all.map((pool) => finishOfPool(pool, tasks, heads)),
  ]);
  const soonest = all.map((pool) => completions(pool, chains, heads));
  const n = pairs.length;
  const cost = new Float64Array(n * n);
  pairs.forEach((pair, row) => {
    for (let k = 0; k < n; k += 1) {
      const at = latest([ready[pair]!, ...soonest.map((one) => one[k]!)]);
      cost[row * n + k] = prepared.weight[pair]! * lateMinutes(prepared, pair, at);
    }
  });
  return { late: leastAssignment(cost, n).total, finish };
}
