export { planBench, planBound, planRun, type PlanRun } from './plan';
export { summaryOf, type PairReady, type PlanSummary } from './summary';
export { PLAN, PLAN_FIGURES } from './figures';
export { remediesFor, type Remedy, type RemedyChange } from './remedies';
export { surenessOf, type Sureness } from './sureness';
export { leastSure, slackOf, trialsOf, type Slack } from './slack';
export { blocksOf, openBlocks, type Block } from './blocks';
export {
  leftToPlan,
  visitState,
  visitTimes,
  wholePlan,
  type BenchPair,
  type LeftToPlan,
  type PairRecords,
  type VisitState,
} from './progress';
export { moveTask, type Moved, type PlanMove } from './move';
export { rulesBroken, type BrokenRule, type PlanRule } from './rules';
export { openShifts, type OpeningHours } from './shifts';
export {
  PLAN_SKILLS,
  stationSteps,
  type PlanSkill,
  type SheetStep,
  type Station,
  type StationStep,
} from './stations';
export { PLAN_NEEDS } from './types';
export type {
  HopelessPair,
  HopelessReason,
  Plan,
  PlanIron,
  PlannedTask,
  PlanNeed,
  PlanPair,
  PlanProblem,
  PlanStep,
  PlanTechnician,
} from './types';
