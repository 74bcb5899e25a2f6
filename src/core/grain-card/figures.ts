/** House values of measuring grains on a photo of a ruled card, held against drawn cards of known sizes. */
export const GRAIN_CARD = {
  /** Blocks along each side over which the light of the card is evened out. */
  lightBlocks: 8,
  /** The card may lie askew by so much, degrees; and how finely that is searched, coarse and fine. */
  mostAskewDeg: 20,
  coarseStepDeg: 1,
  fineStepDeg: 0.1,
  /** Lines of the ruling lie at least so many pixels apart, or they cannot be told from grain. */
  leastPeriodPx: 10,
  /** At least so many spaces of the ruling must be on the photo. */
  leastPeriods: 3,
  /** A regular ruling repeats itself so well (1: exactly); less is no ruling. */
  leastRepeat: 0.5,
  /** A shorter period explains the ruling when it repeats so well beside the best one. */
  shorterIsAsGood: 0.8,
  /** Where brightness is cut before the ruling is searched, as a share of the way from the card to the brightest. */
  cutShare: 0.35,
  /** Grains stand out from card and ruling by so many grey levels of 255, or nothing can be said. */
  leastContrast: 18,
  /** A grain has at least so many pixels. */
  leastGrainPx: 12,
  /** Two bodies are two grains where their neck is narrower than this share of the smaller one. */
  neckShare: 0.62,
  /** A body that would be split off has at least this half width, pixels. */
  leastHalfWidthPx: 2.5,
  /** So many whole grains are wanted for a median. */
  leastGrains: 10,
  /** Of the grains: the spread that is told. */
  lowShare: 0.16,
  highShare: 0.84,
  /** So few of the pixels are brighter than what counts as bright: a speck is not the measure. */
  specks: 0.005,
  /** Two directions of a square ruling differ by no more than this. */
  squareWithin: 0.12,
} as const;

/** Grey levels of a picture. */
export const WHITE = 255;

export const DEGREE = Math.PI / 180;

/** Steps to the next pixel and to the one askew of it, as whole numbers of the distance across a grid (Borgefors 1986). */
export const CHAMFER = { next: 5, askew: 7 } as const;

/** Fewer points have no hull of their own. */
export const LEAST_CORNERS = 3;
