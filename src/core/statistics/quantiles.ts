import { requireWithin } from '../errors';
import { QUANTILE_BINS as BINS } from './constants';

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
  return binnedQuantile(values, weights, (fraction * values.length) / weights.length - ROUNDING);
}

function isEven(weights: Float64Array): boolean {
  for (let i = 1; i < weights.length; i += 1) if (weights[i] !== weights[0]) return false;
  return true;
}

/** The same for uneven weights: the bin in which the weight is reached, then the value within it. */
function binnedQuantile(values: Float64Array, weights: Float64Array, target: number): number {
  const members = weights.length;
  let low = Infinity;
  let high = -Infinity;
  for (let i = 0; i < values.length; i += 1) {
    const value = values[i]!;
    if (value < low) low = value;
    if (value > high) high = value;
  }
  const scale = (BINS - 1) / (high - low);
  // All the same, or so close that no bin tells them apart.
  if (!Number.isFinite(scale)) return high;
  const bins = new Uint8Array(values.length);
  const weightIn = new Float64Array(BINS);
  for (let from = 0; from < values.length; from += members) {
    for (let m = 0; m < members; m += 1) {
      const bin = ((values[from + m]! - low) * scale) | 0;
      bins[from + m] = bin;
      weightIn[bin] = weightIn[bin]! + weights[m]!;
    }
  }
  let bin = 0;
  let before = 0;
  while (bin < BINS - 1 && before + weightIn[bin]! < target) {
    before += weightIn[bin]!;
    bin += 1;
  }
  const inBin: number[] = [];
  const own: number[] = [];
  for (let i = 0; i < values.length; i += 1) {
    if (bins[i] !== bin) continue;
    inBin.push(values[i]!);
    own.push(weights[i % members]!);
  }
  return selectWeight(Float64Array.from(inBin), Float64Array.from(own), target - before);
}

/** The smallest value at or below which a weight lies, by quickselect on both; reorders them. */
function selectWeight(values: Float64Array, weights: Float64Array, target: number): number {
  const swap = (a: number, b: number) => {
    const value = values[a]!;
    values[a] = values[b]!;
    values[b] = value;
    const weight = weights[a]!;
    weights[a] = weights[b]!;
    weights[b] = weight;
  };
  let low = 0;
  let high = values.length - 1;
  let before = 0;
  while (low < high) {
    const pivot = values[(low + high) >> 1]!;
    let less = low;
    let at = low;
    let more = high;
    let below = 0;
    let equal = 0;
    while (at <= more) {
      const value = values[at]!;
      if (value < pivot) {
        below += weights[at]!;
        swap(less, at);
        less += 1;
        at += 1;
      } else if (value > pivot) {
        swap(at, more);
        more -= 1;
      } else {
        equal += weights[at]!;
        at += 1;
      }
    }
    if (less > low && before + below >= target) high = less - 1;
    else if (more === high || before + below + equal >= target) return pivot;
    else {
      before += below + equal;
      low = more + 1;
    }
  }
  return values[low]!;
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
