export { quickAnswer, rankOwn } from './answer';
export type { QuickAnswer, QuickGrip, QuickLabel } from './answer';
export { GLIDE_KINDS, GRIP_KINDS, QUICK } from './figures';
export type { GlideKind, GripKindKey } from './figures';
export { quickJob } from './job';
export type { QuickStage } from './job';
export { quickOuting, quickSnow, USUAL_INPUT } from './snow';
export type { QuickInput } from './snow';
