import { Busy, Level, NEVER } from './busy';
import { changeTime, NOBODY, type Prepared, type Task } from './prepare';
import { AT_WAIT } from './resources';

/** A plan in the making: when each task starts, s, and who and what is at it. */
export interface Schedule {
  start: Float64Array;
  person: Int16Array;
  iron: Int16Array;
  /** People, irons and things, as they are taken. */
  busy: Busy[];
  ironBusy: Busy[];
  /** One for each of THINGS. */
  things: Level[];
}

/** Nothing is planned yet but what is under way. */
export function emptySchedule(prepared: Prepared): Schedule {
  const { tasks, away, problem } = prepared;
  const schedule: Schedule = {
    start: new Float64Array(tasks.length).fill(NEVER),
    person: new Int16Array(tasks.length).fill(NOBODY),
    iron: new Int16Array(tasks.length).fill(NOBODY),
    busy: away.map((one) => one.copy()),
    ironBusy: problem.irons.map(({ atC }) => {
      const busy = new Busy();
      if (atC !== undefined) busy.add(0, 0, atC);
      return busy;
    }),
    things: prepared.there.map((most) => new Level(most)),
  };
  for (const task of tasks) if (task.running) hold(schedule, task, { time: 0, ...task.running });
  return schedule;
}

const soonest = (times: readonly number[]): number => times.reduce((a, b) => Math.min(a, b), NEVER);

/**
 * The first time from `earliest` on at which all that a task needs is free together, and after it a place to wait;
 * NEVER where there is none.
 */
export function firstTime(schedule: Schedule, task: Task, earliest: number): number {
  if (task.running) return 0;
  const length = task.active;
  let time = earliest;
  for (;;) {
    const before = time;
    if (task.needsTechnician) {
      const from = time;
      time = soonest(task.able.map((who) => schedule.busy[who]!.fit(from, { length })));
    }
    if (task.needsIron) {
      const from = time;
      const asked = { length, tag: task.ironC, change: changeTime };
      time = soonest(schedule.ironBusy.map((iron) => iron.fit(from, asked)));
    }
    for (const k of task.things) time = schedule.things[k]!.fit(time, length);
    if (task.wait > 0) {
      for (const k of AT_WAIT) time = schedule.things[k]!.fit(time + length, task.wait) - length;
    }
    if (time === before || time === NEVER) return time;
  }
}

/** Who of those that are free is at it: whoever has just ended something, so that gaps stay whole. */
function whoFits(busy: readonly Busy[], { able, active: length }: Task, time: number): number {
  let best = NOBODY;
  let bestIdle = NEVER;
  for (const who of able) {
    const one = busy[who]!;
    if (one.fit(time, { length }) !== time) continue;
    const idle = idleBefore(one, time);
    if (idle < bestIdle) [best, bestIdle] = [who, idle];
  }
  return best;
}

/** Which iron: one that is at the temperature, else the one that has stood least. */
function ironThatFits(irons: readonly Busy[], task: Task, time: number): number {
  const asked = { length: task.active, tag: task.ironC, change: changeTime };
  let best = NOBODY;
  let bestCost = NEVER;
  irons.forEach((iron, k) => {
    if (iron.fit(time, asked) !== time) return;
    const cost = changesBy(iron, task, time) * CHANGE_WEIGHT_S + idleBefore(iron, time);
    if (cost < bestCost) [best, bestCost] = [k, cost];
  });
  return best;
}

/** A change weighs more than any idle time. */
const CHANGE_WEIGHT_S = 1e9;
/** Who has done nothing yet has stood for long, but not for ever. */
const LONG_IDLE_S = 1e8;

function idleBefore(busy: Busy, time: number): number {
  const before = lastBefore(busy, time);
  const idle = before < 0 ? Infinity : time - busy.to[before]!;
  return Math.min(idle, LONG_IDLE_S);
}

function lastBefore(busy: Busy, time: number): number {
  let k = busy.to.length - 1;
  while (k >= 0 && busy.from[k]! >= time) k -= 1;
  return k;
}

/** How many changes of temperature a task adds to an iron, put in at a time. */
function changesBy(iron: Busy, task: Task, time: number): number {
  const before = lastBefore(iron, time);
  const [last, next] = [iron.tag[before], iron.tag[before + 1]];
  const differs = (a: number | undefined, b: number | undefined) =>
    a !== undefined && b !== undefined && a !== b ? 1 : 0;
  return differs(last, task.ironC) + differs(task.ironC, next) - differs(last, next);
}

/** Puts a task where it fits first after the one before it in its pair; false where it never does. */
export function place(schedule: Schedule, prepared: Prepared, task: Task): boolean {
  if (task.running) return true;
  const before = prepared.chains[task.pair]![task.index - 1];
  const ready = before ? schedule.start[before.id]! + before.active + before.wait : 0;
  const time = firstTime(schedule, task, Math.max(ready, task.release));
  if (time === NEVER) return false;
  hold(schedule, task, {
    time,
    person: task.needsTechnician ? whoFits(schedule.busy, task, time) : NOBODY,
    iron: task.needsIron ? ironThatFits(schedule.ironBusy, task, time) : NOBODY,
  });
  return true;
}

/** Takes what a task needs, at a time. */
function hold(
  schedule: Schedule,
  task: Task,
  { time, person, iron }: { time: number; person: number; iron: number },
): void {
  const end = time + task.active;
  schedule.start[task.id] = time;
  schedule.person[task.id] = person;
  schedule.iron[task.id] = iron;
  if (person !== NOBODY) schedule.busy[person]!.add(time, end, task.kind);
  if (iron !== NOBODY) schedule.ironBusy[iron]!.add(time, end, task.ironC);
  for (const k of task.things) schedule.things[k]!.add(time, end);
  for (const k of AT_WAIT) schedule.things[k]!.add(end, end + task.wait);
}

const copyOf = (schedule: Schedule): Schedule => ({
  start: schedule.start.slice(),
  person: schedule.person.slice(),
  iron: schedule.iron.slice(),
  busy: schedule.busy.map((one) => one.copy()),
  ironBusy: schedule.ironBusy.map((one) => one.copy()),
  things: schedule.things.map((one) => one.copy()),
});

/**
 * A plan that takes one pair after the other, each whole; `left` are those for which no time is left. What is left
 * out takes nothing from the others.
 */
export function pairByPair(
  prepared: Prepared,
  order: readonly number[],
): { schedule: Schedule; left: number[] } {
  let schedule = emptySchedule(prepared);
  const left: number[] = [];
  for (const pair of order) {
    const tried = copyOf(schedule);
    if (prepared.chains[pair]!.every((task) => place(tried, prepared, task))) schedule = tried;
    else left.push(pair);
  }
  return { schedule, left };
}

/**
 * A plan that takes the tasks in this order, each where it fits first. A task whose pair has not come so far waits
 * for its turn; pairs among `hopeless` are left out.
 */
export function scheduleInOrder(
  prepared: Prepared,
  order: readonly Task[],
  hopeless: ReadonlySet<number>,
): Schedule {
  const schedule = emptySchedule(prepared);
  const next = prepared.chains.map(() => 0);
  const waiting = prepared.chains.map((): Set<number> => new Set());
  for (const task of order) {
    if (hopeless.has(task.pair)) continue;
    waiting[task.pair]!.add(task.index);
    const chain = prepared.chains[task.pair]!;
    while (waiting[task.pair]!.has(next[task.pair]!)) {
      if (!place(schedule, prepared, chain[next[task.pair]!]!)) return schedule;
      next[task.pair] = next[task.pair]! + 1;
    }
  }
  return schedule;
}
