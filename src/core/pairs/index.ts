export { PAIR_FIGURES, PAIRS } from './figures';
export { groundOf, rankPairs } from './rank';
export { sharePairs, type PairSeeker } from './share';
export { SNOW_GROUNDS } from './types';
export type {
  PairDay,
  PairReason,
  PairSkier,
  PairState,
  PairTest,
  RankedPair,
  SnowGround,
  WeighedReason,
} from './types';
