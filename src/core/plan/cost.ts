import { MINUTE_MS, SECOND_MS } from '../units/constants';
import { PLAN } from './figures';
import type { Prepared } from './prepare';
import type { Schedule } from './schedule';
import { NEVER } from './busy';

const MINUTE_S = MINUTE_MS / SECOND_MS;

/**
 * What a schedule is judged by, in this order: weighted lateness, min; end of all, s; changes of the irons; how often
 * somebody turns to another kind of step.
 */
export interface Cost {
  late: number;
  finish: number;
  changes: number;
  switches: number;
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

/** How often somebody turns to another kind of step; absences are of kind 0. */
function switchesOf({ busy }: Schedule): number {
  let switches = 0;
  for (const { tag } of busy) {
    let last = 0;
    for (const kind of tag) {
      if (kind === 0) continue;
      if (last !== 0 && kind !== last) switches += 1;
      last = kind;
    }
  }
  return switches;
}

const NO_PLAN: Cost = { late: NEVER, finish: NEVER, changes: NEVER, switches: NEVER };

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
    if (ready === NEVER) return NO_PLAN;
    late += prepared.weight[pair]! * lateMinutes(prepared, pair, ready);
    finish = Math.max(finish, ready);
  }
  return { late, finish, changes: ironChanges(schedule), switches: switchesOf(schedule) };
}

/** Negative where `a` is better than `b`. */
export function compareCosts(a: Cost, b: Cost): number {
  if (Math.abs(a.late - b.late) > PLAN.sameMin || a.late === NEVER) {
    return a.late < b.late ? -1 : a.late > b.late ? 1 : 0;
  }
  return a.finish - b.finish || a.changes - b.changes || a.switches - b.switches;
}
