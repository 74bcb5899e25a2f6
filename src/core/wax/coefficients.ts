/** A house coefficient: bench practice put into a number, movable by logged tests. */
export interface HouseCoefficient {
  mean: number;
  sd: number;
  unit: string;
  reason: string;
}

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
  machineMade: {
    mean: -2.0,
    sd: 1.0,
    unit: '°C',
    reason: 'Machine-made snow is dense, blocky and abrasive whatever its age.',
  },
  mixedOrigin: {
    mean: -1.0,
    sd: 0.5,
    unit: '°C',
    reason: 'Half of the effect of machine-made snow.',
  },
  moist: {
    mean: 1,
    sd: 0.5,
    unit: '°C',
    reason: 'Some free water: friction is from suction, not from crystals.',
  },
  wet: {
    mean: 3,
    sd: 1.5,
    unit: '°C',
    reason: 'Warm waxes are labelled above 0 °C for wet snow.',
  },
  veryWet: { mean: 5, sd: 2.5, unit: '°C', reason: 'Water can be pressed out by hand.' },
  soaked: { mean: 7, sd: 3.5, unit: '°C', reason: 'Slush: the softest wax there is.' },
  glazed: {
    mean: -1.5,
    sd: 0.75,
    unit: '°C',
    reason: 'A polished or icy track wears wax off and is hard.',
  },
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

/** Fixed points and limits of the house model, with the reason beside each. */
export const HOUSE_LIMITS = {
  /** Neutral humidity over water, and the span that is worth one coefficient. */
  neutralHumidity: 0.65,
  humiditySpan: 0.35,
  /** The humidity line is held within ± this, °C. */
  humidityMostC: 2,
  /** Distance counts from here, km, and no further than this, °C. */
  distanceFromKm: 20,
  distanceMostC: 1.5,
  /** The technician's own correction, ± °C. */
  ownMostC: 5,
  /** A label is flat over this share of its span on either side of its centre. */
  flatShareOfSpan: 0.25,
  /** Labels wider than this, K, pay for breadth. */
  breadthFreeK: 6,
  /** Air over this humidity over ice lays down hoar: moisture matters. */
  hoarHumidityOverIce: 0.95,
  /** Static: snow colder than this, °C, in air drier than this. */
  staticColderThanC: -10,
  staticDrierThan: 0.5,
  /** Hardness 0–100: value at 0 °C and change per °C. */
  hardnessAtZero: 20,
  hardnessPerC: -2.8,
  /** Assumed one-sigma spread of a snow temperature given without one, °C: probe 0.4 and course 0.7 together. */
  defaultTemperatureSdC: 0.8,
  /** Below this crystals abrade any wax, °C. */
  abradesAnyWaxBelowC: -25,
} as const;
