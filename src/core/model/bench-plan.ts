import {
  openShifts,
  type BenchPair,
  type OpeningHours,
  type PlannedTask,
  type PlanProblem,
  type PlanTechnician,
} from '../plan';
import type { Programme } from '../bench';
import type { FieldsOf } from './field';

/** Who and what is in the cabin. */
export interface Cabin extends OpeningHours {
  /** Shifts; the same person may have several. */
  people: PlanTechnician[];
  irons: string[];
  vices: number;
  brushStands: number;
  coolingPlaces: number;
}

/** What a plan is asked for. */
export interface PlanWish {
  outingIds: string[];
  /** Pairs are ready so long before the start, min. */
  readyMin: number;
  /** Top layers do not go on earlier than so long before the start, h: after the morning's reading. */
  topHours: number;
  /** Programmes that sheets do without, to save time. */
  leaveOut?: Programme[];
  /** Coats of each wax at most, to save time. */
  mostCoats?: number;
  /** Pairs, by their ids in the plan, that get a liquid in place of hot wax. */
  liquidFor?: string[];
}

/** A pair on the bench, for whom and for what. */
export interface PlannedPair extends BenchPair {
  skiId: string;
  outingId: string;
  skiName: string;
  skierName: string;
  outingName: string;
  /** When the outing starts, ms. */
  startMs: number;
}

/** A plan as it is kept: it can be read and printed whole, whatever changes beside it. */
export interface KeptPlan {
  id: string;
  madeAt: string;
  wish: PlanWish;
  cabin: Cabin;
  /** The zone whose clock it is read on. */
  timeZone: string;
  pairs: PlannedPair[];
  tasks: PlannedTask[];
  /** Pairs that could not be planned. */
  left: { pairId: string; message: string }[];
  lowerBound: { weightedLatenessMin: number; finishMs: number };
  /** A step was moved by hand. */
  isMoved: boolean;
}

/** What a cabin gives to plan with: shifts cut to its opening hours, irons and things. */
export const cabinResources = (
  cabin: Cabin,
  timeZone: string,
): Omit<PlanProblem, 'pairs' | 'startMs'> => ({
  technicians: openShifts(cabin.people, cabin, timeZone),
  irons: cabin.irons.map((id) => ({ id })),
  vices: cabin.vices,
  brushStands: cabin.brushStands,
  coolingPlaces: cabin.coolingPlaces,
});

/** The whole of what a plan was made for, from its first step on. */
export const wholeProblem = ({ cabin, timeZone, pairs, tasks, madeAt }: KeptPlan): PlanProblem => ({
  ...cabinResources(cabin, timeZone),
  startMs: Math.min(Date.parse(madeAt), ...tasks.map(({ startMs }) => startMs)),
  pairs,
});

export const PLAN_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  madeAt: { type: 'moment', isRequired: true },
  wish: { type: 'json', isRequired: true },
  cabin: { type: 'json', isRequired: true },
  timeZone: { type: 'text', most: 60, isRequired: true },
  pairs: { type: 'json', isRequired: true },
  tasks: { type: 'json', isRequired: true },
  left: { type: 'json', isRequired: true, column: 'left_out' },
  lowerBound: { type: 'json', isRequired: true },
  isMoved: { type: 'flag', isRequired: true },
} as const satisfies FieldsOf<KeptPlan>;
