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

/** What the products of one label and the same additives have in common: their form and name cost nothing. */
interface LabelCosts extends Pick<
  RobustRanked,
  'expectedLossPercent' | 'lossP90Percent' | 'expectedLossSeconds' | 'lossP90Seconds' | 'lossByTime'
> {
  losses: Float64Array;
  /** So many of them are allowed. */
  allowed: number;
}

const labelOf = ({ labelLowC, labelHighC, additives }: GlideProduct): string =>
  `${labelLowC} ${labelHighC} ${[...additives].sort().join()}`;

/** The costs of every label on the shelf: many a wax stands there in several forms. */
function costsByLabel(
  { cases, demands, outing, seconds }: RankingGround,
  products: readonly GlideProduct[],
): Map<string, LabelCosts> {
  const { memberWeights, timesMs } = cases;
  const atWorst = lossAtWorst(cases, demands);
  const costsOf = (product: GlideProduct): LabelCosts => {
    const losses = courseLosses(cases, demands, product);
    const lossByTime = timesMs.map((_, t) => expectedLoss(losses, memberWeights, t));
    const expectedLossPercent = lossByTime.reduce((sum, one) => sum + one, 0) / timesMs.length;
    const lossP90Percent = atWorst(losses);
    return {
      losses,
      allowed: 0,
      lossByTime,
      expectedLossPercent,
      lossP90Percent,
      expectedLossSeconds: seconds(expectedLossPercent),
      lossP90Seconds: seconds(lossP90Percent),
    };
  };
  const known = new Map<string, LabelCosts>();
  for (const product of products) {
    const label = labelOf(product);
    const costs = known.get(label) ?? costsOf(product);
    known.set(label, costs);
    if (!isExcluded(product, outing)) costs.allowed += 1;
  }
  return known;
}

/**
 * Least loss of each time and member, and the share of being best that each product of a label has (a tie is shared by
 * all products in it).
 */
function bestOf(
  labels: readonly LabelCosts[],
  weights: Float64Array,
): { perfect: number; shares: number[] } {
  const losses = labels.map((one) => one.losses);
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
  const bests = labels.map(({ losses: own, allowed }) => {
    const at: number[] = [];
    for (let i = 0; i < size; i += 1) if (own[i]! <= most[i]!) at.push(i);
    for (const i of at) tied[i]! += allowed;
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
  ground: RankingGround,
  products: readonly GlideProduct[],
): RobustRanking {
  if (products.length === 0) {
    throw new DomainError({ code: 'empty_shelf', kind: 'glide' }, 'products', products.length);
  }
  const { cases, outing, needed, likelyEquivalentC } = ground;
  const costs = costsByLabel(ground, products);
  const allowed = [...costs].filter(([, one]) => one.allowed > 0);
  const { perfect, shares } = bestOf(
    allowed.map(([, one]) => one),
    cases.memberWeights,
  );
  const shareOf = new Map(allowed.map(([label], i) => [label, shares[i]!]));
  const ranking = products.map((product): RobustRanked => {
    const label = labelOf(product);
    const { losses: _losses, allowed: _allowed, ...own } = costs.get(label)!;
    const excluded = isExcluded(product, outing);
    const verdict = additiveVerdict(product.additives, needed);
    return {
      id: product.id,
      name: product.name,
      ...own,
      probabilityBest: excluded ? 0 : shareOf.get(label)!,
      reasons: reasonsFor(product, { verdict, excluded, likelyEquivalentC }),
      excluded,
    };
  });
  const ordered = withThrift(ranking.sort(byLoss), products, outing);
  return { ranking: ordered, perfectPercent: perfect };
}
