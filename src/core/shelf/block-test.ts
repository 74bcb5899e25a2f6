import { DomainError } from '../errors';
import { HOUSE_LIMITS } from '../wax';

/** What a nail does to a block at room warmth, in plain words. */
export const NAIL_TESTS = [
  'smears',
  'deep_groove',
  'groove',
  'scratch',
  'chalky_line',
  'no_mark',
] as const;
export type NailTest = (typeof NAIL_TESTS)[number];

/** What a finger does to it. */
export const FINGER_TESTS = ['sticks', 'dents', 'greasy', 'dry', 'glassy'] as const;
export type FingerTest = (typeof FINGER_TESTS)[number];

/** Hardness, 0–100, that each answer stands for, with its spread (house, from the feel of labelled blocks). */
const NAIL_HARDNESS: Record<NailTest, [mean: number, sd: number]> = {
  smears: [6, 7],
  deep_groove: [20, 8],
  groove: [33, 8],
  scratch: [48, 9],
  chalky_line: [64, 10],
  no_mark: [82, 11],
};
const FINGER_HARDNESS: Record<FingerTest, [mean: number, sd: number]> = {
  sticks: [4, 10],
  dents: [16, 12],
  greasy: [32, 14],
  dry: [55, 16],
  glassy: [78, 16],
};
/** Label width of an ordinary block, K; what is put on a block without one. */
const ORDINARY_WIDTH_K = 6;
/** Answers that lie farther apart than this many spreads contradict each other. */
const CONTRADICTION = 2.5;

export interface BlockGuess {
  hardness: number;
  hardnessSd: number;
  /** A label to store it with, °C: as wide as an ordinary one and as the test is unsure. */
  labelLowC: number;
  labelHighC: number;
}

/**
 * Hardness of an unlabelled block from a nail and a finger, the two weighed by their spreads. Answers that
 * contradict each other: DomainError `contradiction`.
 */
export function guessBlock(nail: NailTest, finger?: FingerTest): BlockGuess {
  const [nailMean, nailSd] = NAIL_HARDNESS[nail];
  let [mean, sd] = [nailMean, nailSd];
  if (finger !== undefined) {
    const [fingerMean, fingerSd] = FINGER_HARDNESS[finger];
    const apart = Math.abs(nailMean - fingerMean) / Math.hypot(nailSd, fingerSd);
    if (apart > CONTRADICTION) {
      throw new DomainError(
        'contradiction',
        'finger',
        finger,
        'Nail and finger contradict each other: let the block come to room warmth and try again.',
      );
    }
    const [a, b] = [1 / nailSd ** 2, 1 / fingerSd ** 2];
    mean = (a * nailMean + b * fingerMean) / (a + b);
    sd = 1 / Math.sqrt(a + b);
  }
  const centreC = (mean - HOUSE_LIMITS.hardnessAtZero) / HOUSE_LIMITS.hardnessPerC;
  const sdC = sd / Math.abs(HOUSE_LIMITS.hardnessPerC);
  const half = 0.5 * Math.hypot(ORDINARY_WIDTH_K, 2 * sdC);
  const round = (value: number) => Math.round(value * 2) / 2;
  return {
    hardness: mean,
    hardnessSd: sd,
    labelLowC: round(centreC - half),
    labelHighC: round(centreC + half),
  };
}
