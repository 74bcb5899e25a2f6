import type { Additive } from '../terms';
import { glideLossPercent, labelShape, penaltiesByNeeds } from '../wax';
import type { SnowCases } from './cases';
import type { CaseDemands } from './demands';

/** What the loss needs of a wax or a blend. */
export interface Labelled {
  labelLowC: number;
  labelHighC: number;
  additives: readonly Additive[];
}

/**
 * Glide loss of one wax over the course, %, for each time and member (time after time): the segments
 * weighed by length. A swapped label: DomainError.
 */
export function courseLosses(cases: SnowCases, demands: CaseDemands, wax: Labelled): Float64Array {
  const { members, segments, timesMs } = cases;
  const { equivalentC, needs } = demands;
  const shape = labelShape(wax.labelLowC, wax.labelHighC);
  const penalties = penaltiesByNeeds(wax.additives);
  const losses = new Float64Array(timesMs.length * members);
  for (let block = 0; block < timesMs.length * segments.length; block += 1) {
    const { share } = segments[block % segments.length]!;
    const from = block * members;
    const to = Math.floor(block / segments.length) * members;
    for (let m = 0; m < members; m += 1) {
      const loss = glideLossPercent(equivalentC[from + m]!, shape) + penalties[needs[from + m]!]!;
      losses[to + m] = losses[to + m]! + share * loss;
    }
  }
  return losses;
}

/** Expected loss of one time of the window, or of all of it where `time` is undefined, %. */
export function expectedLoss(losses: Float64Array, weights: Float64Array, time?: number): number {
  const members = weights.length;
  const [from, to] = time === undefined ? [0, losses.length / members] : [time, time + 1];
  let sum = 0;
  for (let t = from; t < to; t += 1) {
    for (let m = 0; m < members; m += 1) sum += weights[m]! * losses[t * members + m]!;
  }
  return sum / (to - from);
}

/** The value of rank `rank` (0 the least), by quickselect (Hoare 1961); reorders `values`. */
function selected(values: Float64Array, rank: number): number {
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

/** Weighted quantile of losses of all times, %. */
export function lossQuantile(
  losses: Float64Array,
  weights: Float64Array,
  fraction: number,
): number {
  const members = weights.length;
  const isEven = weights[0] === weights[members - 1] && weights[0] === weights[members >> 1];
  if (isEven) {
    return selected(losses.slice(), Math.max(0, Math.ceil(fraction * losses.length) - 1));
  }
  const target = (fraction * losses.length) / members - 1e-12;
  const sorted = losses.slice().sort();
  let low = 0;
  let high = sorted.length - 1;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (weightUpTo(losses, weights, sorted[middle]!) >= target) high = middle;
    else low = middle + 1;
  }
  return sorted[low]!;
}

/** Weight of the losses that are no larger than a value. */
function weightUpTo(losses: Float64Array, weights: Float64Array, value: number): number {
  let sum = 0;
  for (let i = 0; i < losses.length; i += 1) {
    if (losses[i]! <= value) sum += weights[i % weights.length]!;
  }
  return sum;
}
