import { DomainError } from '../errors';
import { additiveVerdict, type AdditiveVerdict, type NeededAdditive } from './additives';
import type { GlideProduct, OutingFacts } from './conditions';
import { glideLossPercent, labelShape, type LabelShape } from './loss';
import { isExcluded, reasonsFor } from './reasons';
import { quantileOfValley, type WeightedPoints } from './quadrature';

export interface RankedProduct {
  id: string;
  name: string;
  expectedLossPercent: number;
  lossP90Percent: number;
  probabilityBest: number;
  reasons: string[];
  /** Excluded by a rule: stands after the ranked ones, its losses for information only. */
  excluded: boolean;
}

interface Candidate {
  product: GlideProduct;
  shape: LabelShape;
  verdict: AdditiveVerdict;
  excluded: boolean;
  losses: Float64Array;
}

const TIE_PERCENT = 1e-9;
function candidate(
  product: GlideProduct,
  outing: OutingFacts,
  needed: readonly NeededAdditive[],
  equivalents: WeightedPoints,
): Candidate {
  const verdict = additiveVerdict(product.additives, needed);
  const shape = labelShape(product.labelLowC, product.labelHighC, verdict.penaltyPercent);
  const losses = new Float64Array(equivalents.values.length);
  for (let i = 0; i < losses.length; i += 1) {
    losses[i] = glideLossPercent(equivalents.values[i]!, shape);
  }
  return {
    product,
    shape,
    verdict,
    excluded: isExcluded(product, outing),
    losses,
  };
}

function expectation(losses: Float64Array, weights: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < losses.length; i += 1) sum += losses[i]! * weights[i]!;
  return sum;
}

/** Probability of each candidate being best, point by point; a tie is shared. */
function probabilitiesBest(candidates: readonly Candidate[], weights: Float64Array): Float64Array {
  const count = candidates.length;
  const share = new Float64Array(count);
  for (let i = 0; i < weights.length; i += 1) {
    let least = Infinity;
    for (let k = 0; k < count; k += 1) least = Math.min(least, candidates[k]!.losses[i]!);
    let tied = 0;
    for (let k = 0; k < count; k += 1) {
      if (candidates[k]!.losses[i]! <= least + TIE_PERCENT) tied += 1;
    }
    const part = weights[i]! / tied;
    for (let k = 0; k < count; k += 1) {
      if (candidates[k]!.losses[i]! <= least + TIE_PERCENT) share[k] = share[k]! + part;
    }
  }
  return share;
}

/**
 * Ranks products by expected glide loss over the weighted equivalent temperatures, °C. Those a rule
 * excludes stand last and have no part in the probabilities. Order is by loss, then name, then id,
 * so that permuting the shelf changes nothing. An empty shelf: DomainError `empty_shelf`.
 */
export function rankProducts(
  products: readonly GlideProduct[],
  outing: OutingFacts,
  needed: readonly NeededAdditive[],
  equivalents: WeightedPoints,
  likelyEquivalentC: number,
): RankedProduct[] {
  if (products.length === 0) {
    throw new DomainError(
      'empty_shelf',
      'products',
      products,
      'The shelf is empty: add at least one glide wax.',
    );
  }
  const all = products.map((product) => candidate(product, outing, needed, equivalents));
  const allowed = all.filter((one) => !one.excluded);
  const shares = probabilitiesBest(allowed, equivalents.weights);
  const shareById = new Map(allowed.map((one, i) => [one, shares[i]!]));
  const ranked = all.map((one) => ({
    id: one.product.id,
    name: one.product.name,
    expectedLossPercent: expectation(one.losses, equivalents.weights),
    lossP90Percent: quantileOfValley(one.losses, equivalents.weights, 0.9),
    probabilityBest: shareById.get(one) ?? 0,
    reasons: reasonsFor(one.product, one.verdict, one.excluded, likelyEquivalentC),
    excluded: one.excluded,
  }));
  return ranked.sort(
    (a, b) =>
      Number(a.excluded) - Number(b.excluded) ||
      a.expectedLossPercent - b.expectedLossPercent ||
      a.name.localeCompare(b.name, 'en') ||
      a.id.localeCompare(b.id, 'en'),
  );
}
