export { formAdvice } from './application';
export type { Bench, FormAdvice } from './application';
export type { Blend } from './blend';
export { atLastTime, casesByAir, casesFromMembers, casesFromReading, seenIn } from './cases';
export { packed, unpacked, type PackedCases } from './packing';
export type { CaseSegment, SeenOnCourse, SegmentMembers, SnowCases } from './cases';
export { courseCases, placeStarts, planCourse } from './course-cases';
export type {
  CourseGround,
  CourseOuting,
  CoursePlace,
  CoursePlan,
  CourseSnow,
  PlaceStart,
} from './course-cases';
export { daySnow } from './day-snow';
export type { DaySnow } from './day-snow';
export type { ByAir } from './by-air';
export { choose, demandOf, rank } from './choose';
export type { ChoiceQuestion } from './question';
export type { Demand, RankedChoice, RobustChoice } from './choose';
export { typicalSnow } from './typical-snow';
export { demandsOf } from './demands';
export { NO_NUDGE } from './nudge';
export type { Nudge } from './nudge';
export { layersFor } from './layers';
export type { Layer, LayerPlan, RoledProduct, LayerPlace } from './layers';
export { METHOD_GROUPS, methodsInForce } from './methods';
export type { MethodGroup, MethodKey, School } from './methods';
export type { FormReason, FormWork, LayerReason, MissingLayer, StructureTask } from './findings';
export { WORLD_STEP_K, WORLDS } from './regret';
export type { RegretRow, World } from './regret';
export type { RobustRanked } from './ranking';
export { structureWork } from './structure-work';
export type { StructureWork } from './structure-work';
export { estimatedHours, OWN_CHOICE_PAYS_PERCENT, windowTimes } from './window';
export type { WindowVerdict } from './window';
export type {
  ChoiceDetails,
  RenderedLayer,
  RenderedLayerPlan,
  RenderedLine,
  RenderedMethod,
  RenderedRanked,
} from './record';
