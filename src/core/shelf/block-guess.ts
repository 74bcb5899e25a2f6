import { DomainError } from '../errors';
import { HOUSE_LIMITS } from '../wax';
import { SHELF } from './figures';

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
  const [nailMean, nailSd] = SHELF.nailHardness[nail];
  let [mean, sd]: [number, number] = [nailMean, nailSd];
  if (finger !== undefined) {
    const [fingerMean, fingerSd] = SHELF.fingerHardness[finger];
    const apart = Math.abs(nailMean - fingerMean) / Math.hypot(nailSd, fingerSd);
    if (apart > SHELF.contradictionSd) {
      throw new DomainError({ code: 'contradiction' }, 'finger', finger);
    }
    const [a, b] = [1 / nailSd ** 2, 1 / fingerSd ** 2];
    mean = (a * nailMean + b * fingerMean) / (a + b);
    sd = 1 / Math.sqrt(a + b);
  }
  const centreC = (mean - HOUSE_LIMITS.hardnessAtZero) / HOUSE_LIMITS.hardnessPerC;
  const sdC = sd / Math.abs(HOUSE_LIMITS.hardnessPerC);
  const half = 0.5 * Math.hypot(SHELF.ordinaryWidthK, 2 * sdC);
  const round = (value: number) => Math.round(value * 2) / 2;
  return {
    hardness: mean,
    hardnessSd: sd,
    labelLowC: round(centreC - half),
    labelHighC: round(centreC + half),
  };
}
