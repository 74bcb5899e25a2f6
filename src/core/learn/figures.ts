import { valuesOf, type FigureTable } from '../figure';

/** House figures of learning from tests and outcomes. */
export const LEARN_FIGURES = {
  lawSdPercent: {
    mean: 0.3,
    unit: '% of friction',
    reason:
      'Two waxes also differ by what no label says: the pairs that they are on, batch, structure.',
  },
  noticedK: {
    mean: 1.5,
    unit: 'K beyond the flat part of a label',
    reason: 'Nearer than this nobody feels a wax as too soft or too hard.',
  },
  feelSdK: { mean: 2, unit: 'K', reason: 'How finely a skier tells it apart.' },
  mistaken: {
    mean: 0.15,
    unit: '1',
    reason:
      'One outcome in seven has another cause: a bad base, a slow skier, new snow on the way.',
  },
  readingSdC: { mean: 0.8, unit: '°C', reason: 'Of a reading whose own spread nobody said.' },
  intervalSds: {
    mean: 3.92,
    unit: '1',
    reason: 'An interval for 19 times in 20 is so many standard deviations wide.',
  },
  steps: { mean: 60, unit: '1', reason: 'Newton steps at the most; a dozen is usual.' },
  longestStep: {
    mean: 2,
    unit: 'prior spreads',
    reason: 'One step changes no coefficient by more.',
  },
  settled: { mean: 1e-7, unit: '1', reason: 'A step as small as this is the end.' },
} as const satisfies FigureTable;

export const LEARN = valuesOf(LEARN_FIGURES);
