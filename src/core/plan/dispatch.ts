import { NEVER } from './busy';
import type { Prepared, Task } from './prepare';
import { emptySchedule, firstTime, place, type Schedule } from './schedule';

/** The next time from `time` on at which somebody is free at all. */
function somebodyFree(schedule: Schedule, time: number): number {
  let first = NEVER;
  for (const one of schedule.busy) first = Math.min(first, one.fit(time, { length: 1 }));
  return first;
}

/**
 * A plan as a foreman makes it: time goes on, and whenever something can begin, the most pressing of what can
 * begin does. `keys` say what presses, the smallest most; pairs among `hopeless` are left out.
 */
export function dispatch(
  prepared: Prepared,
  keys: ArrayLike<number>,
  hopeless: ReadonlySet<number>,
): Schedule {
  const schedule = emptySchedule(prepared);
  const { chains } = prepared;
  const allNeedHands = prepared.tasks.every((task) => task.needsTechnician);
  const next = chains.map(() => 0);
  /** Not before this the next task of each pair can begin. */
  const notBefore = chains.map(([first]) => first!.release);
  const taskOf = (pair: number): Task => chains[pair]![next[pair]!]!;
  const presses = (pair: number) => keys[taskOf(pair).id]!;
  /** Pairs with something left to do, the most pressing first. */
  const order = chains
    .map((_, pair) => pair)
    .filter((pair) => !hopeless.has(pair))
    .sort((a, b) => presses(a) - presses(b) || a - b);
  let now = 0;
  while (order.length > 0) {
    const at = order.findIndex((one) => {
      if (notBefore[one]! > now) return false;
      notBefore[one] = firstTime(schedule, taskOf(one), Math.max(now, notBefore[one]!));
      return notBefore[one] <= now;
    });
    if (at < 0) {
      const earliest = order.reduce((least, one) => Math.min(least, notBefore[one]!), NEVER);
      if (earliest === NEVER) return schedule;
      now = earliest;
      continue;
    }
    const pair = order[at]!;
    const task = taskOf(pair);
    if (!place(schedule, prepared, task)) return schedule;
    const after = chains[pair]![task.index + 1];
    order.splice(at, 1);
    if (after) {
      next[pair] = after.index;
      notBefore[pair] = Math.max(after.release, schedule.start[task.id]! + task.active + task.wait);
      const key = presses(pair);
      const behind = order.findIndex((one) => presses(one) > key);
      order.splice(behind < 0 ? order.length : behind, 0, pair);
    }
    // While nobody is free nothing can begin that needs hands.
    if (allNeedHands) now = Math.max(now, somebodyFree(schedule, now));
  }
  return schedule;
}
