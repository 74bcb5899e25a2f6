import { NEVER } from './busy';
import { readyAt } from './cost';
import type { Prepared, Task } from './prepare';
import { emptySchedule, pairByPair, place } from './schedule';
import type { HopelessPair } from './types';

/** Who is taken first where time is short: the most important, then the first due. */
export const byImportance = ({ chains, weight, due }: Prepared, without: ReadonlySet<number>) =>
  chains
    .map((_, pair) => pair)
    .filter((pair) => !without.has(pair))
    .sort((a, b) => weight[b]! - weight[a]! || due[a]! - due[b]!);

/** A pair for which no time is left beside the others. */
export function crowded({ problem }: Prepared, pair: number): HopelessPair {
  const { id, steps } = problem.pairs[pair]!;
  return { pairId: id, stepKey: steps.at(-1)!.key, reason: { code: 'no_time' } };
}

/** Pairs for which no time is left beside the others, when those that matter most are taken first. */
export function crowdedOut(
  prepared: Prepared,
  without: ReadonlySet<number>,
): Map<number, HopelessPair> {
  const { left } = pairByPair(prepared, byImportance(prepared, without));
  return new Map(left.map((pair) => [pair, crowded(prepared, pair)]));
}

/** What each pair would be if it were alone. */
export interface Alone {
  /** When it would be ready, s; NEVER where it cannot be. */
  ready: number[];
  /** When each task would start, s. */
  heads: Float64Array;
  /** Pairs that cannot be ready, each with the step at which it ends and why. */
  hopeless: Map<number, HopelessPair>;
}

/** Plans each pair as if it were alone. */
export function alone(prepared: Prepared): Alone {
  const heads = new Float64Array(prepared.tasks.length);
  const hopeless = new Map<number, HopelessPair>();
  const ready = prepared.chains.map((chain, pair) => {
    const schedule = emptySchedule(prepared);
    const stuck = chain.find((task) => !place(schedule, prepared, task));
    if (stuck) {
      hopeless.set(pair, hopelessAt(prepared, stuck));
      return NEVER;
    }
    for (const { id } of chain) heads[id] = schedule.start[id]!;
    return readyAt(prepared, schedule, pair);
  });
  return { ready, heads, hopeless };
}

function hopelessAt({ problem }: Prepared, stuck: Task): HopelessPair {
  const { id, steps } = problem.pairs[stuck.pair]!;
  const { key, skill } = steps[stuck.index]!;
  return {
    pairId: id,
    stepKey: key,
    reason:
      stuck.needsTechnician && stuck.able.length === 0 && skill !== undefined
        ? { code: 'no_skill', skill }
        : stuck.needsIron && problem.irons.length === 0
          ? { code: 'no_iron' }
          : { code: 'no_window' },
  };
}
