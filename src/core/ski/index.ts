export { careOf, waxReserve, WEAR_KM } from './care';
export type { Care } from './care';
export type { CareSign, ShopReason } from './findings';
export { readLookOver, REPAIR_ORDER } from './look-over';
export type { LookOver, LookOverItem, RepairGroup } from './look-over';
export { baseAreaM2, GRIP_KIND, HAS_EDGES, isPair, TYPES_FOR, WAXINGS } from './types';
export type { Finding, Ski, SkiEvent, Waxing } from './types';
