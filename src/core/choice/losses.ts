import type { Additive } from '../terms';
import { isEven, risingOrder, valleyQuantile, weightedQuantile } from '../statistics';
import { glideLossPercent, HOUSE_LIMITS, labelShape, penaltiesByNeeds } from '../wax';
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

/** Expected loss of one time of the window, %. */
export function expectedLoss(losses: Float64Array, weights: Float64Array, time: number): number {
  const members = weights.length;
  const from = time * members;
  let sum = 0;
  for (let m = 0; m < members; m += 1) sum += weights[m]! * losses[from + m]!;
  return sum;
}

/**
 * The loss that a wax does not exceed in all but the worst of the cases, %, for the losses of any wax. At one place and
 * time where all cases need the same additives it falls and rises with the equivalent temperature.
 */
export function lossAtWorst(
  { memberWeights: weights }: SnowCases,
  { equivalentC, needs }: CaseDemands,
): (losses: Float64Array) => number {
  const share = HOUSE_LIMITS.worstShare;
  const isOnePlace = equivalentC.length === weights.length;
  if (isEven(weights) || !isOnePlace || needs.some((one) => one !== needs[0]))
    return (losses) => weightedQuantile(losses, weights, share);
  const order = risingOrder(equivalentC);
  return (losses) => valleyQuantile(losses, { weights, order }, share);
}
