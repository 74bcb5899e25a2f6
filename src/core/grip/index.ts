export { GRIP } from './coefficients';
export { fitByRule, fitFromFeeler, fitFromGaps } from './fit';
export type { GapPoint, GripFit, GripZone, Stiffness } from './fit';
export { chooseGrip } from './ladder';
export type { GripChoice, GripKind, GripOuting, GripProduct, GripRanked } from './ladder';
export { COMPLAINTS, NO_WAX_BASES, troubleStep } from './trouble';
export type { Complaint, NoWaxBase, Tried, TroubleAdvice, TroubleStep } from './trouble';
