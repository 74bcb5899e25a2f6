import { PHYSICS } from '../../constants';
import { SNOW } from '../figures';

const {
  iceDensity: ICE_DENSITY,
  iceHeatCapacity: ICE_HEAT,
  fusionHeat: FUSION_HEAT,
  waterDensity: WATER_DENSITY,
} = PHYSICS;

/** What 1 % of liquid water by volume holds, as kelvins of the snow it lies in (density kg/m³). */
export const kelvinPerPercent = (densityKgPerM3: number): number =>
  (FUSION_HEAT * WATER_DENSITY) / (100 * ICE_HEAT * densityKgPerM3);

/** Water that fills all pores of snow (density kg/m³), % by volume. */
const poresPercent = (densityKgPerM3: number): number => 100 * (1 - densityKgPerM3 / ICE_DENSITY);

/** Temperature and water of the contact layer. */
export interface ContactSnow {
  temperatureC: number;
  waterPercent: number;
}

/**
 * The contact layer as the model has it, moved by an error of the model, K: cold freezes water before it cools, and
 * warmth beyond 0 °C melts; water fills the pores and no more; nothing gets colder than a surface can. Written into `into`.
 * Example: −1 °C dry and +3 K → 0 °C and wet.
 */
export function correctInto(
  into: ContactSnow,
  { temperatureC, waterPercent }: ContactSnow,
  { errorK, densityKgPerM3 }: { errorK: number; densityKgPerM3: number },
): void {
  const perPercentK = kelvinPerPercent(densityKgPerM3);
  const fullPercent = poresPercent(densityKgPerM3);
  if (errorK >= 0) {
    const warmed = temperatureC + errorK;
    into.temperatureC = Math.min(0, warmed);
    const melted = Math.max(0, warmed) / perPercentK;
    into.waterPercent = Math.min(fullPercent, waterPercent + melted);
    return;
  }
  // A cloudburst brings more than there is room for: the rest stands on the snow.
  const held = Math.min(fullPercent, waterPercent) * perPercentK;
  const freezing = Math.min(held, -errorK);
  into.waterPercent = (held - freezing) / perPercentK;
  into.temperatureC = Math.max(SNOW.coldestSurfaceC, temperatureC + errorK + freezing);
}
