export { bandQuantiles, median, selectRank, weightedQuantile } from './quantiles';
