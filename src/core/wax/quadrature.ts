import { requireIn } from '../errors';
import { HOUSE_LIMITS, WAX_LIMITS } from './figures';

/** Points of a distribution, °C, with weights that sum to 1. */
export interface WeightedPoints {
  values: Float64Array;
  weights: Float64Array;
}

const { reachSd: REACH_IN_SD, points: POINTS } = HOUSE_LIMITS.quadrature;

/**
 * A normal snow temperature taken apart into 81 evenly spaced points over ±4 sd with normal
 * weights (trapezoid rule; it resolves where one wax overtakes another, which Gauss–Hermite does
 * not). Points above 0 °C are set to 0: snow gets no warmer. `sdC` 0…40, otherwise DomainError;
 * 0 gives a single point.
 */
export function snowTemperaturePoints(temperatureC: number, sdC: number): WeightedPoints {
  requireIn('temperatureC', temperatureC, WAX_LIMITS.snowTemperatureC);
  requireIn('temperatureSdC', sdC, WAX_LIMITS.temperatureSdC);
  if (sdC === 0) {
    return { values: Float64Array.of(temperatureC), weights: Float64Array.of(1) };
  }
  const values = new Float64Array(POINTS);
  const weights = new Float64Array(POINTS);
  let total = 0;
  for (let i = 0; i < POINTS; i += 1) {
    const z = REACH_IN_SD * ((2 * i) / (POINTS - 1) - 1);
    values[i] = Math.min(0, temperatureC + sdC * z);
    weights[i] = Math.exp(-0.5 * z * z);
    total += weights[i]!;
  }
  for (let i = 0; i < POINTS; i += 1) weights[i] = weights[i]! / total;
  return { values, weights };
}
