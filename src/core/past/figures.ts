import { valuesOf, type FigureTable } from '../figure';

/** House figures of how alike two days are. */
export const PAST_FIGURES = {
  equivalentK: { mean: 2, unit: 'K', reason: 'Half a step on a shelf: as far is another wax.' },
  humidity: { mean: 0.2, unit: '1', reason: 'Moist and dry air lie about so far apart.' },
  wetnessStep: { mean: 1, unit: '1', reason: 'One class of wetness is as much as 2 K.' },
  otherGrain: { mean: 1, unit: '1', reason: 'Another class of grain glides differently.' },
  otherOrigin: {
    mean: 1,
    unit: '1',
    reason: 'Machine-made snow wears wax as natural snow does not.',
  },
  like: { mean: 1, unit: '1', reason: 'One difference as large as its scale: still like it.' },
  near: { mean: 2, unit: '1', reason: 'Beyond this a day says nothing about this one.' },
} as const satisfies FigureTable;

export const PAST = valuesOf(PAST_FIGURES);
