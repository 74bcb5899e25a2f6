import { SECOND_MS } from '../units/constants';
import { randomSource } from '../random';
import { NEVER } from './busy';
import { lowerBound, type Bound } from './bound';
import { compareCosts, lateMinutes, readyAt, type Cost } from './cost';
import { PLAN } from './figures';
import { alone, crowded, crowdedOut } from './hopeless';
import { NOBODY, prepare, type Prepared } from './prepare';
import { VICE } from './resources';
import type { Schedule } from './schedule';
import { beginSearch, type Search } from './search';
import type { HopelessPair, Plan, PlannedTask, PlanProblem } from './types';

export interface PlanOptions {
  seed?: number;
  /** Says when there is time for no more, on a machine that is slower than usual or for a bench that is large. */
  isEnough?: () => boolean;
  /** How long to search, s, on a machine of the usual speed: the same number of tries everywhere. */
  searchS?: number;
}

/** A plan in the making: a good one at once, a better one with every step. */
export interface PlanRun {
  /** Tries it will make, and has made. */
  tries: number;
  done: () => number;
  /** Carries on for up to so many tries; true when all are made, or nothing can be better. */
  advance: (tries: number) => boolean;
  result: () => Plan;
}

/** Nothing is better than a plan that is as good as its bound, and changes no iron. */
const isBest = (cost: Cost, bound: Bound) =>
  compareCosts(cost, { ...bound, changes: 0, switches: Infinity }) <= 0;

/**
 * Plans the bench: who does what, when, on which iron, for the least weighted lateness, then the soonest end, then
 * the fewest changes of an iron's temperature. The same seed and time to search give the same plan.
 */
export function planRun(
  problem: PlanProblem,
  { seed = 1, searchS, isEnough = () => false }: PlanOptions = {},
): PlanRun {
  const prepared = prepare(problem);
  const { search, bound, hopeless } = wholeSearch(prepared, seed, isEnough);
  const work = Math.max(1, prepared.tasks.length);
  const seconds = Math.min(searchS ?? PLAN.searchS, PLAN.mostSearchS);
  const tries = Math.ceil((seconds * PLAN.tasksPerS) / work);
  let done = 0;
  return {
    tries,
    done: () => done,
    advance(count) {
      for (let k = 0; k < count && done < tries; k += 1) {
        if (isBest(search.best().cost, bound) || isEnough()) return true;
        search.step();
        done += 1;
      }
      return done >= tries;
    },
    result: () => planOf(prepared, search, { bound, hopeless }),
  };
}

/** A search over all pairs that can be ready: those left out are the fewest that the first plans had to leave. */
function wholeSearch(prepared: Prepared, seed: number, isEnough: () => boolean) {
  const single = alone(prepared);
  const begin = (hopeless: ReadonlyMap<number, HopelessPair>) => {
    const without = new Set(hopeless.keys());
    const bound = lowerBound(prepared, without, single);
    const ground = { prepared, hopeless: without, bound, random: randomSource(seed), isEnough };
    return { hopeless, bound, search: beginSearch(ground) };
  };
  const all = begin(single.hopeless);
  if (all.search.best().cost.finish < NEVER) return all;
  const out = crowdedOut(prepared, new Set(single.hopeless.keys()));
  return begin(new Map([...single.hopeless, ...out]));
}

/**
 * What no plan of a bench can beat that leaves these pairs out, and why each of them is left out: what it would lack
 * even alone, else time beside the others.
 */
export function planBound(
  problem: PlanProblem,
  leftOut: ReadonlySet<string> = new Set(),
): { lowerBound: Plan['lowerBound']; hopeless: HopelessPair[] } {
  const prepared = prepare(problem);
  const single = alone(prepared);
  const without = new Set(single.hopeless.keys());
  problem.pairs.forEach(({ id }, pair) => {
    if (leftOut.has(id)) without.add(pair);
  });
  const { late, finish } = lowerBound(prepared, without, single);
  return {
    lowerBound: {
      weightedLatenessMin: late,
      finishMs: problem.startMs + finish * SECOND_MS,
    },
    hopeless: [...without].map((pair) => single.hopeless.get(pair) ?? crowded(prepared, pair)),
  };
}

/** The whole plan at once; see {@link planRun}. */
export function planBench(problem: PlanProblem, options?: PlanOptions): Plan {
  const run = planRun(problem, options);
  run.advance(run.tries);
  return run.result();
}

/**
 * How far a plan may be from the best possible: of its lateness, where it has more than the bound, else of the time
 * from the start to the end of all.
 */
function gapOf(cost: Cost, bound: Bound): number {
  if (cost.late > bound.late) return (cost.late - bound.late) / cost.late;
  return cost.finish > 0 ? Math.max(0, cost.finish - bound.finish) / cost.finish : 0;
}

function planOf(
  prepared: Prepared,
  search: Search,
  { bound, hopeless }: { bound: Bound; hopeless: ReadonlyMap<number, HopelessPair> },
): Plan {
  const { schedule, cost } = search.best();
  const { startMs, pairs } = prepared.problem;
  const msOf = (seconds: number) => startMs + seconds * SECOND_MS;
  return {
    tasks: tasksOf(prepared, schedule, hopeless),
    lateness: pairs.flatMap(({ id }, pair) =>
      hopeless.has(pair)
        ? []
        : [{ pairId: id, minutes: lateMinutes(prepared, pair, readyAt(prepared, schedule, pair)) }],
    ),
    weightedLatenessMin: cost.late,
    finishMs: msOf(cost.finish),
    ironChanges: cost.changes,
    lowerBound: {
      weightedLatenessMin: Math.min(bound.late, cost.late),
      finishMs: msOf(Math.min(bound.finish, cost.finish)),
    },
    gap: gapOf(cost, bound),
    hopeless: [...hopeless.values()],
  };
}

function tasksOf(
  prepared: Prepared,
  schedule: Schedule,
  hopeless: ReadonlyMap<number, HopelessPair>,
): PlannedTask[] {
  const { problem, people } = prepared;
  const vices = viceOfEach(prepared, schedule, hopeless);
  return prepared.tasks
    .filter(({ pair }) => !hopeless.has(pair))
    .map((task) => {
      const pair = problem.pairs[task.pair]!;
      const startMs = problem.startMs + schedule.start[task.id]! * SECOND_MS;
      const [person, iron] = [schedule.person[task.id]!, schedule.iron[task.id]!];
      const vice = vices.get(task.id);
      return {
        pairId: pair.id,
        stepKey: pair.steps[task.index]!.key,
        index: task.index,
        startMs,
        endMs: startMs + task.active * SECOND_MS,
        ...(person === NOBODY ? {} : { technicianId: people[person]! }),
        ...(iron === NOBODY ? {} : { ironId: problem.irons[iron]!.id }),
        ...(vice === undefined ? {} : { viceId: `vice-${vice + 1}` }),
      };
    });
}

/** Vices are all alike: in order of time each task takes the first that is free. */
function viceOfEach(
  { tasks }: Prepared,
  schedule: Schedule,
  hopeless: ReadonlyMap<number, HopelessPair>,
): Map<number, number> {
  const freeAt: number[] = [];
  const given = new Map<number, number>();
  const inOrder = tasks
    .filter((task) => task.things.includes(VICE) && !hopeless.has(task.pair))
    .sort((a, b) => schedule.start[a.id]! - schedule.start[b.id]!);
  for (const task of inOrder) {
    const start = schedule.start[task.id]!;
    const free = freeAt.findIndex((end) => end <= start);
    const vice = free < 0 ? freeAt.length : free;
    freeAt[vice] = start + task.active;
    given.set(task.id, vice);
  }
  return given;
}
