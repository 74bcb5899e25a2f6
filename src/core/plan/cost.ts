import { MINUTE_MS, SECOND_MS } from '../constants';
import type { Prepared } from './prepare';
import type { Schedule } from './schedule';
import { NEVER } from './busy';

const MINUTE_S = MINUTE_MS / SECOND_MS;

/** What a schedule is judged by, in this order: weighted lateness, min; end of all, s; changes of the irons. */
export interface Cost {
  late: number;
  finish: number;
  changes: number;
}

/** When a pair is ready: its last step done, and the wait after it, s. */
export function readyAt(prepared: Prepared, schedule: Schedule, pair: number): number {
  const last = prepared.chains[pair]!.at(-1)!;
  return schedule.start[last.id]! + last.active + last.wait;
}

/** Minutes a pair is late. */
export const lateMinutes = (prepared: Prepared, pair: number, ready: number): number =>
  Math.max(0, ready - prepared.due[pair]!) / MINUTE_S;

/** Changes of temperature over all irons. */
function ironChanges({ ironBusy }: Schedule): number {
  let changes = 0;
  for (const { tag } of ironBusy) {
    for (let k = 1; k < tag.length; k += 1) if (tag[k] !== tag[k - 1]) changes += 1;
  }
  return changes;
}

export function costOf(
  prepared: Prepared,
  schedule: Schedule,
  hopeless: ReadonlySet<number>,
): Cost {
  let late = 0;
  let finish = 0;
  for (let pair = 0; pair < prepared.chains.length; pair += 1) {
    if (hopeless.has(pair)) continue;
    const ready = readyAt(prepared, schedule, pair);
    if (ready === NEVER) return { late: NEVER, finish: NEVER, changes: NEVER };
    late += prepared.weight[pair]! * lateMinutes(prepared, pair, ready);
    finish = Math.max(finish, ready);
  }
  return { late, finish, changes: ironChanges(schedule) };
}

/** Under a hundredth of a minute two lateness figures are the same. */
const SAME_MIN = 1e-2;

/** Negative where `a` is better than `b`. */
export function compareCosts(a: Cost, b: Cost): number {
  if (Math.abs(a.late - b.late) > SAME_MIN || a.late === NEVER) {
    return a.late < b.late ? -1 : a.late > b.late ? 1 : 0;
  }
  return a.finish - b.finish || a.changes - b.changes;
}
