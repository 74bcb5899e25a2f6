export { DISPUTE_FIELDS, DRILL_ANSWER_FIELDS, LEARNER_FIELDS } from './practice';
export type { Dispute, DrillAnswer, Learner } from './practice';
export type { ChoiceInputs, Choice, LogChoice } from './choice';
export { LOG_KINDS } from './log-entry';
export type { LogEntry, LogKind, LogMark, LogQuestion, LogContent } from './log-entry';
export { NOTE_FIELDS } from './note';
export type { Note } from './note';
export type { GripNote } from './grip-note';
export {
  DEVICE_FIELDS,
  DEVICE_ROLES,
  type Device,
  type DeviceRole,
  type ListedDevice,
} from './device';
export {
  nowCalled,
  OFFLINE_WRITES,
  ONCE_CALLED,
  writeFacts,
  WRITES,
  type OfflineWrite,
  type WriteName,
} from './writes';
export { GRIP_TEST_FIELDS } from './grip-test';
export type { KeptGripTest } from './grip-test';
export type { Job, DoneJob, KeptTimer, PlannedSheet } from './job';
export type { KeptSki, KeptEvent, KeptFinding } from './ski';
export type { Outing, OutingToSave, OutingFactsToKeep } from './outing';
export type { OwnIron, TeamSettings } from './team';
export type { Skier, Starter, StarterPairs } from './starter';
export { SKIER_FIELDS, STARTER_FIELDS } from './starter';
export type { Cabin, KeptPlan, PlannedPair, PlanWish } from './bench-plan';
export { cabinResources, PLAN_FIELDS, wholeProblem } from './bench-plan';
export type { LearningWish, Outcome } from './outcome';
export { OUTCOME_FIELDS } from './outcome';
export type { KeptGlideRun, KeptGlideTest } from './glide-test';
export { GLIDE_RUN_FIELDS, GLIDE_TEST_FIELDS, glideTestOf } from './glide-test';
export type { Reading } from './reading';
export type { Segment, Station, CourseData } from './course';
export type { ShelfProduct } from './product';
export type { StockMove } from './stock';
export type { Venue, KeptVenue } from './venue';
export { columnOf, handedIn } from './field';
export type { Field, FieldsOf, FieldUnit, RowOf } from './field';
export { SEGMENT_FIELDS, STATION_FIELDS, USUAL_LIE, WEATHER_FIELDS } from './course';
export { CHOICE_FIELDS } from './choice';
export { JOB_FIELDS, STEP_RECORD_FIELDS } from './job';
export { OUTING_CHANGE_FIELDS, OUTING_FACT_FIELDS, OUTING_FIELDS } from './outing';
export { PRODUCT_FIELDS } from './product';
export { READING_FIELDS, READING_SOURCES, SNOW_FIELDS_OF_READING, spotReadings } from './reading';
export type { ReadingSource } from './reading';
export { FINDING_FIELDS, SKI_EVENT_DETAIL_FIELDS, SKI_EVENT_FIELDS, SKI_FIELDS } from './ski';
export { STOCK_MOVE_FIELDS } from './stock';
export { isSouthern, VENUE_FIELDS } from './venue';
export { TRACK_EVENT_FIELDS } from './track-event';
export type { TrackEvent } from './track-event';
export type { DraftOf } from './draft';
export { SCREEN_PATHS, SCREENS, screenFacts, screenHref } from './screens';
export type { RailPath, ScreenPath } from './screens';
