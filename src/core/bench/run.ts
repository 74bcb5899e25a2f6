import { MINUTE_MS } from '../units/constants';
import type { Waxing } from '../ski';
import { WAIT_KINDS, type Step } from './types';

/** What running a sheet needs to know of a step. */
type RunStep = Pick<Step, 'key' | 'kind' | 'waitMin' | 'waitLeastMin'> & {
  figures?: Pick<Step['figures'], 'uptakeFraction' | 'boxHours'>;
};

/** How the key of an iron step ends that makes a coat: a hot scrape and a strip along the edges do not. */
export const COAT = '.iron';
/** The key of a film on a patterned base, against ice. */
export const PATTERN_FILM = 'pattern.on';

export const STEP_OUTCOMES = ['done', 'skipped', 'ended_early'] as const;
export type StepOutcome = (typeof STEP_OUTCOMES)[number];

/** What is recorded of a step that was begun; moments in ms since 1970, all absolute. */
export interface StepRecord {
  position: number;
  startedMs: number;
  /** Of a wait: when it is over, and before when it makes no sense to go on. */
  dueMs?: number;
  leastMs?: number;
  endedMs?: number;
  outcome?: StepOutcome;
  skipReason?: string;
  setC?: number;
  grams?: number;
}

/** A wait that runs: when it began, when it is over, and before when it makes no sense to go on. */
export interface Wait {
  startedMs: number;
  dueMs: number;
  leastMs: number;
}

/**
 * What is left of a wait at a moment, ms; negative when it is over. Never more than all of it: a clock that was
 * set back does not make it longer.
 */
export const leftOf = ({ startedMs, dueMs }: Pick<Wait, 'startedMs' | 'dueMs'>, nowMs: number) =>
  Math.min(dueMs - nowMs, dueMs - startedMs);

/** Where a job stands. */
export interface JobState<S extends RunStep = RunStep> {
  /** Position of the step to do now; the number of steps when all is done. */
  position: number;
  isDone: boolean;
  current: S | undefined;
  record: StepRecord | undefined;
  /** The wait that runs now, if the current step is one. */
  wait: Wait | undefined;
  doneShare: number;
}

/** Where a job stands by its records: the first step that has not ended. */
export function jobState<S extends RunStep>(
  sheet: { steps: readonly S[] },
  records: readonly StepRecord[],
): JobState<S> {
  const ended = new Set(
    records.filter((one) => one.endedMs !== undefined).map((one) => one.position),
  );
  let position = 0;
  while (position < sheet.steps.length && ended.has(position)) position += 1;
  const current = sheet.steps[position];
  const record = records.find((one) => one.position === position);
  const { dueMs, leastMs } = record ?? {};
  return {
    position,
    isDone: current === undefined,
    current,
    record,
    wait:
      record && dueMs !== undefined && leastMs !== undefined
        ? { startedMs: record.startedMs, dueMs, leastMs }
        : undefined,
    doneShare: sheet.steps.length === 0 ? 1 : position / sheet.steps.length,
  };
}

/** What is left of a job at a moment: steps, and the time for them with their waits, ms. */
export function leftOfJob(
  sheet: { steps: readonly (RunStep & { activeMin: number })[] },
  records: readonly StepRecord[],
  nowMs: number,
): { steps: number; leftMs: number } {
  const { position, wait } = jobState(sheet, records);
  const rest = sheet.steps.slice(position);
  const minutes = rest.reduce((sum, step, i) => {
    // The wait that runs is counted by its own clock.
    const waiting = i === 0 && wait ? 0 : (step.waitMin ?? 0);
    return sum + step.activeMin + waiting;
  }, 0);
  const running = wait ? Math.max(0, leftOf(wait, nowMs)) : 0;
  return { steps: rest.length, leftMs: minutes * MINUTE_MS + running };
}

/** The record of a step that begins at a moment; a wait knows at once when it is over. */
export function begin(step: RunStep, position: number, nowMs: number): StepRecord {
  if (!WAIT_KINDS.includes(step.kind)) return { position, startedMs: nowMs };
  return {
    position,
    startedMs: nowMs,
    dueMs: nowMs + (step.waitMin ?? 0) * MINUTE_MS,
    leastMs: nowMs + (step.waitLeastMin ?? 0) * MINUTE_MS,
  };
}

/** The record of a step that ends: a wait that ends before its time is noted as such, not forbidden. */
export function end(record: StepRecord, nowMs: number): StepRecord {
  const isEarly = record.dueMs !== undefined && nowMs < record.dueMs;
  return { ...record, endedMs: nowMs, outcome: isEarly ? 'ended_early' : 'done' };
}

/** A step that was ended, or skipped, where a person saw the job. */
export interface StepMove {
  position: number;
  move: 'next' | 'skip';
  atMs: number;
  reason?: string;
  setC?: number;
  grams?: number;
}

/**
 * Records of a job after a move that is not with the server yet: the step ends, the next begins. A move for another
 * step than the one to do now changes nothing.
 */
export function movedRecords(
  sheet: { steps: readonly RunStep[] },
  records: readonly StepRecord[],
  { position, move, atMs, reason, setC, grams }: StepMove,
): readonly StepRecord[] {
  const state = jobState(sheet, records);
  if (state.position !== position || !state.current) return records;
  const begun = state.record ?? begin(state.current, position, atMs);
  const ended: StepRecord =
    move === 'skip'
      ? { ...begun, endedMs: atMs, outcome: 'skipped', skipReason: reason }
      : { ...end(begun, atMs), setC, grams };
  const next = sheet.steps[position + 1];
  return [
    ...records.filter((one) => one.position < position),
    ended,
    ...(next ? [begin(next, position + 1, atMs)] : []),
  ];
}

/** What is on the rack: a wait of some job. */
export interface RackTimer {
  jobId: string;
  skiName: string;
  title: string;
  startedMs: number;
  dueMs: number;
  leastMs: number;
}

/** Timers in the order in which they need hands: what is over first, then by when it will be. */
export function inOrderOfHands<T extends Pick<RackTimer, 'dueMs' | 'skiName'>>(
  timers: readonly T[],
): T[] {
  return [...timers].sort((a, b) => a.dueMs - b.dueMs || a.skiName.localeCompare(b.skiName, 'en'));
}

/** What waxing did to a base. */
export interface Waxed {
  waxing: Waxing;
  coats: number;
  /** Of a box: hours at its warm end. */
  boxHours?: number;
  /** Share of what was empty that the passes filled, as the iron lab has it; absent: not known. */
  uptakeFraction?: number;
}

/** Together coats fill what each leaves; undefined where it is not known of one. */
function uptakeOf(coats: readonly RunStep[]): number | undefined {
  let left = 1;
  for (const { figures } of coats) {
    if (figures?.uptakeFraction === undefined) return undefined;
    left *= 1 - figures.uptakeFraction;
  }
  return coats.length > 0 ? 1 - left : undefined;
}

/**
 * What a finished sheet did to the ski, each way of waxing once: hours in a box, coats by the iron, films of a liquid,
 * storage. A film on a pattern or an ironed strip along the edges fills no base.
 */
export function waxingsOf(steps: readonly RunStep[]): Waxed[] {
  const coats = steps.filter(({ kind, key }) => kind === 'iron' && key.endsWith(COAT));
  const uptakeFraction = uptakeOf(coats);
  const filled = uptakeFraction === undefined ? {} : { uptakeFraction };
  const boxHours = steps.reduce((sum, { figures }) => sum + (figures?.boxHours ?? 0), 0);
  const films = steps.filter(({ kind, key }) => kind === 'liquid_on' && key !== PATTERN_FILM);
  const tops = steps.filter(({ kind }) => kind === 'top_on');
  const isStored = steps.some(({ kind }) => kind === 'store');
  const list: Waxed[] = [];
  if (boxHours > 0) list.push({ waxing: 'box', coats: 0, boxHours });
  if (isStored) list.push({ waxing: 'storage', coats: Math.max(1, coats.length), ...filled });
  else if (coats.length > 0) list.push({ waxing: 'hot', coats: coats.length, ...filled });
  if (films.length > 0) list.push({ waxing: 'liquid', coats: films.length });
  if (list.length === 0 && tops.length > 0) list.push({ waxing: 'top', coats: tops.length });
  return list;
}

/** Findings that the steps done take care of. Burn and what is a shop's work stay until someone says so. */
export function mendedBy(steps: readonly RunStep[]): string[] {
  const has = (group: string) =>
    steps.some(({ key }) => key === group || key.startsWith(`${group}.`));
  const isWaxed = steps.some((step) => step.kind === 'iron');
  return [
    ...(has('repair.gouge') ? ['gouge'] : []),
    ...(has('edge.case') ? ['burr'] : []),
    ...(has('edge.rust') ? ['rust'] : []),
    ...(has('clean') ? ['dirt'] : []),
    ...(has('new-base.pad') ? ['hairs'] : []),
    ...(isWaxed ? ['dry'] : []),
  ];
}
