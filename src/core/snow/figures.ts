import { valuesOf, type FigureTable, type LimitTable } from '../figure';

/** Figures of the snow column, its grains and the ensemble over it. */
export const SNOW_FIGURES = {
  layers: {
    mean: 20,
    unit: '1',
    reason: 'More layers change the contact temperature by less than 0.1 K.',
  },
  firstLayerM: { mean: 0.004, unit: 'm', reason: 'Thin enough for what the ski feels.' },
  columnM: { mean: 0.6, unit: 'm', reason: 'A day’s wave of warmth does not reach deeper.' },
  mostGrowth: { mean: 4, unit: '1', reason: 'No grid grows faster from layer to layer.' },
  contactDepthM: { mean: 0.015, unit: 'm', reason: 'Depth at which the ski feels the snow.' },
  measuringHeightM: { mean: 2, unit: 'm', reason: 'Height at which stations measure.' },
  roughnessM: {
    mean: 1e-3,
    unit: 'm',
    range: [1e-4, 5e-3],
    reason: 'Middle of what is published for snow.',
  },
  leastWindMPerS: { mean: 0.1, unit: 'm/s', reason: 'A calm still has a draught.' },
  coldestSurfaceC: { mean: -80, unit: '°C', reason: 'No surface radiates itself colder.' },
  heldWaterMass: { mean: 0.03, unit: '1', reason: 'Liquid water that is held against gravity.' },
  drainageMPerS: {
    mean: 3e-5,
    unit: 'm/s',
    reason:
      'Tuned so that strong melt (250 W/m²) leaves a groomed surface wet (3–8 % by volume), as a snowball tells.',
  },
  surfaces: {
    mean: {
      new: {
        densityKgPerM3: 150,
        albedo: 0.85,
        grain: { dendricity: 1, sphericity: 0.5 },
        grainMm: 0.3,
      },
      settled: {
        densityKgPerM3: 300,
        albedo: 0.8,
        grain: { dendricity: 0.15, sphericity: 0.53 },
        grainMm: 0.4,
      },
      groomed: {
        densityKgPerM3: 450,
        albedo: 0.76,
        grain: { dendricity: 0, sphericity: 0.75 },
        grainMm: 0.4,
      },
      machine_made: {
        densityKgPerM3: 550,
        albedo: 0.7,
        grain: { dendricity: 0, sphericity: 0.9 },
        grainMm: 0.3,
      },
    },
    unit: 'kg/m³, 1, mm',
    reason: 'Densities and albedo as models of the field have them; grains are the house’s.',
  },
  fallingDensityKgPerM3: { mean: 120, unit: 'kg/m³', reason: 'New snow in moderate cold.' },
  snowShare: {
    mean: { scale: 6.99e-5, perK: 2, offsetK: 3.97 },
    unit: '1, 1/K, K',
    reason: 'Share of snow by the wet bulb, half at +0.8 °C (Wang, Broxton, Fang et al. 2019).',
  },
  sphereCubePerVolume: {
    mean: 6 / Math.PI,
    unit: '1',
    source: 'Cube of the diameter by the volume of a sphere',
  },
  freshGrainMm: { mean: 0.3, unit: 'mm', reason: 'Arms of new crystals lie close together.' },
  crust: {
    mean: { wetPercent: 0.5, frozenC: -0.5, snowfallMm: 5 },
    unit: '% by volume, °C, mm',
    reason:
      'Snow that was wet and froze is a crust, until this much new snow covers it or a groomer breaks it.',
  },
  hoar: {
    mean: { fromKgPerM2: 0.05, fullKgPerM2: 0.1, sharpness: 0.9 },
    unit: 'kg/m², 1',
    reason:
      'From 50 g a square metre hoar covers the surface, and its blades are as sharp as new snow.',
  },
  roundingPerPass: {
    mean: { groomed: 0.35, skied: 0.01 },
    unit: '1',
    reason: 'Share of the way to a round, broken grain: a groomer mills, a skier polishes.',
  },
  usualPasses: {
    mean: { groomed: 2, skied: 50 },
    unit: '1',
    reason: 'A groomer tills there and back; a morning of skiers polishes.',
  },
  groomedDepthM: { mean: 0.1, unit: 'm', reason: 'How deep a tiller works.' },
  groomedGrainMm: { mean: 0.4, unit: 'mm', reason: 'What a tiller leaves of coarse grains.' },
  hiddenByShade: {
    mean: 0.5,
    unit: '1',
    reason: 'What keeps the beam off hides half as much of the sky.',
  },
  spread: {
    mean: {
      airObservedK: 0.5,
      airForecastK: 0.6,
      airPerLeadHourK: 0.03,
      airMostK: 3,
      humidity: 0.06,
      humidityPerLeadHour: 0.002,
      humidityMost: 0.25,
      cloudLogit: 1.2,
      windLog: 0.4,
      precipitationLog: 0.6,
      albedo: 0.05,
      roughnessLog: 0.7,
      startProfileK: 1,
    },
    unit: 'K, 1, log, by hours since the forecast was made',
    reason:
      'Standard deviations of what the ensemble perturbs: a forecast is worse the older it is.',
  },
  simpleForecast: {
    mean: {
      cloud: { clear: 0.05, partly_cloudy: 0.45, overcast: 0.95 },
      windMPerS: { calm: 0.5, light: 2, moderate: 5, strong: 9 },
      precipitationMmPerH: { light: 0.3, steady: 1, heavy: 2.5 },
      chance: { none: 0, possible: 0.3, likely: 0.7, certain: 0.95 },
      coolestH: 6,
      warmestH: 14,
      nightFromH: 18,
      nightHumidity: 0.9,
      wetHumidity: 0.92,
      leastHumidity: 0.2,
      olderH: 24,
    },
    unit: '1, m/s, mm/h, h',
    reason:
      'What the words of a forecast in two lines stand for. Its hours are as uncertain as those of a forecast a day older: nobody said when the air is coldest.',
  },
  curveStep: {
    mean: 2 ** -12,
    unit: '°C, %, 1',
    reason: 'A quarter of a thousandth: finer than any figure that is shown.',
  },
  clearestCloud: {
    mean: 0.01,
    unit: '1',
    reason: 'A sky is never known to be clear or covered beyond this share.',
  },
  persistenceH: {
    mean: 6,
    unit: 'h',
    reason: 'Hours over which an error of the weather persists.',
  },
  modelError: {
    mean: { venueK: 0.8, spotK: 0.8, persistenceH: 12, forgetsK: 1000 },
    unit: 'K, h, K',
    reason:
      'How far the contact temperature of the model is off: half of it for the whole venue, half for each place on its own. Where readings contradict each other so much that it would have to be this large, what was known of it before counts no more.',
  },
  shake: { mean: 0.2, unit: '1', source: 'Gordon et al. 1993, roughening of copied members' },
  resampleUnder: {
    mean: 1 / 3,
    unit: '1',
    reason: 'Members are drawn anew when so few still have weight.',
  },
  albedoRange: { mean: [0.3, 0.95], unit: '1', reason: 'From old wet to fresh dry snow.' },
  airRangeC: { mean: [-80, 50], unit: '°C', reason: 'No perturbed air leaves it.' },
  leastHumidity: { mean: 0.05, unit: '1', reason: 'Outdoor air over snow is never drier.' },
  members: { mean: 400, unit: '1', reason: 'The 80 % band is steady to 0.1 K.' },
  timeStepS: { mean: 300, unit: 's', reason: 'Short against the warming of the first layer.' },
  fineOutputS: { mean: 900, unit: 's', reason: 'Every 15 min up to three days.' },
  coarseOutputS: { mean: 3600, unit: 's', reason: 'Hourly beyond.' },
  fineUpToH: { mean: 72, unit: 'h', reason: 'Three days.' },
  sameNightH: {
    mean: 12,
    unit: 'h',
    reason: 'A groomer that was seen is the usual one of its night.',
  },
  groomedAfterStartH: { mean: 24, unit: 'h', reason: 'No outing is on snow longer.' },
  leastAfterStartH: {
    mean: 5,
    unit: 'h',
    reason: 'Looked at after the start, and longer where the outing is.',
  },
  runUp: {
    mean: { leastH: 36, mostH: 240, beforeH: 6, snowfallMm: 2, meltC: 1, meltH: 3 },
    unit: 'h, mm, °C',
    reason:
      'Back to the last snowfall or thaw within ten days, for what it made of the grains; long enough to forget the temperature it began with.',
  },
  reading: {
    mean: {
      leastSdC: 0.4,
      infraredSdC: 1.5,
      zeroWithinSd: 2,
      leastShare: 0.25,
      temperingStep: 1.6,
      mostTempering: 24,
      surprisedBeyondSd: 2.5,
    },
    unit: '°C, sd, 1',
    reason:
      'No probe in snow is better than 0.4 °C; infra-red sees the skin alone; of the members with a say a quarter keeps it.',
  },
  snowballSdPercent: {
    mean: [0.5, 1, 1.5, 2, 3],
    unit: '% by volume, from dry to soaked',
    reason: 'How far from its class a hand may judge the water.',
  },
  seenGrain: {
    mean: { sharpnessSd: 0.2, modelSd: 0.3, elsewhereSd: 0.3 },
    unit: '1',
    reason: 'How well a person sees a grain, and how well the model knows it.',
  },
  leastOutlookSdC: { mean: 0.3, unit: '°C', reason: 'No model knows a course better.' },
  longestBridgeH: {
    mean: 3,
    unit: 'h',
    reason: 'A straight line over a longer gap hides a front.',
  },
  grainShape: {
    mean: {
      PP: { dendricity: 1, sphericity: 0.5 },
      DF: { dendricity: 0.35, sphericity: 0.55 },
      RG: { dendricity: 0, sphericity: 0.8 },
      FC: { dendricity: 0, sphericity: 0.1 },
      MF: { dendricity: 0, sphericity: 1 },
      refrozen_crust: { dendricity: 0, sphericity: 0.85 },
      MM: { dendricity: 0, sphericity: 0.9 },
    },
    unit: '1',
    reason:
      'New, rounded and machine-made snow follow the published bounds (Brun 1992; Vionnet 2012); those between are the house’s.',
  },
  grainSharpness: {
    mean: {
      PP: [0.55, 1],
      DF: [0.25, 0.85],
      RG: [0, 0.4],
      FC: [0.2, 0.7],
      MF: [0, 0.25],
      refrozen_crust: [0, 0.5],
      MM: [0, 0.6],
    },
    unit: '1, from and to',
    reason: 'What a person may judge of a grain class by eye or finger.',
  },
  settledSharpness: { mean: 0.35, unit: '1', reason: 'Neutral point of the ledger.' },
  guess: {
    mean: {
      night: { clear: [-6.5, 3], partly_cloudy: [-5, 3], overcast: [-2, 2] },
      dawn: { clear: [-9.5, 3], partly_cloudy: [-7.5, 3], overcast: [-2.5, 2] },
      midday: { clear: [-4.5, 3], partly_cloudy: [-3, 2.5], overcast: [-0.5, 2] },
      dusk: { clear: [-6.5, 2.5], partly_cloudy: [-5.5, 2.5], overcast: [-1.5, 2] },
    },
    unit: 'K from the air, K spread',
    reason:
      'Mean and spread of the model’s own runs over winds of 0.7 to 3 m/s and settled, groomed and machine-made snow in January, to half a kelvin; a test runs them again.',
  },
  wellBelowAirK: { mean: -2.5, unit: 'K', reason: 'From here a person calls it much colder.' },
} as const satisfies FigureTable;

export const SNOW = valuesOf(SNOW_FIGURES);

/** Within what values of the snow are believed. */
export const SNOW_LIMITS = {
  temperatureC: { range: [-90, 0], unit: '°C', reason: 'Snow is never warmer than 0 °C.' },
  layers: { range: [2, 2000], unit: '1', reason: 'More costs time and tells nothing.' },
  densityKgPerM3: { range: [50, 917], unit: 'kg/m³', reason: 'From wild snow to ice.' },
  members: { range: [1, 2000], unit: '1', reason: 'More costs time and tells nothing.' },
  timeStepS: { range: [10, 900], unit: 's', reason: 'Where the column stays accurate.' },
  readingSdC: { range: [0.05, 20], unit: '°C', reason: 'No reading is exact.' },
  guessAirC: { range: [-60, 40], unit: '°C', reason: 'Where the table of guesses holds.' },
} as const satisfies LimitTable;
