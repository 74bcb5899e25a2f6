import { valuesOf, type Figure, type FigureTable, type LimitTable } from '../figure';

/** A house coefficient: bench practice put into a number, movable by logged tests. */
export type HouseCoefficient = Figure<number> & { sd: number };

/**
 * The house coefficients of the ledger and of the loss. `mean` is used; `sd` is the prior spread
 * that later tests may narrow (about half of each default).
 */
export const HOUSE = {
  sharpnessPerUnit: {
    mean: -4.0,
    sd: 2.0,
    unit: '°C per unit of sharpness',
    reason: 'Sharp crystals bite into the base and ask for a harder wax.',
  },
  humidityPerSpan: {
    mean: 2.0,
    sd: 1.0,
    unit: '°C per 0.35 of humidity',
    reason: 'Moist air fills crystals in and rounds them; dry air keeps them sharp.',
  },
  abrasion: {
    mean: -2.0,
    sd: 1.0,
    unit: '°C at abrasiveness 1',
    reason: 'Dense, blocky or icy snow wears wax off and is hard, whatever its age.',
  },
  moist: {
    mean: 2,
    sd: 0.7,
    unit: '°C',
    reason: 'Some free water: friction is from suction, not from crystals.',
  },
  wet: {
    mean: 3.5,
    sd: 1.225,
    unit: '°C',
    reason: 'Warm waxes are labelled above 0 °C for wet snow.',
  },
  veryWet: { mean: 5, sd: 1.75, unit: '°C', reason: 'Water can be pressed out by hand.' },
  soaked: { mean: 7, sd: 2.45, unit: '°C', reason: 'Slush: the softest wax there is.' },
  ownVenue: {
    mean: 0,
    sd: 1.0,
    unit: '°C',
    reason: 'What is different at a venue, until tests there have shown it.',
  },
  unknown: { mean: 0, sd: 0.8, unit: '°C', reason: 'What no line of the ledger knows.' },
  distancePerKm: {
    mean: -0.02,
    sd: 0.01,
    unit: '°C per km over 20 km',
    reason: 'A long way wears soft wax off.',
  },
  coreCurvature: {
    mean: 0.005,
    sd: 0.0025,
    unit: '% per K²',
    reason: 'Even inside its label a wax is best near the middle.',
  },
  tooSoft: {
    mean: 0.1,
    sd: 0.05,
    unit: '% per K²',
    reason: 'Crystals plough a wax that is too soft: costs more than too hard.',
  },
  tooHard: {
    mean: 0.04,
    sd: 0.02,
    unit: '% per K²',
    reason: 'A wax that is too hard makes too little melt water.',
  },
  breadthPerK: {
    mean: 0.05,
    sd: 0.025,
    unit: '% per K of label wider than 6 K',
    reason: 'A wax for everything is best at nothing.',
  },
  missingWaterRepellent: {
    mean: 0.4,
    sd: 0.2,
    unit: '%',
    reason: 'Free water or rime-laden air clings to plain wax.',
  },
  missingDryLubricant: {
    mean: 0.4,
    sd: 0.2,
    unit: '%',
    reason: 'Dirt and static hold plain wax back.',
  },
  needlessAdditive: {
    mean: 0.1,
    sd: 0.05,
    unit: '%',
    reason: 'An additive with nothing to do dilutes the wax and gathers dirt.',
  },
} as const satisfies Record<string, HouseCoefficient>;

/** Fixed points and limits of the house model. */
export const HOUSE_LIMIT_FIGURES = {
  neutralHumidity: {
    mean: 0.65,
    unit: '1',
    reason: 'Humidity over water at which the air changes nothing.',
  },
  humiditySpan: {
    mean: 0.35,
    unit: '1',
    reason: 'Span of humidity that is worth one coefficient.',
  },
  humidityMostC: {
    mean: 2,
    unit: '°C',
    reason: 'The humidity line is held within this, up and down.',
  },
  humiditySaysC: { mean: 0.2, unit: '°C', reason: 'A smaller line is called average.' },
  sharpnessSays: { mean: 0.1, unit: '1', reason: 'Nearer to settled snow it is called settled.' },
  distanceFromKm: { mean: 20, unit: 'km', reason: 'From here on a wax has to last.' },
  distanceMostC: { mean: 1.5, unit: '°C', reason: 'Distance counts no further than this.' },
  commonSdC: {
    mean: 0.6,
    unit: '°C',
    reason: 'Of what no line knows, this much is the same every day and can be learned.',
  },
  ownMostC: { mean: 5, unit: '°C', reason: 'A larger correction is another wax altogether.' },
  flatShareOfSpan: {
    mean: 0.25,
    unit: '1',
    reason: 'A label is flat over this share of its span about its middle.',
  },
  breadthFreeK: { mean: 6, unit: 'K', reason: 'Wider labels pay for breadth.' },
  hoarHumidityOverIce: {
    mean: 0.95,
    unit: '1',
    reason: 'More humid air lays down hoar: moisture matters.',
  },
  staticColderThanC: { mean: -10, unit: '°C', reason: 'Colder snow in dry air charges the base.' },
  staticDrierThan: { mean: 0.5, unit: '1', reason: 'Drier air over cold snow charges the base.' },
  hardnessAtZero: { mean: 20, unit: 'hardness, 0–100', reason: 'Relative scale of the house.' },
  hardnessPerC: { mean: -2.8, unit: 'hardness per °C', reason: '90 at −25 °C, 0 at +7 °C.' },
  defaultTemperatureSdC: { mean: 0.8, unit: '°C', reason: 'Probe 0.4 and course 0.7 together.' },
  abradesAnyWaxBelowC: { mean: -25, unit: '°C', reason: 'Colder crystals abrade any wax.' },
  wetSnowColdestC: {
    mean: -2,
    unit: '°C',
    reason: 'Snow with free water stands at 0; a probe may read this much below.',
  },
  nothingFitsPercent: {
    mean: 2,
    unit: '%',
    reason: 'A larger expected loss means that the shelf has nothing made for the day.',
  },
  structure: {
    mean: { cold: 0.25, dry: 0.5, moistSharp: 0.75, moistRound: 1, wet: 1.5, freeWater: 2 },
    unit: 'mm',
    reason: 'The wetter the snow and the rounder its grain, the coarser the lines.',
  },
  dryUntilPercent: {
    mean: 0.5,
    unit: '% by volume',
    reason: 'With so much free water snow stands at 0 °C, whatever the probe says.',
  },
  airCountsUntilPercent: {
    mean: 1.5,
    unit: '% by volume',
    reason: 'With so much free water the air no longer shapes the grains.',
  },
  abrasionShare: {
    mean: { dry: 1, moist: 0.5, wet: 0.25, very_wet: 0, soaked: 0 },
    unit: '1',
    reason: 'Water smooths hard snow; straight between the classes.',
  },
  abrasiveness: {
    mean: { machineMade: 1, mixed: 0.5, hardTrack: 0.75, both: 0.25 },
    unit: '1',
    reason: 'The larger of origin and track, and a quarter of the smaller.',
  },
  lineSpread: {
    mean: { half: 0.5, wetness: 0.35 },
    unit: '1',
    reason: 'Prior spread of a line as a share of it: humidity, abrasion, distance; wetness.',
  },
  waterPercent: {
    mean: { dry: 0, moist: 1.5, wet: 5.5, very_wet: 11, soaked: 18 },
    unit: '% by volume',
    reason: 'What the classes of the snowball test stand for: the middle of each.',
  },
  structureColdBelowC: { mean: -10, unit: '°C', reason: 'Colder snow wants little structure.' },
  structureGrainMm: {
    mean: [0.3, 1],
    unit: 'mm',
    reason:
      'Moist snow of grains this fine takes the narrow structure, of grains this coarse the wide one.',
  },
  structureSharpAbove: { mean: 0.2, unit: '1', reason: 'Sharper grains count as fine.' },
  measuredFromMin: {
    mean: -30,
    unit: 'min',
    reason: 'A reading taken up to this long before the start wins over the model.',
  },
  measuredToH: { mean: 6, unit: 'h', reason: 'Later than this it is another day’s reading.' },
  quadrature: {
    mean: { reachSd: 4, points: 81 },
    unit: 'sd, 1',
    reason: 'Resolves where one wax overtakes another.',
  },
  worstShare: { mean: 0.9, unit: '1', reason: 'Nine times in ten the loss is smaller.' },
} as const satisfies FigureTable;

export const HOUSE_LIMITS = valuesOf(HOUSE_LIMIT_FIGURES);

/** True from the distance on from which a wax has to last: one rule for layers, forms and programmes. */
export const hasToLast = (distanceKm: number): boolean => distanceKm >= HOUSE_LIMITS.distanceFromKm;

/** Within what the ledger is believed. */
export const WAX_LIMITS = {
  snowTemperatureC: { range: [-90, 0], unit: '°C', reason: 'Snow is never warmer than 0 °C.' },
  temperatureSdC: { range: [0, 40], unit: '°C', reason: 'A wider spread says nothing.' },
  equivalentC: { range: [-200, 200], unit: '°C', reason: 'The sum of all lines stays far within.' },
  distanceKm: { range: [0, 1000], unit: 'km', reason: 'No outing is longer.' },
} as const satisfies LimitTable;
