import type { StepKind } from '../bench';
import { PLAN } from './figures';
import type { PlanNeed, PlanStep } from './types';

/** Where in the cabin a step is done. */
export const STATIONS = [
  'base',
  'edges',
  'iron',
  'finish',
  'liquid',
  'structure',
  'top',
  'grip',
  'wait',
] as const;
export type Station = (typeof STATIONS)[number];

/** What only some people may do. */
export const PLAN_SKILLS = ['edges', 'structure', 'top'] as const;
export type PlanSkill = (typeof PLAN_SKILLS)[number];

/** Steps of no station of their own go with the one before them, or the first with the one after it. */
const STATION_OF: Readonly<Record<StepKind, Station | 'with'>> = {
  secure: 'with',
  sharpen: 'with',
  check: 'with',
  release: 'with',
  send: 'with',
  store: 'with',
  repair: 'base',
  clean_liquid: 'base',
  remove_grip: 'base',
  open_structure: 'base',
  edge: 'edges',
  wax_on: 'iron',
  iron: 'iron',
  scrape_warm: 'iron',
  dab: 'iron',
  scrape: 'finish',
  brush: 'finish',
  liquid_on: 'liquid',
  wipe: 'liquid',
  cork: 'with',
  rill: 'structure',
  top_on: 'top',
  grip_on: 'grip',
  klister_on: 'grip',
  pattern: 'grip',
  skin: 'grip',
  skin_cover: 'grip',
  flash_off: 'wait',
  cool: 'wait',
  dry: 'wait',
  hot_box: 'wait',
};

const NEEDS: Readonly<Record<Station, readonly PlanNeed[]>> = {
  base: ['technician', 'vice'],
  edges: ['technician', 'vice'],
  iron: ['technician', 'vice', 'iron'],
  finish: ['technician', 'brush_stand'],
  liquid: ['technician', 'brush_stand'],
  structure: ['technician', 'vice'],
  top: ['technician', 'brush_stand'],
  grip: ['technician', 'vice'],
  wait: [],
};

const SKILL: Readonly<Partial<Record<Station, PlanSkill>>> = {
  edges: 'edges',
  structure: 'structure',
  top: 'top',
};

/** What of a step of a job sheet the plan reckons with. */
export interface SheetStep {
  kind: StepKind;
  activeMin: number;
  waitMin?: number;
  figures: { temperatureC?: number };
  productId?: string;
}

/** One visit of a pair to a station: the steps of its sheet from one position to before another, then a wait. */
export interface StationStep extends PlanStep {
  station: Station;
  productId?: string;
  fromStep: number;
  /** One past the last step that needs hands. */
  toStep: number;
  /** One past the wait after it. */
  waitToStep: number;
}

interface Visit {
  station: Station;
  steps: SheetStep[];
  from: number;
  waits: number;
  waitMin: number;
}

/** The sheet cut into visits: a new one where the station, the iron's temperature or the wax changes, or after a wait. */
function visitsOf(steps: readonly SheetStep[]): Visit[] {
  const visits: Visit[] = [];
  let from = 0;
  let open: Visit | undefined;
  steps.forEach((step, at) => {
    const station = STATION_OF[step.kind];
    if (station === 'wait') {
      // A wait before any work is a visit without hands.
      open ??= { station: 'wait', steps: [], from, waits: 0, waitMin: 0 };
      if (!visits.includes(open)) visits.push(open);
      open.waits += 1;
      open.waitMin += step.waitMin ?? 0;
      return;
    }
    const fits =
      open !== undefined &&
      open.waits === 0 &&
      (station === 'with' || (open.station === station && isSameWork(open, step)));
    if (!fits) {
      open = {
        station: station === 'with' ? nextStation(steps, at, visits.at(-1)?.station) : station,
        steps: [],
        from: at,
        waits: 0,
        waitMin: 0,
      };
      visits.push(open);
    }
    open!.steps.push(step);
    from = at + 1;
  });
  return visits;
}

/** The station of the first step from `at` on that has one before the next wait, else the one before. */
function nextStation(steps: readonly SheetStep[], at: number, before: Station = 'finish'): Station {
  for (const { kind } of steps.slice(at)) {
    const station = STATION_OF[kind];
    if (station === 'wait') break;
    if (station !== 'with') return station;
  }
  return before === 'wait' ? 'finish' : before;
}

const temperatureOf = (steps: readonly SheetStep[]) =>
  steps.find(({ kind, figures }) => kind === 'iron' && figures.temperatureC !== undefined)?.figures
    .temperatureC;
const productOf = (steps: readonly SheetStep[]) =>
  steps.find(({ productId }) => productId !== undefined)?.productId;

function isSameWork({ steps }: Visit, next: SheetStep): boolean {
  const [own, product] = [temperatureOf(steps), productOf(steps)];
  const nextC = temperatureOf([next]);
  return (
    (own === undefined || nextC === undefined || own === nextC) &&
    (product === undefined || next.productId === undefined || product === next.productId)
  );
}

/** Steps of one visit are slow or quick together: the mean of their spreads by minutes. */
const spreadOf = (steps: readonly SheetStep[], logSdOf: (kind: StepKind) => number): number => {
  const minutes = steps.reduce((sum, { activeMin }) => sum + activeMin, 0);
  return steps.reduce((sum, { kind, activeMin }) => sum + logSdOf(kind) * activeMin, 0) / minutes;
};

/**
 * A job sheet as the plan has it: visits to stations, each with the wait after it. Steps of one key are the same work
 * with the same wax at the same temperature. Top layers do not begin before `topNotBeforeMs`.
 */
export function stationSteps(
  steps: readonly SheetStep[],
  {
    topNotBeforeMs,
    logSdOf,
  }: {
    topNotBeforeMs?: number;
    /** Standard deviation of the logarithm of the minutes of a kind of step, as the bench knows it. */
    logSdOf?: (kind: StepKind) => number;
  } = {},
): StationStep[] {
  return visitsOf(steps).map(({ station, steps: own, from, waits, waitMin }) => {
    const [ironC, productId] = [temperatureOf(own), productOf(own)];
    const skill = SKILL[station];
    const toStep = from + own.length;
    const worked = own.reduce((sum, { activeMin }) => sum + activeMin, 0);
    return {
      key: [station, productId ?? '', ironC ?? ''].join(' ').trim(),
      station,
      activeMin: own.length === 0 ? 0 : Math.max(PLAN.leastVisitMin, worked),
      needs: NEEDS[station],
      fromStep: from,
      toStep,
      waitToStep: toStep + waits,
      ...(waitMin > 0 ? { waitMin } : {}),
      ...(ironC === undefined ? {} : { ironC }),
      ...(productId === undefined ? {} : { productId }),
      ...(skill === undefined ? {} : { skill }),
      ...(logSdOf && worked > 0 ? { logSd: spreadOf(own, logSdOf) } : {}),
      ...(station === 'top' && topNotBeforeMs !== undefined ? { notBeforeMs: topNotBeforeMs } : {}),
    };
  });
}
