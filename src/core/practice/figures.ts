import { valuesOf, type FigureTable } from '../figure';
import type { SurfaceKind } from '../snow/outlook';
import type { Chance, WindWord } from '../snow/forecast-terms';
import type { HandHardness, Sky } from '../terms';

/** Figures of practice: how situations are made, and what an answer is worth. */
export const PRACTICE_FIGURES = {
  leastProbability: {
    mean: 0.02,
    unit: '1',
    reason: 'Nobody is surer than this; a score stays finite.',
  },
  seedsUsed: { mean: 10_000_000, unit: '1', reason: 'Situations of a topic before they repeat.' },
  mostSeed: { mean: 2_000_000_000, unit: '1', reason: 'Seeds are 32 bits.' },
  difficulty: {
    mean: {
      tries: 4,
      spreads: 2,
      secondsPerKm: 0.5,
      order: { hot_wax: 0.3, liquid: 0.3, clean: 0.5, structure: 0.5, klister: 0.6, edges: 0.8 },
    },
    unit: '1, s/km',
    reason:
      'Of four situations the one that is as hard as the person is good. Two spreads off the table of the air, or waxes within half a second a kilometre, are hard; longer sheets are harder.',
  },
  calibration: {
    mean: { edges: [0, 0.2, 0.4, 0.6, 0.8, 0.9, 1], z: 1.959964 },
    unit: '1',
    reason: 'Bins that people use; 95 % of a normal lie within 1.96 of its spread.',
  },
  mostReplayed: {
    mean: 60,
    unit: '1',
    reason:
      'Answers of a topic from which its memory is worked out: older ones move a day only for who was never wrong since.',
  },
  evenChance: { mean: 0.5, unit: '1', reason: 'As likely as not.' },
  grades: {
    mean: { hard: 0.45, good: 0.65, easy: 0.9 },
    unit: '1',
    reason: 'From which quality on an answer counts as remembered, hard, well or easily.',
  },
  fiveMinutesS: { mean: 300, unit: 's', reason: 'A round of practice.' },
  skill: {
    mean: { halfLifeAnswers: 12, priorMean: 0.5, priorAnswers: 2 },
    unit: '1',
    reason:
      'Skill is the mean quality of the answers, an answer twelve ago counting half; a person of whom nothing is known is middling.',
  },
  biasFrom: { mean: 20, unit: '1', reason: 'Fewer answers show no bias.' },
  biasBeyond: { mean: 0.05, unit: '1', reason: 'Intervals hold the truth 19 times in 20.' },
  spread: {
    mean: 0.25,
    unit: '1',
    reason: 'How qualities of single answers scatter where only one is known.',
  },
  iron: {
    mean: {
      cells: 72,
      tick: 1 / 60,
      mostS: 240,
      longestContactS: 2,
      setS: 20,
      ironC: { soft: 112, middle: 124, hard: 138, cold: 150 },
      roomC: [12, 22],
      skiBelowRoomK: [0, 8],
      filmMicrometre: [25, 60],
      ski: { lengthM: 1.9, widthM: 0.044 },
      softenedWorth: 0.5,
      trailShare: 0.3,
    },
    unit: '1, s, °C, K, µm, m',
    reason:
      'Cells finer than the plate by five; the waxes that models of practice name; rooms and films of benches. A softened place is worth half, one that never melted nothing, and a third of the marks go by the trail.',
  },
  snow: {
    mean: {
      crpsScaleK: 2,
      hutSdK: 0.7,
      waterLogSd: 0.25,
      squeakSdK: 1,
      squeak: { loudBelowC: -11, softBelowC: -5 },
      askedHour: [7, 10],
      members: 24,
      newDendricity: 0.65,
      brokenDendricity: 0.05,
      meltSphericity: 0.95,
      snowBelowC: 1,
      facetedSphericity: 0.45,
      weights: { temperature: 0.5, grain: 0.25, wetness: 0.25 },
      latitude: [43, 63],
      altitudeM: [300, 1900],
      year: 2027,
      dayOfWinter: [0, 90],
    },
    unit: 'K, 1, h, s, °, m, days',
    reason:
      'A continuous ranked probability score of 2 K is worth 1/e; a thermometer at the hut reads 0.7 K off; a hand tells water to a quarter on a log scale and a squeak to a kelvin. Snow creaks under a boot below about −5 °C and loudly below about −11 °C.',
  },
  lens: {
    mean: {
      across: 3,
      jitter: 0.12,
      apart: 1.25,
      boundApart: 0.98,
      bondShare: 0.75,
      points: 96,
      facets: 6,
      branch: 0.85,
      branchPower: 5,
      armMean: 0.34,
      flat: 1.6,
      hexagonMean: 0.91,
      roughness: 0.025,
      roughWaves: 5,
      leastRadius: 0.18,
      squash: 0.35,
      sizeLogSd: 0.18,
    },
    unit: '1',
    reason:
      'How grains are drawn: six arms by their dendricity, six flats by what they lack of a sphere, sizes that scatter as in snow.',
  },
  pick: {
    mean: {
      sdK: 0.8,
      alikeS: 0.3,
      secondsPerKm: 0.6,
      distanceKm: { race: [5, 30], recreation: [8, 15] },
      humidity: [0.35, 0.95],
      labelShiftK: 1,
      readsK: 0.5,
      readsHumidity: 0.05,
    },
    unit: 'K, s, s/km, km, 1',
    reason:
      'A probe’s spread; under 0.3 s over the course two waxes are one; 0.6 s lost a kilometre is worth 1/e. Labels of a shelf lie up to a kelvin beside the usual ladder.',
  },
  order: {
    mean: { faultWorth: 0.2, structure: { rillPasses: 1, widthMm: 0.7 } },
    unit: '1, mm',
    reason: 'Each fault costs a fifth. A usual structure.',
  },
  see: {
    mean: {
      marks: [1, 3],
      clearOfEndsCm: 20,
      weights: { kind: 0.5, first: 0.25, waxable: 0.25 },
    },
    unit: '1, cm',
    reason: 'What it is counts most. Marks lie where the base is flat.',
  },
  test: {
    mean: {
      secondsFrom: [8, 30],
      noiseShare: [0.004, 0.012],
      differencesInNoise: { clear: [2.5, 5], close: [0.6, 1.6], none: [0, 0.3], drifting: [1, 4] },
      driftInNoise: { usual: [-0.3, 0.3], strong: [1.2, 2.5] },
      minutes: 3,
      readsS: 0.01,
      offScale: 0.5,
    },
    unit: 's, 1, min',
    reason:
      'Gates of usual hills; a good tester repeats a run to half a per cent; what a difference and a drift are of that noise makes it plain or not. Half off what the runs allow is worth nothing.',
  },
} as const satisfies FigureTable;

export const PRACTICE = valuesOf(PRACTICE_FIGURES);

type Range = readonly [number, number];

/** How a morning is made: the air and the sky of a day, a night and the morning after, and the snow it meets. */
export interface MorningRecipe {
  /** In the night, °C. */
  lowC: Range;
  /** The warmest of the day before, the evening and the warmest of the day that comes, over the night's lowest, K. */
  beforeK: Range;
  eveningK: Range;
  riseK: Range;
  beforeSky: readonly Sky[];
  nightSky: readonly Sky[];
  morningSky: readonly Sky[];
  wind: readonly WindWord[];
  chance: readonly Chance[];
  surface: SurfaceKind;
  dendricity: Range;
  sphericity: Range;
  finger: readonly HandHardness[];
}

/** Mornings of winter by what made their snow (house): ranges that cover what technicians meet. */
export const MORNINGS = {
  new_snow: {
    lowC: [-14, -3],
    beforeK: [1, 4],
    eveningK: [0.5, 3],
    riseK: [2, 4],
    beforeSky: ['overcast'],
    nightSky: ['overcast'],
    morningSky: ['overcast', 'partly_cloudy'],
    wind: ['calm', 'light', 'moderate'],
    chance: ['certain'],
    surface: 'new',
    dendricity: [0.9, 1],
    sphericity: [0.4, 0.6],
    finger: ['fist'],
  },
  settled: {
    lowC: [-16, -4],
    beforeK: [3, 6],
    eveningK: [1, 4],
    riseK: [3, 6],
    beforeSky: ['overcast', 'partly_cloudy'],
    nightSky: ['overcast', 'partly_cloudy'],
    morningSky: ['overcast', 'partly_cloudy'],
    wind: ['light', 'moderate'],
    chance: ['none'],
    surface: 'settled',
    dendricity: [0, 0.35],
    sphericity: [0.5, 0.85],
    finger: ['four_fingers', 'one_finger'],
  },
  clear_night: {
    lowC: [-22, -6],
    beforeK: [6, 12],
    eveningK: [3, 8],
    riseK: [5, 9],
    beforeSky: ['clear', 'partly_cloudy'],
    nightSky: ['clear'],
    morningSky: ['clear'],
    wind: ['calm', 'light'],
    chance: ['none'],
    surface: 'settled',
    dendricity: [0, 0.1],
    sphericity: [0.2, 0.7],
    finger: ['four_fingers', 'fist'],
  },
  thaw: {
    lowC: [0.5, 4],
    beforeK: [2, 6],
    eveningK: [1, 3],
    riseK: [1, 5],
    beforeSky: ['overcast', 'partly_cloudy'],
    nightSky: ['overcast'],
    morningSky: ['overcast', 'partly_cloudy'],
    wind: ['light', 'moderate', 'strong'],
    chance: ['none', 'likely', 'certain'],
    surface: 'settled',
    dendricity: [0, 0.2],
    sphericity: [0.6, 0.9],
    finger: ['four_fingers', 'fist'],
  },
  refrozen: {
    lowC: [-9, -2],
    beforeK: [9, 15],
    eveningK: [4, 8],
    riseK: [4, 9],
    beforeSky: ['clear', 'overcast'],
    nightSky: ['clear'],
    morningSky: ['clear', 'partly_cloudy'],
    wind: ['light', 'moderate'],
    chance: ['none'],
    surface: 'settled',
    dendricity: [0, 0],
    sphericity: [0.8, 1],
    finger: ['knife', 'pencil'],
  },
  machine_made: {
    lowC: [-15, -3],
    beforeK: [3, 8],
    eveningK: [1, 5],
    riseK: [3, 6],
    beforeSky: ['clear', 'partly_cloudy', 'overcast'],
    nightSky: ['clear', 'partly_cloudy', 'overcast'],
    morningSky: ['clear', 'overcast'],
    wind: ['calm', 'light', 'moderate'],
    chance: ['none'],
    surface: 'machine_made',
    dendricity: [0, 0],
    sphericity: [0.8, 0.95],
    finger: ['pencil', 'one_finger'],
  },
} as const satisfies Record<string, MorningRecipe>;
