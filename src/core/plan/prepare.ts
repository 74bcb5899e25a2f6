import { MINUTE_MS, SECOND_MS } from '../units/constants';
import { Busy, type ChangeTime } from './busy';
import { PLAN } from './figures';
import { heldAtWork, thereOf } from './resources';
import type { PlanProblem, PlanStep } from './types';

/** Seconds of a minute. */
const MINUTE_S = MINUTE_MS / SECOND_MS;

/** The place of nobody in a list of people, or of no iron. */
export const NOBODY = -1;

/** A step as the search has it: whole seconds from the start of the plan. */
export interface Task {
  id: number;
  pair: number;
  index: number;
  active: number;
  wait: number;
  /** Not before, by itself or with its pair. */
  release: number;
  needsTechnician: boolean;
  needsIron: boolean;
  /** Things it holds while hands are at it, by their place among THINGS. */
  things: readonly number[];
  ironC: number;
  /** Steps of one key are of one kind, from 1: doing them one after the other needs no change of tools. */
  kind: number;
  /** Under way at the start: who and what is at it. */
  running: { person: number; iron: number } | undefined;
  /** Who may do it, by place in the list of people. */
  able: readonly number[];
  /** From the end of its work to the end of its pair at the least: waits and work after it. */
  tail: number;
}

export interface Prepared {
  problem: PlanProblem;
  tasks: Task[];
  /** The tasks of each pair, in order. */
  chains: Task[][];
  due: number[];
  weight: number[];
  /** Everybody who is there at some time, each once. */
  people: string[];
  /** When they are not there. */
  away: Busy[];
  /** How many there are of each thing. */
  there: readonly number[];
}

const seconds = (minutes: number) => Math.ceil(minutes * MINUTE_S - 1e-6);

/** Seconds that an iron takes from one temperature to another: whole minutes. */
export const changeTime: ChangeTime = (before, after) => {
  const { hotter, cooler } = PLAN.kelvinPerMin;
  const kelvin = after - before;
  return MINUTE_S * Math.ceil(kelvin > 0 ? kelvin / hotter : -kelvin / cooler);
};

/** The times outside all shifts of one person, s. */
function awayBetween(shifts: readonly { from: number; to: number }[]): Busy {
  const away = new Busy();
  let last = -Infinity;
  for (const { from, to } of [...shifts].sort((a, b) => a.from - b.from)) {
    if (from > last) away.add(last, from);
    last = Math.max(last, to);
  }
  away.add(last, Infinity);
  return away;
}

/** The problem in whole seconds from its start; lengths are rounded up, shifts inwards. */
export function prepare(problem: PlanProblem): Prepared {
  const { startMs, technicians, pairs } = problem;
  const after = (ms: number) => Math.ceil((ms - startMs) / SECOND_MS);
  const people = [...new Set(technicians.map(({ id }) => id))];
  const shiftsOf = (id: string) => technicians.filter((one) => one.id === id);
  const skills = people.map((id) => new Set(shiftsOf(id).flatMap((one) => one.skills ?? [])));
  const everybody = people.map((_, k) => k);
  const ableTo = (skill: string | undefined) =>
    skill === undefined ? everybody : everybody.filter((k) => skills[k]!.has(skill));
  const kinds = new Map<string, number>();
  const kindOf = (key: string) => {
    if (!kinds.has(key)) kinds.set(key, kinds.size + 1);
    return kinds.get(key)!;
  };
  const runningOf = ({ running }: PlanStep): Task['running'] =>
    running && {
      person: running.technicianId === undefined ? NOBODY : people.indexOf(running.technicianId),
      iron: problem.irons.findIndex(({ id }) => id === running.ironId),
    };
  const tasks: Task[] = [];
  const chains = pairs.map((pair, p) => {
    const chain = pair.steps.map((step, index): Task => {
      const needs = new Set(step.needs);
      return {
        id: 0,
        pair: p,
        index,
        active: seconds(step.activeMin),
        wait: seconds(step.waitMin ?? 0),
        release: Math.max(
          0,
          pair.notBeforeMs === undefined ? 0 : after(pair.notBeforeMs),
          step.notBeforeMs === undefined ? 0 : after(step.notBeforeMs),
        ),
        needsTechnician: needs.has('technician') || step.skill !== undefined,
        needsIron: needs.has('iron'),
        things: heldAtWork(needs),
        ironC: step.ironC ?? PLAN.unsaidC,
        kind: kindOf(step.key),
        running: runningOf(step),
        able: ableTo(step.skill),
        tail: 0,
      };
    });
    let tail = 0;
    for (const task of [...chain].reverse()) {
      tail += task.wait;
      task.tail = tail;
      tail += task.active;
    }
    for (const task of chain) {
      task.id = tasks.length;
      tasks.push(task);
    }
    return chain;
  });
  return {
    problem,
    tasks,
    chains,
    due: pairs.map(({ dueMs }) => Math.floor((dueMs - startMs) / SECOND_MS)),
    weight: pairs.map(({ priority }) => priority ?? PLAN.defaultPriority),
    people,
    away: people.map((id) =>
      awayBetween(
        shiftsOf(id).map(({ fromMs, toMs }) => ({
          from: after(fromMs),
          to: Math.floor((toMs - startMs) / SECOND_MS),
        })),
      ),
    ),
    there: thereOf(problem),
  };
}
