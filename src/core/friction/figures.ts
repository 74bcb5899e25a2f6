import { valuesOf, type FigureTable, type LimitTable } from '../figure';

/** What gliding friction is, and with what a skier goes against it. */
export const FRICTION_FIGURES = {
  base: {
    mean: {
      least: 0.024,
      perColdK: 0.001,
      coldBelowC: -3,
      firstWater: 0.002,
      perWaterPercent: 0.0012,
      perSharpness: 0.01,
    },
    unit: '1, 1/K, °C, 1, 1/%, 1',
    reason:
      'House; the order of magnitude of Colbeck 1994 and Buhl, Fauve and Rhyner 2001: least a little below 0 °C, more in cold, sharp and wet snow.',
  },
  powerWPerKg: {
    mean: { race: 3.6, training: 2.6, recreation: 1.8, touring: 1.8 },
    unit: 'W/kg',
    reason: 'What a trained skier keeps up for an hour, by purpose.',
  },
  skier: {
    mean: { massKg: 80, dragAreaM2: 0.4, tuckAreaM2: 0.25, fastestMPerS: 15 },
    unit: 'kg, m², m², m/s',
    reason: 'An adult with boots and skis, upright and in a tuck; faster than that one brakes.',
  },
  thirds: {
    mean: { up: 0.04, flat: 0, down: -0.04 },
    unit: '1',
    reason: 'A course nobody entered: a third up, a third flat, a third down.',
  },
  downhill: {
    mean: { slope: 0.27, gatesPerM: 0.009, straightPerM: 0.002 },
    unit: '1, 1/m, 1/m',
    reason: 'A medium slope of 15°; drag over mass, in gates much more than straight down.',
  },
  dryUntilPercent: {
    mean: 0.5,
    unit: '% by volume',
    reason: 'With so much free water snow stands at 0 °C.',
  },
  sharpBiteUntilPercent: {
    mean: 1.5,
    unit: '% by volume',
    reason: 'With so much free water points of grains are round.',
  },
  solver: {
    mean: { fastestMPerS: 100, steps: 60 },
    unit: 'm/s, 1',
    reason: 'A steady speed is found to the last digit; a dozen steps do.',
  },
  lossTable: {
    mean: { stepPercent: 0.5 },
    unit: '%',
    reason: 'Seconds go with the loss in all but a straight line.',
  },
} as const satisfies FigureTable;

/** Within what friction is believed. */
export const FRICTION_LIMITS = {
  temperatureC: { range: [-90, 0], unit: '°C', reason: 'Snow is never warmer than 0 °C.' },
  waterPercent: { range: [0, 100], unit: '%', reason: 'A share of the volume.' },
  sharpness: { range: [0, 1], unit: '1', reason: 'From round to new.' },
} as const satisfies LimitTable;

export const FRICTION = valuesOf(FRICTION_FIGURES);
