import type { FindingOf } from '../finding';
import type { GlidedSnow } from '../friction';

/** What is taken of a run: seconds between two gates, metres of run-out, or how it felt on a scale. */
export const GLIDE_MEASURES = ['seconds', 'metres', 'feel'] as const;
export type GlideMeasure = (typeof GLIDE_MEASURES)[number];

/** One run of one ski, at a minute of the test. */
export interface GlideRun {
  minute: number;
  ski: string;
  value: number;
}

/** The hill a test is run on. */
export interface GlideHill {
  dropM: number;
  /** Along the slope. */
  lengthM: number;
  /** From rest at the top, else with a flying start. */
  fromRest: boolean;
}

export interface GlideTest {
  measure: GlideMeasure;
  runs: readonly GlideRun[];
  hill?: GlideHill;
  snow?: GlidedSnow;
}

/** An estimate with an interval that holds the truth 19 times in 20. */
export interface Between extends Ends {
  estimate: number;
}

/** Where an interval begins and ends. */
export interface Ends {
  low: number;
  high: number;
}

/** How b differs from a, in the measure's unit: b − a. */
export interface Difference extends Between {
  a: string;
  b: string;
  /** The interval that may be looked at after every run; absent while there are too few. */
  always?: Ends & { frictionPercent?: Ends };
  /** The same in % of friction: above 0 b is slower. */
  frictionPercent?: Between;
  /** Runs more, in all, until the two come apart if they differ as they seem to; absent once they are, or if it would take too many. */
  moreRuns?: number;
}

/** A ski among all: above 0 it is better than the mean of them, in the measure's unit (for feel in log odds). */
export interface RankedSki extends Ends {
  ski: string;
  strength: number;
}

/** A run that does not go with the others. */
export interface OddRun {
  index: number;
  reason: OddReason;
}

export type OddReason = FindingOf<{
  /** By how much more or less than the others lead one to expect. */
  far_off: { measure: GlideMeasure; off: number; oneIn: number };
}>;

/** What the test says so far; it may be asked after every run. */
export type Verdict = FindingOf<{
  too_few: { moreRuns: number };
  /** No ski apart from the others yet. */
  not_yet: { ahead: string; moreRuns?: number };
  /** One is better than every other: the test may stop. */
  faster: { ski: string; than: readonly string[] };
  /** What they differ by decides nothing: the test may stop. */
  alike: { skis: readonly string[]; within: number; measure: GlideMeasure };
}>;

export interface GlideResult {
  measure: GlideMeasure;
  /** How the track changes, in the measure's unit a minute; absent where it cannot be told. */
  driftPerMin?: number;
  /** Standard deviation of a run about the fit; absent while nothing is left over to tell it. */
  runSd?: number;
  differences: Difference[];
  /** The best first. */
  ranking: RankedSki[];
  outliers: OddRun[];
  verdict: Verdict;
}
