export { ironAdvice } from './advice';
export type { IronAdvice, IronVerdict } from './advice';
export { fitContact } from './fit';
export type { IronFit, SeenTrail } from './fit';
export { IRON_LIMITS, MATERIALS } from './materials';
export { ironPasses } from './passes';
export type {
  Iron,
  IronAnswer,
  IronMoment,
  IronPass,
  IronQuestion,
  IronSki,
  IronWax,
} from './passes';
export { MAP_REGIONS, mapAxes, mapRow } from './map';
export type { IronMapAxes, MapRegion } from './map';
export { IRON_KINDS, IRON_PRESETS } from './presets';
export type { IronKind } from './presets';
