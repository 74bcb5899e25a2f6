import { requireWithin } from '../errors';
import { PHYSICS } from '../constants';
import {
  HOUSE_LIMITS,
  hoarHumidity,
  isStatic,
  needBits,
  type OutingFacts,
  type OwnCorrection,
} from '../wax';
import * as terms from '../wax/terms';
import type { SnowCases } from './cases';
import { NO_NUDGE, nudgeSnow, type Nudge } from './nudge';

/** What each case asks for: its equivalent temperature, °C, and its set of additive needs. */
export interface CaseDemands {
  equivalentC: Float64Array;
  needs: Uint8Array;
}

const AS_THE_HOUSE = { sharpness: 1, humidity: 1, abrasion: 1, wetness: 1, distance: 1 };
const WET_PERCENT = PHYSICS.wetnessPercent.wet;
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
  const factor = own.learned?.factors ?? AS_THE_HOUSE;
  const fixed =
    requireWithin('venueC', { value: own.venueC, low: -most, high: most }) +
    requireWithin('handC', { value: own.handC, low: -most, high: most }) +
    factor.distance *
      terms.distanceTermC(
        requireWithin('distanceKm', { value: outing.distanceKm, low: 0, high: 1000 }),
      ) +
    (own.learned?.offsetC ?? 0);
  const equivalentC = new Float64Array(temperatureC.length);
  const needs = new Uint8Array(temperatureC.length);
  const snow = { temperatureC: 0, waterPercent: 0, sharpness: 0, hardTrack: 0 };
  const isNudged = nudge !== NO_NUDGE;
  for (let block = 0; block * members < temperatureC.length; block += 1) {
    const { origin } = segments[block % segments.length]!;
    const hoarFrom = hoarHumidity(cases.airTemperatureC[block]!);
    const abrades = [terms.abrasiveness(origin, false), terms.abrasiveness(origin, true)] as const;
    const isAlwaysDusty = cases.dirt === 'dirty' || origin === 'machine_made';
    for (let i = block * members; i < (block + 1) * members; i += 1) {
      snow.temperatureC = Math.min(0, temperatureC[i]!);
      snow.waterPercent = cases.waterPercent[i]!;
      snow.sharpness = cases.sharpness[i]!;
      snow.hardTrack = cases.hardTrack[i]!;
      if (isNudged) nudgeSnow(snow, nudge);
      const { temperatureC: t, waterPercent: water, sharpness } = snow;
      const humidity = between(cases.humidity[i]! + nudge.humidity, 0, 1);
      const bySnow =
        terms.temperatureTermC(t, water) +
        factor.sharpness * terms.sharpnessTermC(sharpness) +
        factor.humidity * terms.humidityTermC(humidity, water) +
        factor.abrasion * terms.abrasionTermC(abrades[snow.hardTrack]!, water) +
        factor.wetness * terms.wetnessTermC(water);
      const model = cases.modelOffsetK?.[i - block * members] ?? 0;
      equivalentC[i] = bySnow + terms.dryCapTermC(bySnow, water) + fixed + model;
      const seenC = read === undefined ? t : Math.min(0, read + nudge.temperatureK);
      needs[i] = needBits(
        water >= WET_PERCENT || humidity > hoarFrom,
        isAlwaysDusty || isStatic(seenC, humidity),
      );
    }
  }
  return { equivalentC, needs };
}
