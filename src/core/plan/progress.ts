import { MINUTE_MS } from '../units/constants';
import type { StepRecord } from '../bench';
import { PLAN } from './figures';
import type { StationStep } from './stations';
import type { PlannedTask, PlanPair, PlanProblem } from './types';

/** Where a visit to a station stands. */
export type VisitState = 'ahead' | 'running' | 'waiting' | 'done';

/** A pair of the plan, its sheet cut into visits. */
export interface BenchPair extends PlanPair {
  steps: readonly StationStep[];
}

/** What the runner has recorded of a pair's job; absent: not started. */
export type PairRecords = readonly StepRecord[];

const hasEnded = (records: PairRecords) =>
  new Set(records.filter(({ endedMs }) => endedMs !== undefined).map(({ position }) => position));

const all = (ended: ReadonlySet<number>, from: number, to: number) => {
  for (let at = from; at < to; at += 1) if (!ended.has(at)) return false;
  return true;
};

/** Where a visit stands by what the runner recorded. */
export function visitState(step: StationStep, records: PairRecords): VisitState {
  const ended = hasEnded(records);
  if (all(ended, step.fromStep, step.waitToStep)) return 'done';
  if (step.toStep > step.fromStep && all(ended, step.fromStep, step.toStep)) return 'waiting';
  const isBegun = records.some(
    ({ position }) => position >= step.fromStep && position < step.waitToStep,
  );
  if (!isBegun) return 'ahead';
  return step.toStep > step.fromStep ? 'running' : 'waiting';
}

/** When a visit really began and its hands were done, ms, as far as the runner knows. */
export function visitTimes(
  step: StationStep,
  records: PairRecords,
): { startedMs?: number; endedMs?: number } {
  const own = records.filter(({ position }) => position >= step.fromStep && position < step.toStep);
  const first = own.find(({ position }) => position === step.fromStep);
  const last = own.find(({ position }) => position === step.toStep - 1);
  return { startedMs: first?.startedMs, endedMs: last?.endedMs };
}

/** What is left to plan at a moment, and how its tasks stand in the whole. */
export interface LeftToPlan {
  problem: PlanProblem;
  /** How many visits of each pair are over: add it to the index of a task. */
  offset: ReadonlyMap<string, number>;
  /** Visits that are done or under way, as they really were, with whom the plan before had for them. */
  kept: PlannedTask[];
}

/** The wait that a visit is in: minutes left of it at a moment. */
function waitLeft(step: StationStep, records: PairRecords, nowMs: number): number {
  const open = records.find(
    ({ position, endedMs }) =>
      position >= step.toStep && position < step.waitToStep && endedMs === undefined,
  );
  return open?.dueMs === undefined ? 0 : Math.max(0, (open.dueMs - nowMs) / MINUTE_MS);
}

/**
 * The bench as it stands now: what is done is the past, what is under way stays with whom it is (where they are
 * still there), a wait goes on with what is left of it, and the rest is planned from now on.
 */
export function leftToPlan(
  bench: Omit<PlanProblem, 'pairs' | 'startMs'> & { pairs: readonly BenchPair[] },
  {
    recordsOf,
    before,
    nowMs,
  }: {
    recordsOf: (pairId: string) => PairRecords;
    /** The plan so far. */
    before: readonly PlannedTask[];
    nowMs: number;
  },
): LeftToPlan {
  const offset = new Map<string, number>();
  const kept: PlannedTask[] = [];
  const irons = new Map(bench.irons.map(({ id, atC }) => [id, atC]));
  const lastUse = new Map<string, number>();
  const takenNow = new Set<string>();
  const pairs = bench.pairs.flatMap((pair): PlanPair[] => {
    const records = recordsOf(pair.id);
    const states = pair.steps.map((step) => visitState(step, records));
    const firstLeft = states.findIndex((state) => state !== 'done');
    pair.steps.forEach((step, index) => {
      if (states[index] === 'ahead') return;
      const task = keptTask({ pairId: pair.id, step, index }, { records, before, nowMs });
      kept.push(task);
      if (task.ironId === undefined || !irons.has(task.ironId)) return;
      if (task.startMs < (lastUse.get(task.ironId) ?? -Infinity)) return;
      lastUse.set(task.ironId, task.startMs);
      irons.set(task.ironId, step.ironC);
    });
    if (firstLeft < 0) return [];
    offset.set(pair.id, firstLeft);
    const steps = pair.steps.slice(firstLeft).map((step, k) => {
      const state = states[firstLeft + k]!;
      if (state === 'waiting') {
        const waitMin = waitLeft(step, records, nowMs);
        return { key: step.key, activeMin: 0, waitMin, needs: [], running: {} };
      }
      if (state !== 'running') return step;
      const task = kept.findLast((one) => one.pairId === pair.id)!;
      return goneOn(step, { task, bench, nowMs, takenNow });
    });
    return [{ ...pair, steps }];
  });
  return {
    problem: {
      ...bench,
      startMs: nowMs,
      irons: [...irons].map(([id, atC]) => (atC === undefined ? { id } : { id, atC })),
      pairs,
    },
    offset,
    kept: kept.sort((a, b) => a.startMs - b.startMs),
  };
}

/** A visit that began, as it was: with the time that the runner knows, else that of the plan. */
function keptTask(
  { pairId, step, index }: { pairId: string; step: StationStep; index: number },
  {
    records,
    before,
    nowMs,
  }: { records: PairRecords; before: readonly PlannedTask[]; nowMs: number },
): PlannedTask {
  const planned = before.find((one) => one.pairId === pairId && one.index === index);
  const { startedMs, endedMs } = visitTimes(step, records);
  const usualMs = step.activeMin * MINUTE_MS;
  // A tick says when a visit ended, not when it began.
  const isTicked =
    endedMs !== undefined && endedMs - (startedMs ?? endedMs) < usualMs * PLAN.tickShare;
  const startMs = isTicked ? endedMs - usualMs : (startedMs ?? planned?.startMs ?? nowMs);
  const usualEnd = Math.max(nowMs, startMs + usualMs);
  return {
    ...planned,
    pairId,
    stepKey: step.key,
    index,
    startMs,
    endMs: Math.max(startMs, endedMs ?? usualEnd),
  };
}

/** A visit under way: what is left of it, by whom and on which iron it goes on. */
function goneOn(
  step: StationStep,
  {
    task,
    bench,
    nowMs,
    takenNow,
  }: {
    task: PlannedTask;
    bench: Pick<PlanProblem, 'technicians' | 'irons'>;
    nowMs: number;
    takenNow: Set<string>;
  },
): StationStep {
  const goneMin = (nowMs - task.startMs) / MINUTE_MS;
  const activeMin = Math.max(PLAN.leastVisitMin, step.activeMin - goneMin);
  const rest = { ...step, activeMin, notBeforeMs: undefined };
  const { technicianId, ironId } = task;
  const staysUntil = nowMs + Math.ceil(activeMin) * MINUTE_MS;
  const isThere = bench.technicians.some(
    ({ id, fromMs, toMs }) => id === technicianId && fromMs <= nowMs && toMs >= staysUntil,
  );
  const hasIron = ironId === undefined || bench.irons.some(({ id }) => id === ironId);
  const mine = [technicianId, ironId].flatMap((id) => id ?? []);
  // Nobody is at two things at once, whatever the devices say: who comes second goes on as soon as it fits.
  if (!isThere || !hasIron || mine.some((id) => takenNow.has(id))) return rest;
  for (const id of mine) takenNow.add(id);
  return { ...rest, running: { technicianId, ironId } };
}

/** A plan of what was left as a part of the whole: what was kept, and then what comes. */
export function wholePlan(
  { kept, offset }: Pick<LeftToPlan, 'kept' | 'offset'>,
  tasks: readonly PlannedTask[],
): PlannedTask[] {
  const isKept = new Map(kept.map((task) => [`${task.pairId} ${task.index}`, task]));
  const coming = tasks.flatMap((task): PlannedTask[] => {
    const index = task.index + (offset.get(task.pairId) ?? 0);
    const before = isKept.get(`${task.pairId} ${index}`);
    if (!before) return [{ ...task, index }];
    // It goes on: one task, from when it really began, with whoever has it now.
    if (task.endMs === task.startMs) return [];
    isKept.set(`${task.pairId} ${index}`, { ...task, index, startMs: before.startMs });
    return [];
  });
  return [...isKept.values(), ...coming].sort((a, b) => a.startMs - b.startMs || a.index - b.index);
}
