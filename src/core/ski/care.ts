import { requireWithin } from '../errors';
import type { SkiType, WearSnow } from '../terms';
import type { Finding, SkiEvent, Waxing } from './types';

/** Kilometres in which the reserve falls to 1/e, by snow (house; near the 50 km that practice says). */
export const WEAR_KM: Readonly<Record<WearSnow, number>> = {
  usual: 40,
  machine_made_or_icy: 15,
  abrasive_cold: 25,
  soft: 60,
};
/** Share of what is still empty that one coat fills (house: six hot passes fill about 90 %, two coats of three). */
const FILL_A_COAT: Readonly<Record<Waxing, number>> = {
  hot: 0.68,
  storage: 0.68,
  liquid: 0.25,
  top: 0,
  box: 0,
};
/** A box at 60 °C fills the base in hours: e-folding time, h (house). */
const BOX_HOURS = 2;
/** A stone takes the filled layer away. */
const AFTER_GRIND = 0.1;
/** A ski of which nothing is known. */
const UNKNOWN = 0.5;
const DUE_BELOW = 0.3;
const NORDIC_KM = 50;
const WEEK_MS = 7 * 24 * 3_600_000;
const ALPINE_WEEKS = 1;
const LONG_WEEKS = 8;
const ALPINE: readonly SkiType[] = ['alpine', 'touring', 'snowboard'];

const inOrder = (events: readonly SkiEvent[]) => [...events].sort((a, b) => a.atMs - b.atMs);

/**
 * How full of wax the base is, 0 to 1, after its events in order of time: coats fill a share of what is empty,
 * kilometres empty it as exp(−km/d0), a grind takes the filled layer off. Negative kilometres, coats or hours:
 * DomainError. Example: two hot coats on a fresh grind, then 30 km of usual snow give 0.43.
 */
export function waxReserve(events: readonly SkiEvent[]): number {
  let reserve = UNKNOWN;
  for (const event of inOrder(events)) {
    if (event.kind === 'ground') reserve = AFTER_GRIND;
    if (event.kind === 'waxed') {
      const waxing = event.waxing ?? 'hot';
      const coats = requireWithin('coats', event.coats ?? 1, 0, 20);
      const hours = requireWithin('boxHours', event.boxHours ?? 0, 0, 100);
      const left = (1 - FILL_A_COAT[waxing]) ** coats * Math.exp(-hours / BOX_HOURS);
      reserve = 1 - (1 - reserve) * left;
    }
    if (event.kind === 'kilometres') {
      const km = requireWithin('km', event.km ?? 0, 0, 1000);
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
  /** One sentence a sign; empty: not due. */
  due: string[];
}

/** A grind is spent after so far (house). */
const GRIND_KM = 900;
/** Northern summer: May to September; the southern is the other half. */
const isOffSeason = (atMs: number, isSouthern: boolean): boolean => {
  const month = new Date(atMs).getUTCMonth();
  const isNorthernSummer = month >= 4 && month <= 8;
  const isSouthernSummer = month >= 10 || month <= 2;
  return isSouthern ? isSouthernSummer : isNorthernSummer;
};

/** Reserve, kilometres, weeks and look of a ski, and whether it is due for care at a moment. */
export function careOf(
  type: SkiType,
  events: readonly SkiEvent[],
  findings: readonly Finding[],
  nowMs: number,
  isSouthern = false,
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
  const due: string[] = [];
  const isSummer = isOffSeason(nowMs, isSouthern);
  const isSeasonOver = isSummer && !isStored;
  if (isSeasonOver) due.push('The season is over: storage wax, left unscraped.');
  if (!isStored && !isSummer) {
    if (reserve < DUE_BELOW)
      due.push(`Reserve ${Math.round(reserve * 100)} %: under 30 % the base runs dry.`);
    if (!isAlpine && kmSinceWax >= NORDIC_KM)
      due.push(`${Math.round(kmSinceWax)} km since wax: about every ${NORDIC_KM} km.`);
    if (isAlpine && weeks !== undefined && weeks >= ALPINE_WEEKS && kmSinceWax > 0)
      due.push('A week of piste since wax: weekly is the rule.');
    if (weeks !== undefined && weeks >= LONG_WEEKS && kmSinceWax > 0)
      due.push(`${Math.floor(weeks)} weeks since wax.`);
    if (findings.some((one) => one.kind === 'dry' || one.kind === 'burn'))
      due.push('Looks dry at a place: at once.');
  }
  const kmSinceGrind = lastGroundMs === undefined ? kmSince(undefined) : kmSince(lastGroundMs);
  if (kmSinceGrind > GRIND_KM)
    due.push(`${Math.round(kmSinceGrind)} km since the stone: heat and wear flatten a grind.`);
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
