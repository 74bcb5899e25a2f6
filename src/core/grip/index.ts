export { GRIP } from './figures';
export { DEFAULT_SKI_CM, findFit } from './find';
export type { FitInput } from './find';
export { gripGround } from './ground';
export type { GripGround } from './ground';
export { fitByRule, fitFromFeeler, fitFromGaps } from './fit';
export type { GripFit, Stiffness } from './fit';
export type { GapPoint, GripZone } from './gaps';
export { chooseGrip } from './ladder';
export type { GripChoice, GripOuting, GripProduct, GripRanked } from './ladder';
export { COMPLAINTS, NO_WAX_BASES, troubleStep } from './trouble';
export type {
  Complaint,
  NoWaxBase,
  Tried,
  TroubleAdvice,
  TroubleKey,
  TroubleKeys,
  TroubleStep,
} from './trouble';
export type {
  CarryAlong,
  FitNote,
  GripCaution,
  GripLayersReason,
  GripRankReason,
  KindReason,
  TroubleReason,
} from './findings';
export type { GripKind } from './kind';
export { GRIP_VERDICTS, rankedTries, type GripTry, type GripVerdict } from './tests';
