import { requireWithin } from '../errors';

const ROUNDING = 1e-12;

/** The value of rank `rank` (0 the least), by quickselect (Hoare 1961); reorders `values`. */
export function selectRank(values: Float64Array, rank: number): number {
  let low = 0;
  let high = values.length - 1;
  while (low < high) {
    const pivot = values[(low + high) >> 1]!;
    let i = low;
    let j = high;
    while (i <= j) {
      while (values[i]! < pivot) i += 1;
      while (values[j]! > pivot) j -= 1;
      if (i > j) break;
      const kept = values[i]!;
      values[i] = values[j]!;
      values[j] = kept;
      i += 1;
      j -= 1;
    }
    if (rank <= j) high = j;
    else if (rank >= i) low = i;
    else break;
  }
  return values[rank]!;
}

/**
 * The smallest value at or below which at least `fraction` (0…1, otherwise DomainError) of the weight lies. The
 * weights repeat along the values (the members of each time), and one round of them sums to 1. Even weights are
 * answered by rank alone. Example: 2, 1, 3 of equal weight, 0.5 → 2.
 */
export function weightedQuantile(
  values: Float64Array,
  weights: Float64Array,
  fraction: number,
): number {
  requireWithin('fraction', { value: fraction, low: 0, high: 1 });
  if (isEven(weights)) {
    const rank = Math.ceil(fraction * values.length - ROUNDING) - 1;
    return selectRank(values.slice(), Math.max(0, rank));
  }
  return sortedQuantile(values, weights, (fraction * values.length) / weights.length - ROUNDING);
}

/** Whether all weights are the same. */
export function isEven(weights: Float64Array): boolean {
  for (let i = 1; i < weights.length; i += 1) if (weights[i] !== weights[0]) return false;
  return true;
}

/** The same for uneven weights, by adding them up from the least value. */
function sortedQuantile(values: Float64Array, weights: Float64Array, target: number): number {
  const order = risingOrder(values);
  const last = order.length - 1;
  let [sum, k] = [weights[order[0]! % weights.length]!, 0];
  while (k < last && sum < target) {
    k += 1;
    sum += weights[order[k]! % weights.length]!;
  }
  return values[order[k]!]!;
}

/** Places of values from the least to the greatest. */
export const risingOrder = (values: Float64Array): Uint32Array =>
  Uint32Array.from(values.keys()).sort((a, b) => values[a]! - values[b]!);

/**
 * That quantile where the values fall and then rise along `order`, as a loss does on both sides of where it is least: the
 * greatest then stand at the two ends. `order` names each place once; the weights sum to 1.
 */
export function valleyQuantile(
  values: Float64Array,
  { weights, order }: { weights: Float64Array; order: Uint32Array },
  fraction: number,
): number {
  requireWithin('fraction', { value: fraction, low: 0, high: 1 });
  let [low, high] = [0, order.length - 1];
  for (let left = 1; low < high;) {
    const isLowGreater = values[order[low]!]! > values[order[high]!]!;
    left -= weights[order[isLowGreater ? low : high]!]!;
    if (left < fraction - ROUNDING) return values[order[isLowGreater ? low : high]!]!;
    if (isLowGreater) low += 1;
    else high -= 1;
  }
  return values[order[low]!]!;
}

/**
 * Percentiles of weighted values for a band that is drawn: between two values a straight line, each value standing at
 * the middle of its weight. `order` sorts the values, weights sum to 1, `fractions` rise.
 */
export function bandQuantiles(
  values: ArrayLike<number>,
  {
    weights,
    order,
    fractions,
  }: { weights: Float64Array; order: ArrayLike<number>; fractions: readonly number[] },
): number[] {
  const found: number[] = [];
  let sum = 0;
  let lastMiddle = 0;
  let last = values[order[0]!]!;
  for (let k = 0; k < order.length && found.length < fractions.length; k += 1) {
    const value = values[order[k]!]!;
    const weight = weights[order[k]!]!;
    const middle = sum + 0.5 * weight;
    while (found.length < fractions.length && middle >= fractions[found.length]!) {
      const share =
        middle > lastMiddle ? (fractions[found.length]! - lastMiddle) / (middle - lastMiddle) : 1;
      found.push(last + share * (value - last));
    }
    sum += weight;
    lastMiddle = middle;
    last = value;
  }
  while (found.length < fractions.length) found.push(last);
  return found;
}

/** The middle of some values, the mean of the two middle ones for an even count; NaN of none. */
export function median(values: readonly number[]): number {
  const half = values.length >> 1;
  const upper = selectRank(Float64Array.from(values), half);
  if (values.length % 2 === 1) return upper;
  return 0.5 * (selectRank(Float64Array.from(values), half - 1) + upper);
}
