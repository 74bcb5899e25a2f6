export { alwaysHalfWidth } from './always-valid';
export type { Estimated, Watch } from './always-valid';
export { bradleyTerry } from './bradley-terry';
export type { Beaten, Strength } from './bradley-terry';
export { inverseOf, leastSquares, unitVariance } from './least-squares';
export type { Fit } from './least-squares';
export {
  bandQuantiles,
  isEven,
  median,
  risingOrder,
  selectRank,
  valleyQuantile,
  weightedQuantile,
} from './quantiles';
export { studentBeyond, studentLimit } from './student';
export { normalBelow, normalDensity } from './normal';
