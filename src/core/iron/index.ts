export { ironAdvice } from './advice';
export type { AdvisedPass, IronAdvice, IronVerdict } from './advice';
export type { IronReason, IronWarning } from './findings';
export { fitContact } from './fit';
export type { IronFit, SeenTrail } from './fit';
export { IRON, IRON_LIMITS } from './figures';
export { ironPasses, timedPasses } from './passes';
export type { IronAnswer } from './passes';
export type {
  Iron,
  IronBench,
  IronMoment,
  IronPass,
  IronQuestion,
  IronSki,
  IronWax,
  PassTiming,
} from './types';
export { mapRow } from './map';
export { MAP_REGIONS, mapAxes } from './map-axes';
export type { IronMapAxes, MapRegion } from './map-axes';
export { passAt } from './pass-at';
export { IRON_KINDS, isHeldAcross, presetOn } from './presets';
export type { IronKind } from './presets';
export { diffusionAt } from './uptake';
