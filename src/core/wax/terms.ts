import { SETTLED_SHARPNESS } from '../snow/grain-shape';
import type { Origin, Wetness } from '../terms';
import { HOUSE, HOUSE_LIMITS } from './figures';

/** The lines of the ledger as plain numbers, °C: what the ledger shows and the ensemble sums. */

/** Line of the grain's sharpness, 0…1. */
export const sharpnessTermC = (sharpness: number): number =>
  HOUSE.sharpnessPerUnit.mean * (sharpness - SETTLED_SHARPNESS);

/** Line of the humidity over water, 0…1; dry snow only. */
export function humidityTermC(humidityFraction: number): number {
  const most = HOUSE_LIMITS.humidityMostC;
  const raw =
    (HOUSE.humidityPerSpan.mean * (humidityFraction - HOUSE_LIMITS.neutralHumidity)) /
    HOUSE_LIMITS.humiditySpan;
  return raw > most ? most : raw < -most ? -most : raw;
}

/** Line of the snow's origin; dry snow only. */
export const ORIGIN_C: Record<Origin, number> = {
  natural: 0,
  machine_made: HOUSE.machineMade.mean,
  mixed: HOUSE.mixedOrigin.mean,
};

export const WETNESS_C: Record<Wetness, number> = {
  dry: 0,
  moist: HOUSE.moist.mean,
  wet: HOUSE.wet.mean,
  very_wet: HOUSE.veryWet.mean,
  soaked: HOUSE.soaked.mean,
};

/** Line of the distance, km. */
export function distanceTermC(distanceKm: number): number {
  const over = distanceKm - HOUSE_LIMITS.distanceFromKm;
  return over > 0 ? Math.max(-HOUSE_LIMITS.distanceMostC, HOUSE.distancePerKm.mean * over) : 0;
}
