export { planBench, planRun, type PlanRun } from './plan';
export { PLAN, PLAN_FIGURES } from './figures';
export { remediesFor, type Remedy, type RemedyChange } from './remedies';
export { surenessOf, type Sureness } from './sureness';
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
