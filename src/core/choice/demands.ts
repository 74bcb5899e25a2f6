import { requireWithin } from '../errors';
import { WETNESSES, type Wetness } from '../terms';
import { HOUSE_LIMITS, NEED_BIT, type OutingFacts, type OwnCorrection } from '../wax';
import * as terms from '../wax/terms';
import { hoarHumidity, type SnowCases } from './cases';

/** A move of the conditions away from what is likely, as a slider or the regret table makes it. */
export interface Nudge {
  temperatureK: number;
  humidity: number;
  sharpness: number;
  /** Whole steps of the snowball test; negative is drier. */
  wetnessSteps: number;
}

export const NO_NUDGE: Nudge = { temperatureK: 0, humidity: 0, sharpness: 0, wetnessSteps: 0 };

/** What each case asks for: its equivalent temperature, °C, and its set of additive needs. */
export interface CaseDemands {
  equivalentC: Float64Array;
  needs: Uint8Array;
}

const CLASS_WATER = WETNESSES.map((word: Wetness) => terms.waterOfClass(word));
const DRY = WETNESSES.indexOf('dry');
const WET = WETNESSES.indexOf('wet');
const SOAKED = WETNESSES.length - 1;
const between = (value: number, low: number, high: number) =>
  value < low ? low : value > high ? high : value;

/**
 * The ledger and the additive needs of every case, the same sums as `ledger` makes of one reading. Nudged
 * snow stays at or below 0 °C, humidity and sharpness within 0…1. A wrong distance or own correction:
 * DomainError, as in the ledger.
 */
export function demandsOf(
  cases: SnowCases,
  { outing, own, nudge = NO_NUDGE }: { outing: OutingFacts; own: OwnCorrection; nudge?: Nudge },
): CaseDemands {
  const { members, segments, temperatureC } = cases;
  const read = cases.reading?.temperatureC;
  const most = HOUSE_LIMITS.ownMostC;
  const fixed =
    requireWithin('venueC', { value: own.venueC, low: -most, high: most }) +
    requireWithin('handC', { value: own.handC, low: -most, high: most }) +
    terms.distanceTermC(
      requireWithin('distanceKm', { value: outing.distanceKm, low: 0, high: 1000 }),
    );
  const equivalentC = new Float64Array(temperatureC.length);
  const needs = new Uint8Array(temperatureC.length);
  const dirty = cases.dirt === 'dirty' ? NEED_BIT.dry_lubricant : 0;
  for (let block = 0; block * members < temperatureC.length; block += 1) {
    const { origin } = segments[block % segments.length]!;
    const hoarFrom = hoarHumidity(cases.airTemperatureC[block]!);
    const abrades = [terms.abrasiveness(origin, false), terms.abrasiveness(origin, true)] as const;
    const always = dirty | (origin === 'machine_made' ? NEED_BIT.dry_lubricant : 0);
    for (let i = block * members; i < (block + 1) * members; i += 1) {
      const t = Math.min(0, temperatureC[i]! + nudge.temperatureK);
      const humidity = between(cases.humidity[i]! + nudge.humidity, 0, 1);
      const wetness = between(cases.wetness[i]! + nudge.wetnessSteps, DRY, SOAKED);
      const sharpness = between(cases.sharpness[i]! + nudge.sharpness, 0, 1);
      const water = wetness === cases.wetness[i] ? cases.waterPercent[i]! : CLASS_WATER[wetness]!;
      const bySnow =
        terms.temperatureTermC(t, water) +
        terms.sharpnessTermC(sharpness) +
        terms.humidityTermC(humidity, water) +
        terms.abrasionTermC(abrades[cases.hardTrack[i]!]!, water) +
        terms.wetnessTermC(water);
      const model = cases.modelOffsetK?.[i - block * members] ?? 0;
      equivalentC[i] = bySnow + terms.dryCapTermC(bySnow, water) + fixed + model;
      const seenC = read === undefined ? t : Math.min(0, read + nudge.temperatureK);
      const isStatic =
        seenC < HOUSE_LIMITS.staticColderThanC && humidity < HOUSE_LIMITS.staticDrierThan;
      needs[i] =
        always |
        (wetness >= WET || humidity > hoarFrom ? NEED_BIT.water_repellent : 0) |
        (isStatic ? NEED_BIT.dry_lubricant : 0);
    }
  }
  return { equivalentC, needs };
}
