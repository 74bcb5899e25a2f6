import { valuesOf, type FigureTable, type LimitTable } from '../figure';

/** Figures of a ski's wax, wear and area. */
export const SKI_FIGURES = {
  wearKm: {
    mean: { usual: 40, machine_made_or_icy: 15, abrasive_cold: 25, soft: 60 },
    unit: 'km',
    reason: 'Kilometres in which the reserve falls to 1/e; practice says to wax after about 50.',
  },
  fillACoat: {
    mean: { hot: 0.68, storage: 0.68, liquid: 0.25, top: 0, box: 0 },
    unit: '1',
    reason: 'Share of what is empty that a coat fills: two coats of three passes fill about 90 %.',
  },
  boxHours: {
    mean: 2,
    unit: 'h',
    reason: 'A box at 60 °C fills the base in hours; e-folding time.',
  },
  afterGrind: { mean: 0.1, unit: '1', reason: 'A stone takes the filled layer away.' },
  unknownReserve: { mean: 0.5, unit: '1', reason: 'A ski of which nothing is known.' },
  dueBelow: { mean: 0.3, unit: '1', reason: 'Below this a base runs dry.' },
  nordicKm: { mean: 50, unit: 'km', reason: 'Practice of nordic skiers.' },
  alpineWeeks: { mean: 1, unit: 'weeks', reason: 'Practice of alpine skiers.' },
  longWeeks: { mean: 8, unit: 'weeks', reason: 'A base dries out in the rack as well.' },
  grindKm: { mean: 900, unit: 'km', reason: 'A grind is spent after so far.' },
  summerMonths: { mean: [4, 8], unit: 'month, from 0', reason: 'May to September in the north.' },
  southernSummerMonths: { mean: [10, 2], unit: 'month, from 0', reason: 'November to March.' },
  manyBurns: { mean: 6, unit: 'places', reason: 'From here on it is the whole base.' },
  manyGouges: { mean: 5, unit: 'places', reason: 'From here on a weld and a grind pay.' },
  meanWidth: {
    mean: {
      alpine: 1.18,
      skate: 1.02,
      classic: 1.02,
      patterned: 1.03,
      skin: 1.03,
      touring: 1.15,
      snowboard: 1.1,
    },
    unit: '1',
    reason: 'The base is wider than its waist by this on the mean: sidecut.',
  },
} as const satisfies FigureTable;

export const SKI = valuesOf(SKI_FIGURES);

export const SKI_LIMITS = {
  coats: { range: [0, 20], unit: '1', reason: 'More coats fill nothing more.' },
  boxHours: { range: [0, 100], unit: 'h', reason: 'Longer fills nothing more.' },
  km: { range: [0, 1000], unit: 'km', reason: 'No outing is longer.' },
} as const satisfies LimitTable;
