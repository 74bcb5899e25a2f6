import type { RankingReason } from './findings';

/** A product as a ranking shows it. */
export interface RankedProduct {
  id: string;
  name: string;
  expectedLossPercent: number;
  lossP90Percent: number;
  probabilityBest: number;
  reasons: RankingReason[];
  /** Excluded by a rule: stands after the ranked ones, its losses for information only. */
  excluded: boolean;
}
