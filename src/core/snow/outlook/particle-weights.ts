import type { RandomSource } from '../../random';
import { SNOW } from '../figures';

/** Resample when the effective number of members falls under this share. */
const RESAMPLE_UNDER = SNOW.resampleUnder;

/** Effective number of weighted members, `1/Σw²`; weights sum to 1. Example: n equal weights → n. */
export function effectiveNumber(weights: Float64Array): number {
  let squares = 0;
  for (const weight of weights) squares += weight * weight;
  return 1 / squares;
}

/** Effective number of the first members that still have a say: copies are one opinion, not many. */
export function effectiveAncestors({
  ancestors,
  weights,
}: {
  ancestors: Uint16Array;
  weights: Float64Array;
}): number {
  const byAncestor = new Float64Array(weights.length);
  ancestors.forEach((ancestor, m) => {
    byAncestor[ancestor] = byAncestor[ancestor]! + weights[m]!;
  });
  return effectiveNumber(byAncestor);
}

/**
 * Multiplies weights by the likelihood of how far each member is off, Gaussian with `variance`, and normalises. If
 * all are far off the nearest keep the weight, never NaN.
 */
export function weighByInnovation(
  weights: Float64Array,
  offs: Float64Array,
  variance: number,
): void {
  let best = -Infinity;
  const logs = new Float64Array(weights.length);
  for (let m = 0; m < weights.length; m += 1) {
    logs[m] = Math.log(weights[m]!) - (0.5 * offs[m]! * offs[m]!) / variance;
    if (logs[m]! > best) best = logs[m]!;
  }
  let total = 0;
  for (let m = 0; m < weights.length; m += 1) {
    weights[m] = Math.exp(logs[m]! - best);
    total += weights[m]!;
  }
  for (let m = 0; m < weights.length; m += 1) weights[m] = weights[m]! / total;
}

export const needsResampling = (weights: Float64Array): boolean =>
  effectiveNumber(weights) < RESAMPLE_UNDER * weights.length;

/** Systematic resampling: the parent of each new member, in order. */
export function systematicParents(weights: Float64Array, random: RandomSource): Uint16Array {
  const count = weights.length;
  const parents = new Uint16Array(count);
  let sum = weights[0]!;
  let m = 0;
  const offset = random.uniform();
  for (let k = 0; k < count; k += 1) {
    const target = (k + offset) / count;
    while (sum < target && m + 1 < count) {
      m += 1;
      sum += weights[m]!;
    }
    parents[k] = m;
  }
  return parents;
}
