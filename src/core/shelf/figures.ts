import { valuesOf, type FigureTable } from '../figure';

/** Figures of the shelf: amounts, estimates for labels that say little, and what counts as a gap. */
export const SHELF_FIGURES = {
  gramsAPair: {
    mean: {
      block: { narrow: 6, wide: 11 },
      powder: { narrow: 2, wide: 3.5 },
      liquid: { narrow: 3, wide: 5 },
      paste: { narrow: 2, wide: 4 },
      roller_block: { narrow: 0.7, wide: 1.2 },
      tube: { narrow: 5, wide: 5 },
      stick: { narrow: 2, wide: 2 },
    },
    unit: 'g a coat',
    reason: 'Bench practice on narrow skis and on wide ones.',
  },
  nailHardness: {
    mean: {
      smears: [6, 7],
      deep_groove: [20, 8],
      groove: [33, 8],
      scratch: [48, 9],
      chalky_line: [64, 10],
      no_mark: [82, 11],
    },
    unit: 'hardness and spread, 0–100',
    reason: 'From the feel of labelled blocks under a thumbnail.',
  },
  fingerHardness: {
    mean: { sticks: [4, 10], dents: [16, 12], greasy: [32, 14], dry: [55, 16], glassy: [78, 16] },
    unit: 'hardness and spread, 0–100',
    reason: 'From the feel of labelled blocks under a finger.',
  },
  ordinaryWidthK: { mean: 6, unit: 'K', reason: 'Label width of an ordinary block.' },
  contradictionSd: {
    mean: 2.5,
    unit: 'sd',
    reason: 'Answers farther apart contradict each other.',
  },
  coverageC: { mean: [-25, 8], unit: '°C', reason: 'From polar cold to slush.' },
  coverageStepC: { mean: 0.5, unit: 'K', reason: 'Finer than any label.' },
  holePercent: {
    mean: 1,
    unit: '%',
    reason: 'Half of what makes the choice say that nothing fits.',
  },
  daySpreadC: { mean: 1, unit: 'K', reason: 'No day is known better over a shelf’s life.' },
  simpson: { mean: [1, 4, 1], unit: '1', source: 'Simpson’s rule for a normal of this width' },
  offeredWidthsK: { mean: [4, 6, 8], unit: 'K', reason: 'Labels as they are sold.' },
  worstPercent: {
    mean: 20,
    unit: '%',
    reason: 'What no bottle can do better than is capped, so that an empty shelf compares.',
  },
  leastGainPercent: { mean: 0.005, unit: '%', reason: 'Less is not worth a purchase.' },
  ironSoftC: { mean: 108, unit: '°C', reason: 'Soft waxes are ironed at about 110 °C.' },
  ironPerHardness: { mean: 0.5, unit: 'K', reason: 'Up to 150 °C for the hardest.' },
  ironMostC: { mean: 155, unit: '°C', reason: 'No label asks for more.' },
  ironOverMeltingK: {
    mean: 60,
    unit: 'K',
    reason: 'A wax runs well this far above its melting point.',
  },
  wideLabelK: { mean: 25, unit: 'K', reason: 'A wider label says little.' },
  racingHours: {
    mean: [8, 17],
    unit: 'h',
    reason:
      'When people race and ski, on the venue’s clock; a wax for the small hours is not bought.',
  },
  ordinaryKm: { mean: 10, unit: 'km', reason: 'An outing on which distance has no part.' },
} as const satisfies FigureTable;

export const SHELF = valuesOf(SHELF_FIGURES);
