import { ERFC } from './constants';

function erfc(x: number): number {
  const z = Math.abs(x);
  const t = 1 / (1 + z / 2);
  const series = ERFC.reduceRight((sum, coefficient) => coefficient + t * sum, 0);
  const value = t * Math.exp(-z * z + series);
  return x >= 0 ? value : 2 - value;
}

/** Share of a standard normal below x; relative error below 2e-7 in the lower tail. normalBelow(−1.96) → 0.025. */
export const normalBelow = (x: number): number => erfc(-x / Math.SQRT2) / 2;

/** Density of the standard normal. */
export const normalDensity = (x: number): number => Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI);
