import { valuesOf, type FigureTable } from '../figure';

/** Figures of glide tests. */
export const GLIDE_FIGURES = {
  chance: {
    mean: 0.05,
    unit: '1',
    reason: 'Intervals hold the truth 19 times in 20, as everywhere in Frost Pick.',
  },
  priorSds: {
    mean: 3,
    unit: '1',
    reason:
      'The interval is right whatever this is, only its width depends on it: three spreads of a run keep it narrow for the 6 to 16 runs that tests have.',
  },
  alikeShare: {
    mean: { seconds: 0.003, metres: 0.01, feel: 0.05 },
    unit: '1',
    reason: 'Of the usual time, way or scale: less than this decides no race.',
  },
  oddChance: {
    mean: 0.05,
    unit: '1',
    reason: 'A run stands out when chance alone gives one like it in fewer than 1 test of 20.',
  },
  decimalStep: { mean: 0.1, unit: '1', reason: 'Of a decimal to the one before it.' },
  roundingVariance: {
    mean: 1 / 12,
    unit: 'steps²',
    reason: 'What was rounded to a step lies anywhere in it (uniform distribution).',
  },
  mostMoreRuns: {
    mean: 60,
    unit: 'runs',
    reason: 'Beyond an afternoon: then the two are as good as alike.',
  },
  feelPrecision: {
    mean: 0.25,
    unit: '1',
    reason: 'A ski that won every comparison is better, not infinitely better.',
  },
  usualFriction: {
    mean: 0.03,
    unit: '1',
    reason: 'Cold dry snow, where a flying start leaves the friction open and no snow is given.',
  },
} as const satisfies FigureTable;

export const GLIDE = valuesOf(GLIDE_FIGURES);
