/** What a step of a plan occupies while hands are at it. */
export const PLAN_NEEDS = ['technician', 'iron', 'vice', 'brush_stand'] as const;
export type PlanNeed = (typeof PLAN_NEEDS)[number];

/** When somebody is in the cabin, ms; the same person may be there several times. */
export interface PlanTechnician {
  id: string;
  fromMs: number;
  toMs: number;
  /** What this person may do beyond the usual, such as edges. */
  skills?: readonly string[];
}

export interface PlanIron {
  id: string;
  /** How hot it is at the start of the plan, °C; absent: cold or not known, and its first use counts as no change. */
  atC?: number;
}

/** Work on a pair without a break, then a wait that needs no hands. */
export interface PlanStep {
  key: string;
  activeMin: number;
  waitMin?: number;
  needs: readonly PlanNeed[];
  /** Iron temperature, °C; of steps that need an iron. */
  ironC?: number;
  skill?: string;
  notBeforeMs?: number;
  /** Standard deviation of the logarithm of the minutes of work; the house's where it is not known. */
  logSd?: number;
  /** Under way at the start of the plan, with `activeMin` left of it: by whom and on which iron it goes on. */
  running?: { technicianId?: string; ironId?: string };
}

export interface PlanPair {
  id: string;
  /** Weight of a minute of lateness. */
  priority?: number;
  dueMs: number;
  notBeforeMs?: number;
  steps: readonly PlanStep[];
}

/** What there is to plan. Without a number of vices, stands or places there are as many as are needed. */
export interface PlanProblem {
  startMs: number;
  technicians: readonly PlanTechnician[];
  irons: readonly PlanIron[];
  vices?: number;
  brushStands?: number;
  coolingPlaces?: number;
  pairs: readonly PlanPair[];
}

/** A step with its time, and who and what is at it. */
export interface PlannedTask {
  pairId: string;
  stepKey: string;
  /** The place of the step in its pair. */
  index: number;
  startMs: number;
  endMs: number;
  technicianId?: string;
  ironId?: string;
  viceId?: string;
}

/** Nobody has the skill; there is no iron; nobody is there for so long; alone it would do, beside the others not. */
export type HopelessReason =
  | { code: 'no_skill'; skill: string }
  | { code: 'no_iron' }
  | { code: 'no_window' }
  | { code: 'no_time' };

/** A pair that the plan cannot get ready, and why. */
export interface HopelessPair {
  pairId: string;
  /** The step at which it ends. */
  stepKey: string;
  reason: HopelessReason;
}

/** What a plan is judged by, in this order. */
export interface PlanCost {
  weightedLatenessMin: number;
  finishMs: number;
  ironChanges: number;
}

export interface Plan extends PlanCost {
  tasks: PlannedTask[];
  lateness: { pairId: string; minutes: number }[];
  lowerBound: { weightedLatenessMin: number; finishMs: number };
  /** How far the plan may be from the best possible, as a fraction; see gapOf. */
  gap: number;
  hopeless: HopelessPair[];
}
