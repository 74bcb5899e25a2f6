export {
  additiveVerdict,
  hoarHumidity,
  isStatic,
  needBits,
  neededAdditives,
  NEED_SETS,
  penaltiesByNeeds,
} from './additives';
export type { NeededAdditive } from './additives';
export type {
  AdditiveNeed,
  AdditiveReason,
  BasisReason,
  ChoiceCaution,
  Contradiction,
  LedgerKey,
  LedgerReason,
  RankingReason,
  StructureReason,
} from './findings';
export { hasToLast, HOUSE, HOUSE_LIMITS } from './figures';
export type { HouseCoefficient } from './figures';
export type { GlideProduct, OutingFacts, OwnCorrection, SnowConditions } from './conditions';
export { glidedSnow } from './glided-snow';
export { hardness, labelHardness } from './hardness';
export { effectiveSharpness, isHardTrack, ledger, modelSdOf } from './ledger';
export type { Ledger, LedgerLine } from './ledger';
export { dailySdC, FACTOR_SDS, houseLines, LEARNED_LINES, learnedSdC } from './learned';
export type { LearnedLedger, LearnedLine } from './learned';
export { glideLossPercent, labelShape } from './loss';
export { equivalentGrid, lossCurves } from './loss-curve';
export type { LossCurve } from './loss-curve';
export type { RankedProduct } from './ranked-product';
export { basisOf } from './basis';
export type { Basis } from './basis';
export type { Structure, StructureKind } from './structure';
export { snowTemperaturePoints } from './quadrature';
export { isExcluded, reasonsFor } from './reasons';
export { structureFor } from './structure';
export { cautionsFor } from './cautions';
export { contradictionsOf } from './contradictions';
