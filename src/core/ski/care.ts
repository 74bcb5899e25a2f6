import { WEEK_MS } from '../units/constants';
import { requireIn } from '../errors';
import type { SkiType, WearSnow } from '../terms';
import { SKI, SKI_LIMITS } from './figures';
import type { CareSign } from './findings';
import type { Finding, SkiEvent } from './types';

/** Kilometres in which the reserve falls to 1/e, by snow. */
export const WEAR_KM: Readonly<Record<WearSnow, number>> = SKI.wearKm;
const { dueBelow: DUE_BELOW, nordicKm: NORDIC_KM, alpineWeeks: ALPINE_WEEKS } = SKI;
const { longWeeks: LONG_WEEKS, grindKm: GRIND_KM } = SKI;
const ALPINE: readonly SkiType[] = ['alpine', 'touring', 'snowboard'];

const inOrder = (events: readonly SkiEvent[]) => [...events].sort((a, b) => a.atMs - b.atMs);

/**
 * How full of wax the base is, 0 to 1, after its events in order of time: coats fill a share of what is empty
 * (what the iron's passes really gave, where that is known),
 * kilometres empty it as exp(−km/d0), a grind takes the filled layer off. Negative kilometres, coats or hours:
 * DomainError. Example: two hot coats on a fresh grind, then 30 km of usual snow give 0.43.
 */
export function waxReserve(events: readonly SkiEvent[]): number {
  let reserve: number = SKI.unknownReserve;
  for (const event of inOrder(events)) {
    if (event.kind === 'ground') reserve = SKI.afterGrind;
    if (event.kind === 'waxed') {
      const waxing = event.waxing ?? 'hot';
      const coats = requireIn('coats', event.coats ?? 1, SKI_LIMITS.coats);
      const hours = requireIn('boxHours', event.boxHours ?? 0, SKI_LIMITS.boxHours);
      const byCoats = (1 - SKI.fillACoat[waxing]) ** coats;
      const unfilled = event.uptakeFraction === undefined ? byCoats : 1 - event.uptakeFraction;
      const left = unfilled * Math.exp(-hours / SKI.boxHours);
      reserve = 1 - (1 - reserve) * left;
    }
    if (event.kind === 'kilometres') {
      const km = requireIn('km', event.km ?? 0, SKI_LIMITS.km);
      reserve *= Math.exp(-km / WEAR_KM[event.snow ?? 'usual']);
    }
  }
  return reserve;
}

/** Whether a ski wants wax, and by what sign. */
export interface Care {
  reserve: number;
  kmSinceWax: number;
  kmInAll: number;
  /** Undefined: never waxed here. */
  lastWaxedMs: number | undefined;
  lastGroundMs: number | undefined;
  /** Kilometres since the stone, which flatten its structure. */
  kmSinceGrind: number;
  isStored: boolean;
  /** Summer, and not stored yet: storage wax is all it wants. */
  isSeasonOver: boolean;
  /** Empty: not due. */
  due: CareSign[];
}

/** Northern summer: May to September; the southern is the other half. */
const isOffSeason = (atMs: number, isSouthern: boolean): boolean => {
  const month = new Date(atMs).getUTCMonth();
  const isNorthernSummer = month >= SKI.summerMonths[0] && month <= SKI.summerMonths[1];
  const isSouthernSummer =
    month >= SKI.southernSummerMonths[0] || month <= SKI.southernSummerMonths[1];
  return isSouthern ? isSouthernSummer : isNorthernSummer;
};

/** Reserve, kilometres, weeks and look of a ski, and whether it is due for care at a moment. */
export function careOf(
  type: SkiType,
  {
    events,
    findings,
    nowMs,
    isSouthern = false,
  }: {
    events: readonly SkiEvent[];
    findings: readonly Finding[];
    nowMs: number;
    isSouthern?: boolean;
  },
): Care {
  const ordered = inOrder(events);
  const last = (kind: SkiEvent['kind']) => ordered.findLast((one) => one.kind === kind)?.atMs;
  const lastWaxedMs = ordered.findLast((one) => one.kind === 'waxed' && one.waxing !== 'top')?.atMs;
  const lastGroundMs = last('ground');
  const kmSince = (fromMs: number | undefined) =>
    ordered
      .filter((one) => one.kind === 'kilometres' && one.atMs >= (fromMs ?? -Infinity))
      .reduce((sum, one) => sum + (one.km ?? 0), 0);
  const reserve = waxReserve(events);
  const kmSinceWax = kmSince(lastWaxedMs);
  const isStored = ordered.at(-1)?.kind === 'stored';
  const isAlpine = ALPINE.includes(type);
  const weeks = lastWaxedMs === undefined ? undefined : (nowMs - lastWaxedMs) / WEEK_MS;
  const due: CareSign[] = [];
  const isSummer = isOffSeason(nowMs, isSouthern);
  const isSeasonOver = isSummer && !isStored;
  if (isSeasonOver) due.push({ code: 'season_over' });
  if (!isStored && !isSummer) {
    if (reserve < DUE_BELOW) due.push({ code: 'reserve_low', reserve, dueBelow: DUE_BELOW });
    if (!isAlpine && kmSinceWax >= NORDIC_KM)
      due.push({ code: 'far_since_wax', km: kmSinceWax, everyKm: NORDIC_KM });
    if (isAlpine && weeks !== undefined && weeks >= ALPINE_WEEKS && kmSinceWax > 0)
      due.push({ code: 'week_of_piste' });
    if (weeks !== undefined && weeks >= LONG_WEEKS && kmSinceWax > 0)
      due.push({ code: 'long_since_wax', weeks: Math.floor(weeks) });
    if (findings.some((one) => one.kind === 'dry' || one.kind === 'burn'))
      due.push({ code: 'looks_dry' });
  }
  const kmSinceGrind = lastGroundMs === undefined ? kmSince(undefined) : kmSince(lastGroundMs);
  if (kmSinceGrind > GRIND_KM) due.push({ code: 'far_since_grind', km: kmSinceGrind });
  return {
    reserve,
    kmSinceWax,
    kmInAll: kmSince(undefined),
    lastWaxedMs,
    lastGroundMs,
    kmSinceGrind,
    isStored,
    isSeasonOver,
    due,
  };
}
