import { SNOW } from '../snow/figures';
import { correctInto } from '../snow/outlook/corrected';
import { wetnessOf } from '../snow/outlook';
import { SETTLED_SHARPNESS } from '../snow/grain-shape';
import { WETNESSES, type Wetness } from '../terms';
import { waterOfClass } from '../wax/terms';

/** A move of the conditions away from what is likely, as a slider or the regret table makes it. */
export interface Nudge {
  temperatureK: number;
  humidity: number;
  sharpness: number;
  /** Whole steps of the snowball test; negative is drier. */
  wetnessSteps: number;
  /** Colder snow does not get wetter, °C; undefined: a person says that it does. */
  wetsFromC?: number;
}

export const NO_NUDGE: Nudge = { temperatureK: 0, humidity: 0, sharpness: 0, wetnessSteps: 0 };

/** The snow of one case, as a nudge moves it. */
export interface NudgedSnow {
  temperatureC: number;
  waterPercent: number;
  sharpness: number;
  /** 1: glazed, or a crust that was wet and froze. */
  hardTrack: number;
}

const CLASS_WATER = WETNESSES.map((word: Wetness) => waterOfClass(word));
const LAST = WETNESSES.length - 1;
const MOIST = WETNESSES.indexOf('moist');
const { crust: CRUST } = SNOW;
const { densityKgPerM3 } = SNOW.surfaces.groomed;

const clamp = (value: number) => (value < 0 ? 0 : value > 1 ? 1 : value);

/**
 * Moves the snow of a case in place, with its phase: what is warmed past 0 °C melts, wet snow freezes before it cools,
 * and what was wet and is frozen is a crust.
 */
export function nudgeSnow(snow: NudgedSnow, nudge: Nudge): void {
  const before = snow.waterPercent;
  snow.sharpness = clamp(snow.sharpness + nudge.sharpness);
  if (nudge.temperatureK !== 0) {
    const was = { temperatureC: snow.temperatureC, waterPercent: before };
    correctInto(snow, was, { errorK: nudge.temperatureK, densityKgPerM3 });
  }
  const isTooCold = nudge.wetsFromC !== undefined && snow.temperatureC < nudge.wetsFromC;
  if (nudge.wetnessSteps !== 0 && !(nudge.wetnessSteps > 0 && isTooCold)) stepWater(snow, nudge);
  if (before >= CRUST.wetPercent && snow.waterPercent < CRUST.wetPercent) {
    snow.temperatureC = Math.min(snow.temperatureC, CRUST.frozenC);
    snow.hardTrack = 1;
    snow.sharpness = Math.max(SETTLED_SHARPNESS, snow.sharpness);
  }
}

function stepWater(snow: NudgedSnow, { wetnessSteps }: Nudge): void {
  const at = WETNESSES.indexOf(wetnessOf(snow.waterPercent));
  const moved = Math.min(LAST, Math.max(0, at + wetnessSteps));
  if (moved === at) return;
  snow.waterPercent = CLASS_WATER[moved]!;
  if (moved >= MOIST) snow.temperatureC = 0;
}
