export { usualPasses } from './amounts';
export { learnedMinutes, learnedSpreads } from './learn';
export type { WorkedStep } from './learn';
export {
  begin,
  end,
  inOrderOfHands,
  jobState,
  leftOf,
  leftOfJob,
  mendedBy,
  movedRecords,
  STEP_OUTCOMES,
  waxingsOf,
} from './run';
export type { Wait, JobState, RackTimer, StepMove, StepOutcome, StepRecord } from './run';
export { isFilm, isIroned } from './forms';
export { buildSheet } from './sheet';
export { suggestProgrammes } from './suggest';
export type { SuggestedProgramme, SuggestionGround } from './suggest';
export { PROGRAMMES, WAIT_KINDS } from './types';
export type {
  BenchProduct,
  GripPlan,
  IronSetting,
  JobSheet,
  PlannedLayer,
  Programme,
  SheetRequest,
  Step,
  StepKind,
} from './types';
export type { StepWords, RenderedSheet, RenderedStep } from './rendered';
export { WAITS } from './waits';
export { STEP_CAUTIONS } from './work';
export type {
  Brush,
  ProgrammeReason,
  SettingReason,
  SheetNote,
  StepCaution,
  StepWork,
} from './work';
