export { analyseGlide } from './analyse';
export { balancedOrder } from './design';
export { GLIDE, GLIDE_FIGURES } from './figures';
export { GLIDE_MEASURES } from './types';
export type {
  Difference,
  GlideHill,
  GlideMeasure,
  GlideResult,
  GlideRun,
  GlideTest,
  OddReason,
  OddRun,
  RankedSki,
  Verdict,
} from './types';
