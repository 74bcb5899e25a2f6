import type { FindingOf, NoFigures } from '../finding';
import type { Finding, Ski } from '../ski';
import type { FindingKind } from '../terms';

/** How much the snow gives way under a ski. */
export const SNOW_GROUNDS = ['firm', 'usual', 'loose'] as const;
export type SnowGround = (typeof SNOW_GROUNDS)[number];

/** The day as a pair meets it. */
export interface PairDay {
  /** Width of structure that the snow asks for, mm; absent: not known yet. */
  widthMm?: number;
  ground: SnowGround;
  isRace: boolean;
  /** Until the start, h; absent: time enough is not known. */
  hoursLeft?: number;
}

/** Who is to stand on it. */
export interface PairSkier {
  name: string;
  weightKg?: number;
  /** The pair that this skier would take. */
  likesSkiId?: string;
}

/** A pair with how it is. */
export interface PairState {
  ski: Pick<Ski, 'id' | 'name' | 'owner' | 'purpose' | 'grindMm' | 'flexKg'>;
  reserve: number;
  kmSinceGrind: number;
  findings: readonly Pick<Finding, 'kind'>[];
  /** Its last glide test on snow like that of the day. */
  test?: PairTest;
}

/** How a pair glided against the others of a test. */
export interface PairTest {
  /** Of friction, against the mean of the others: above 0 it was slower. */
  percent: number;
  /** The size of it over the course of the outing, s. */
  seconds: number;
  /** Half the interval that holds the truth 19 times in 20. */
  halfPercent: number;
  /** How unlike its snow was to that of the day: 0 for the same, 1 for another wax. */
  distance: number;
  daysAgo: number;
}

/** Why a pair suits or not; figures SI. */
export type PairReason = FindingOf<{
  grind_fits: { grindMm: number; widthMm: number };
  grind_too_coarse: { grindMm: number; widthMm: number };
  grind_too_fine: { grindMm: number; widthMm: number };
  grind_unknown: NoFigures;
  grind_worn: { km: number };
  flex_fits: { flexKg: number; weightKg: number; ground: SnowGround };
  flex_too_soft: { flexKg: number; weightKg: number; ground: SnowGround };
  flex_too_stiff: { flexKg: number; weightKg: number; ground: SnowGround };
  flex_unknown: NoFigures;
  reserve_low: { reserve: number };
  reserve_low_late: { reserve: number; hoursLeft: number };
  reserve_good: { reserve: number };
  marks: { kinds: readonly FindingKind[] };
  marks_late: { kinds: readonly FindingKind[]; hoursLeft: number };
  kept_for_training: NoFigures;
  tested_faster: { percent: number; seconds: number; daysAgo: number };
  tested_slower: { percent: number; seconds: number; daysAgo: number };
  tested_alike: { daysAgo: number };
  skier_likes_it: NoFigures;
  of_the_team: NoFigures;
}>;

/** A reason with what it weighs: points below zero speak against the pair. */
export interface WeighedReason {
  reason: PairReason;
  points: number;
}

export interface RankedPair {
  skiId: string;
  skiName: string;
  points: number;
  /** The weightiest first. */
  reasons: WeighedReason[];
}
