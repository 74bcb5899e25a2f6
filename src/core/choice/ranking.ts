import { DomainError } from '../errors';
import {
  additiveVerdict,
  isExcluded,
  reasonsFor,
  type GlideProduct,
  type NeededAdditive,
  type OutingFacts,
  type RankedProduct,
} from '../wax';
import type { SnowCases } from './cases';
import type { CaseDemands } from './demands';
import { withThrift } from './thrift';
import { courseLosses, expectedLoss, lossAtWorst } from './losses';

/** A product ranked over all cases. */
export interface RobustRanked extends RankedProduct {
  /** What the losses cost over the outing, s. */
  expectedLossSeconds: number;
  lossP90Seconds: number;
  /** Expected loss at each time of the start window, %. */
  lossByTime: number[];
}

export interface RobustRanking {
  ranking: RobustRanked[];
  /** What perfect knowledge of each time and member would lose on average, %. */
  perfectPercent: number;
}

const TIE_PERCENT = 1e-9;

/** What a ranking stands on. */
interface RankingGround {
  cases: SnowCases;
  demands: CaseDemands;
  outing: OutingFacts;
  /** By the snow in the middle of the cases; they stand in the reasons. */
  needed: readonly NeededAdditive[];
  /** Seconds over the outing that a loss in % costs. */
  seconds: (lossPercent: number) => number;
  likelyEquivalentC: number;
}

/** Least loss of each time and member, and each product's share of being best (a tie is shared). */
function bestOf(
  losses: readonly Float64Array[],
  weights: Float64Array,
): { perfect: number; shares: number[] } {
  const size = losses[0]?.length ?? 0;
  const times = size / weights.length;
  const least = new Float64Array(size).fill(Infinity);
  for (const own of losses) {
    for (let i = 0; i < size; i += 1) if (own[i]! < least[i]!) least[i] = own[i]!;
  }
  const weightOf = (i: number) => weights[i % weights.length]! / times;
  let perfect = 0;
  for (let i = 0; i < size; i += 1) perfect += weightOf(i) * least[i]!;
  const most = least.map((loss) => loss + TIE_PERCENT);
  const tied = new Uint32Array(size);
  // Few are best anywhere: they are listed once, and share when it is known with how many.
  const bests = losses.map((own) => {
    const at: number[] = [];
    for (let i = 0; i < size; i += 1) if (own[i]! <= most[i]!) at.push(i);
    for (const i of at) tied[i]! += 1;
    return at;
  });
  const shares = bests.map((at) => at.reduce((share, i) => share + weightOf(i) / tied[i]!, 0));
  return { perfect, shares };
}

/** Order of a ranking: by loss, then name, then id, so that permuting the shelf changes nothing. */
export const byLoss = (a: RankedProduct, b: RankedProduct): number =>
  Number(a.excluded) - Number(b.excluded) ||
  a.expectedLossPercent - b.expectedLossPercent ||
  a.name.localeCompare(b.name, 'en') ||
  a.id.localeCompare(b.id, 'en');

/**
 * Ranks products by expected loss over members, segments and the start window. Those a rule excludes stand
 * last and have no part in the odds. An empty shelf: DomainError `empty_shelf`.
 */
export function rankOverCases(
  { cases, demands, outing, needed, seconds, likelyEquivalentC }: RankingGround,
  products: readonly GlideProduct[],
): RobustRanking {
  if (products.length === 0) {
    throw new DomainError({ code: 'empty_shelf', kind: 'glide' }, 'products', products.length);
  }
  const { memberWeights, timesMs } = cases;
  const losses = new Map(products.map((one) => [one.id, courseLosses(cases, demands, one)]));
  const allowed = products.filter((one) => !isExcluded(one, outing));
  const { perfect, shares } = bestOf(
    allowed.map((one) => losses.get(one.id)!),
    memberWeights,
  );
  const atWorst = lossAtWorst(cases, demands);
  const shareById = new Map(allowed.map((one, i) => [one.id, shares[i]!]));
  const ranking = products.map((product): RobustRanked => {
    const own = losses.get(product.id)!;
    const excluded = isExcluded(product, outing);
    const verdict = additiveVerdict(product.additives, needed);
    const lossByTime = timesMs.map((_, t) => expectedLoss(own, memberWeights, t));
    const expectedLossPercent = lossByTime.reduce((sum, one) => sum + one, 0) / timesMs.length;
    const lossP90Percent = atWorst(own);
    return {
      id: product.id,
      name: product.name,
      expectedLossPercent,
      lossP90Percent,
      expectedLossSeconds: seconds(expectedLossPercent),
      lossP90Seconds: seconds(lossP90Percent),
      probabilityBest: shareById.get(product.id) ?? 0,
      reasons: reasonsFor(product, { verdict, excluded, likelyEquivalentC }),
      excluded,
      lossByTime,
    };
  });
  const ordered = withThrift(ranking.sort(byLoss), products, outing);
  return { ranking: ordered, perfectPercent: perfect };
}
