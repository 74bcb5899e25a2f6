import { valuesOf, type FigureTable, type LimitTable } from '../figure';

/** Figures of the choice: layers, forms, blends, worlds and the start window. */
export const CHOICE_FIGURES = {
  hotWaxH: { mean: 1, unit: 'h', reason: 'Hot wax and its cooling take about an hour.' },
  hardFrom: {
    mean: 60,
    unit: 'hardness, 0–100',
    reason: 'Waxes as hard as this melt unevenly as a block.',
  },
  extraCoatOverKm: { mean: 30, unit: 'km', reason: 'A longer way wants one more coat.' },
  grindingBelowC: { mean: -12, unit: '°C', reason: 'Colder crystals grind any glide wax down.' },
  sharpFrom: { mean: 0.7, unit: '1', reason: 'Sharper crystals grind wax down.' },
  underK: {
    mean: { least: 2, best: 6, most: 16, span: 12 },
    unit: 'K',
    reason: 'How much harder by its label an underlayer is.',
  },
  oldBelowSharpness: { mean: 0.5, unit: '1', reason: 'Old snow is less sharp than this.' },
  topBeyondLabelK: { mean: 1, unit: 'K', reason: 'A top layer may be this far outside its label.' },
  newBaseSoftCoats: {
    mean: 2,
    unit: '1',
    reason: 'A new base takes up much: soft coats come first.',
  },
  blendParts: {
    mean: [
      [3, 1],
      [2, 1],
      [1, 1],
      [1, 2],
      [1, 3],
    ],
    unit: 'parts',
    reason: 'Ratios that a kitchen scale and a hand can do.',
  },
  leastBlendGainPercent: { mean: 0.02, unit: '%', reason: 'Less is not worth the melting.' },
  blendFromTop: { mean: 8, unit: '1', reason: 'Only what stands near the top is worth blending.' },
  neighboursK: {
    mean: 8,
    unit: 'K',
    reason: 'Labels whose middles lie farther apart are no neighbours.',
  },
  membersByAir: {
    mean: 4,
    unit: '1',
    reason: 'The air is one number a place: every fourth member is enough.',
  },
  membersAColumn: { mean: 4, unit: '1', reason: 'Every fourth member is enough for a column.' },
  modelPoints: {
    mean: [-1.7111, -1.039, -0.6331, -0.3031, 0, 0.3031, 0.6331, 1.039, 1.7111],
    unit: 'sd',
    reason:
      'What the ledger does not know, as points of equal weight for each of few cases: middles of equal shares of a normal, brought to variance 1.',
  },
  thrift: {
    mean: { lossPercent: 0.2, costShare: 0.67 },
    unit: '%, 1',
    reason:
      'Outside races a wax is not spent where one that costs two thirds of it or less loses so little more: no skier feels it.',
  },
  manyMembers: {
    mean: 90,
    unit: '1',
    reason: 'From so many members on each has one draw of what the ledger does not know.',
  },
  modelSeed: { mean: 11, unit: '1', reason: 'The same draws for everyone.' },
  worlds: {
    mean: { stepK: 3, humidity: 0.25, wetnessSteps: 1, wetsFromC: -2, rows: 5 },
    unit: 'K, 1, °C',
    reason:
      'About one and a half of the usual spread; snow colder than this does not get wet by itself.',
  },
  bins: {
    mean: { widthK: 0.05, lowestC: -60, highestC: 20 },
    unit: 'K, °C',
    reason: 'Finer bins change a loss by less than 0.001 %.',
  },
  brassBelowC: { mean: -15, unit: '°C', reason: 'Colder, finer grain wants a brass brush.' },
  closeGrindMm: {
    mean: 0.2,
    unit: 'mm',
    reason: 'A grind so near to what is asked is left alone.',
  },
  mostTimes: { mean: 6, unit: '1', reason: 'Times of a start window that still can be read.' },
  spacingH: { mean: 0.5, unit: 'h', reason: 'Snow changes little sooner.' },
  paceKmH: {
    mean: {
      skate: { race: 24, other: 14 },
      classic: { race: 20, other: 11 },
      touring: { race: 7, other: 4 },
    },
    unit: 'km/h',
    reason: 'Racers and others on a usual course.',
  },
  liftServedH: { mean: 2, unit: 'h', reason: 'Where the lift does the climbing.' },
  ownChoicePaysPercent: { mean: 0.15, unit: '%', reason: 'What a paired test can see.' },
} as const satisfies FigureTable;

export const CHOICE = valuesOf(CHOICE_FIGURES);

export const CHOICE_LIMITS = {
  hoursOnSnow: { range: [0.25, 24], unit: 'h', reason: 'From a lap to a day.' },
} as const satisfies LimitTable;
