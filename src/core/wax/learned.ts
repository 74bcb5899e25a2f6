import { unitVariance } from '../statistics';
import { HOUSE, HOUSE_LIMITS } from './figures';

/** Lines of the ledger whose size tests can show to be another, in the order of the spreads. */
export const LEARNED_LINES = ['sharpness', 'humidity', 'abrasion', 'wetness', 'distance'] as const;
export type LearnedLine = (typeof LEARNED_LINES)[number];

/** What tests and outcomes have made of the ledger at a venue. */
export interface LearnedLedger {
  /** How many times its house size each line is. */
  factors: Readonly<Record<LearnedLine, number>>;
  /** What is added for this venue, °C: what holds everywhere, and what holds here alone. */
  offsetC: number;
  /** Of the factors in their order, then the offset. */
  covariance: readonly (readonly number[])[];
  /** Results at this venue that it stands on, and at all. */
  here: { tests: number; outcomes: number };
  everywhere: number;
}

const { half: HALF, wetness: WETNESS } = HOUSE_LIMITS.lineSpread;

/** Prior spread of each factor; that of the sharpness as its coefficient has it. */
export const FACTOR_SDS: readonly number[] = [
  HOUSE.sharpnessPerUnit.sd / Math.abs(HOUSE.sharpnessPerUnit.mean),
  HALF,
  HALF,
  WETNESS,
  HALF,
];

/** What differs from day to day whatever is learned, °C: the rest of what no line knows. */
export const dailySdC = Math.sqrt(HOUSE.unknown.sd ** 2 - HOUSE_LIMITS.commonSdC ** 2);

/** The lines as the house has them, °C, in the order of the factors; 0 for one that is not there. */
export const houseLines = (lines: readonly { key: string; valueC: number }[]): number[] =>
  LEARNED_LINES.map((key) => lines.find((line) => line.key === key)?.valueC ?? 0);

/** Spread of the ledger's sum by what is still not known, °C, from the lines as the house has them. */
export const learnedSdC = (lines: readonly number[], { covariance }: LearnedLedger): number =>
  Math.hypot(dailySdC, Math.sqrt(unitVariance(covariance, [...lines, 1])));
