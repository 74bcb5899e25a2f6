import { WETNESSES, type Wetness } from '../terms';
import type { SnowConditions } from '../wax';
import type { SnowCases } from './cases';
import { wetnessOf } from '../snow/outlook';
import { NO_NUDGE, nudgeSnow, type Nudge } from './nudge';

/** Weighted mean of a value over all cases: segments by length, members by weight, times evenly. */
export function meanOver(cases: SnowCases, value: (i: number) => number): number {
  const { members, segments, timesMs, memberWeights } = cases;
  let sum = 0;
  for (let block = 0; block < timesMs.length * segments.length; block += 1) {
    const { share } = segments[block % segments.length]!;
    for (let m = 0; m < members; m += 1) {
      sum += share * memberWeights[m]! * value(block * members + m);
    }
  }
  return sum / timesMs.length;
}

/** Half of the cases; shares that add up to a half do so but for rounding. */
const MIDDLE_OF_CASES = 0.5 - 1e-9;

/** The wetness class that the middle case has, and the mean water of that class: of one snow. */
function middleWater(cases: SnowCases): { wetness: Wetness; waterPercent: number } {
  const classes = Array.from(cases.waterPercent, wetnessOf);
  let reached = 0;
  for (const wetness of WETNESSES) {
    const has = (i: number) => Number(classes[i] === wetness);
    const share = meanOver(cases, has);
    reached += share;
    if (reached >= MIDDLE_OF_CASES) {
      const water = meanOver(cases, (i) => has(i) * cases.waterPercent[i]!);
      return { wetness, waterPercent: water / share };
    }
  }
  return { wetness: 'dry', waterPercent: 0 };
}

/** The cases in one line: the snow as the ledger shows it. */
export function typicalSnow(cases: SnowCases, nudge: Nudge = NO_NUDGE): SnowConditions {
  const clamp = (value: number) => Math.min(1, Math.max(0, value));
  const mean = cases.reading?.temperatureC ?? meanOver(cases, (i) => cases.temperatureC[i]!);
  const square = () => meanOver(cases, (i) => (cases.temperatureC[i]! - mean) ** 2);
  const longest = cases.segments.reduce((a, b) => (b.share > a.share ? b : a));
  const airs = cases.airTemperatureC;
  const glazed = cases.segments.reduce((sum, one) => sum + (one.glazed ? one.share : 0), 0);
  const isGlazed = glazed >= MIDDLE_OF_CASES;
  const isHard = meanOver(cases, (i) => cases.hardTrack[i]!) >= MIDDLE_OF_CASES;
  const { wetness, waterPercent: water } = middleWater(cases);
  const moved = {
    temperatureC: Math.min(0, mean),
    waterPercent: water,
    sharpness: clamp(meanOver(cases, (i) => cases.sharpness[i]!)),
    hardTrack: Number(isHard),
  };
  if (nudge !== NO_NUDGE) nudgeSnow(moved, nudge);
  const { temperatureC, waterPercent, sharpness, hardTrack } = moved;
  return {
    temperatureC,
    temperatureSdC: cases.reading?.sdK ?? Math.sqrt(square()),
    humidityFraction: clamp(meanOver(cases, (i) => cases.humidity[i]!) + nudge.humidity),
    airTemperatureC: airs.reduce((sum, one) => sum + one, 0) / airs.length,
    origin: longest.origin,
    sharpness,
    wetness: nudge === NO_NUDGE ? wetness : wetnessOf(waterPercent),
    waterPercent,
    dirt: cases.dirt,
    glazed: isGlazed,
    grain: hardTrack === 1 && !isGlazed ? 'refrozen_crust' : undefined,
    grainMm: cases.grainMm && meanOver(cases, (i) => cases.grainMm![i]!),
  };
}
