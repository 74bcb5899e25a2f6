import { requireWithin } from '../errors';

/** Points of a distribution, °C, with weights that sum to 1. */
export interface WeightedPoints {
  values: Float64Array;
  weights: Float64Array;
}

const REACH_IN_SD = 4;
const POINTS = 201;
const WEIGHT_ROUNDING = 1e-12;

/**
 * A normal snow temperature taken apart into 201 evenly spaced points over ±4 sd with normal
 * weights (trapezoid rule; it resolves where one wax overtakes another, which Gauss–Hermite does
 * not). Points above 0 °C are set to 0: snow gets no warmer. `sdC` 0…40, otherwise DomainError;
 * 0 gives a single point.
 */
export function snowTemperaturePoints(temperatureC: number, sdC: number): WeightedPoints {
  requireWithin('temperatureC', temperatureC, -90, 0);
  requireWithin('temperatureSdC', sdC, 0, 40);
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

/**
 * The smallest loss at or below which at least `fraction` of the weight lies, for losses that fall
 * and then rise along the points (as a wax's loss does along ordered temperatures): the largest are
 * peeled off the two ends, so nothing is sorted. Same lengths, weights summing to 1.
 * Example: losses 2, 1, 3 of equal weight, 0.5 → 2.
 */
export function quantileOfValley(
  losses: Float64Array,
  weights: Float64Array,
  fraction: number,
): number {
  requireWithin('fraction', fraction, 0, 1);
  let low = 0;
  let high = losses.length - 1;
  let below = 1;
  while (low < high) {
    const isLowLarger = losses[low]! > losses[high]!;
    const left = below - weights[isLowLarger ? low : high]!;
    if (left < fraction - WEIGHT_ROUNDING) break;
    below = left;
    if (isLowLarger) low += 1;
    else high -= 1;
  }
  return Math.max(losses[low]!, losses[high]!);
}
