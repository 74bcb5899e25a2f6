import { valuesOf, type FigureTable, type LimitTable } from '../figure';

/** Figures of grip: bench practice put into numbers, each with its reason. */
export const GRIP_FIGURES = {
  stickLayerMm: { mean: 0.025, unit: 'mm', reason: 'What corking leaves of a stick layer.' },
  klisterLayerMm: { mean: 0.15, unit: 'mm', reason: 'What spreading leaves of a klister layer.' },
  clearanceMm: {
    mean: 0.1,
    unit: 'mm',
    reason: 'A free ski glides with this much air between wax and snow at half weight.',
  },
  zoneLayers: { mean: 3, unit: '1', reason: 'The zone has room for so many stick layers.' },
  feelerMm: { mean: 0.2, unit: 'mm', reason: 'A feeler or a sheet of paper of the field test.' },
  heelBehindPinCm: {
    mean: 30,
    unit: 'cm',
    reason: 'Without a measurement the zone goes as far ahead of the pin as the heel is behind it.',
  },
  closedMm: {
    mean: 0.05,
    unit: 'mm',
    reason: 'A gap as small as this is closed: the snow gives so much.',
  },
  pressedShare: {
    mean: 0.6,
    unit: '1',
    reason: 'With less of the zone pressed down at full weight the skier has no kick.',
  },
  softHalfMm: { mean: 0.25, unit: 'mm', reason: 'With less at half weight the wax drags.' },
  aheadShare: {
    mean: 0.55,
    unit: '1',
    reason: 'The binding stands a little behind the middle of the ski.',
  },
  tipCm: { mean: 20, unit: 'cm', reason: 'No grip zone ends nearer to the tip.' },
  leastPoints: { mean: 3, unit: '1', reason: 'Fewer places do not show a pocket.' },
  mostWeightShare: {
    mean: 1.6,
    unit: '1',
    reason: 'Farther from the weight it was measured with, a spring’s straight line says nothing.',
  },
  closingMost: { mean: 9.9, unit: '1', reason: 'A place that no weight closes.' },
  klisterShare: { mean: 0.75, unit: '1', reason: 'Klister stays shorter than stick wax in front.' },
  defaultSkiCm: { mean: 200, unit: 'cm', reason: 'A usual classic ski.' },
  slipPerK2: { mean: 0.3, unit: '% per K²', reason: 'A grip wax that is too hard slips.' },
  dragPerK2: { mean: 0.18, unit: '% per K²', reason: 'One that is too soft drags and ices up.' },
  offMiddlePerK2: {
    mean: 0.002,
    unit: '% per K²',
    reason: 'The middle decides between two that both fit.',
  },
  leansPercent: {
    mean: 0.02,
    unit: '%',
    reason: 'From here on it is called hard or soft for the day.',
  },
  flatShareOfSpan: {
    mean: 0.35,
    unit: '1',
    reason: 'Inside its label a grip wax is good over this share about its middle.',
  },
  newFromSharpness: {
    mean: 0.5,
    unit: '1',
    reason: 'Sharper snow counts as new for a grip label.',
  },
  machineMadeC: { mean: -1, unit: '°C', reason: 'Machine-made snow wears and is sharp.' },
  humidityPerSpanC: { mean: 1, unit: '°C', reason: 'Moist air wants softer.' },
  moistC: { mean: 0.8, unit: '°C', reason: 'Water lets grains slide.' },
  wetC: { mean: 2, unit: '°C', reason: 'Water lets grains slide.' },
  veryWetC: { mean: 3, unit: '°C', reason: 'Water lets grains slide.' },
  soakedC: { mean: 4, unit: '°C', reason: 'Water lets grains slide.' },
  glazedC: { mean: -1, unit: '°C', reason: 'Ice wears soft wax off.' },
  newSharperC: { mean: -0.8, unit: '°C', reason: 'Sharp new crystals dig in deep.' },
  warmAirC: { mean: 0.5, unit: '°C', reason: 'From here on dry snow may turn wet.' },
  wearKm: {
    mean: { klister: 40, soft: 30, machineMade: 10, refrozen: 5, glazed: 3, boundFactor: 3 },
    unit: 'km, 1',
    reason: 'How far a waxing holds: far on soft snow, little on ice, thrice as far over a binder.',
  },
  layers: { mean: { least: 3, most: 6 }, unit: '1', reason: 'Practice of stick waxing.' },
  binderFromKm: { mean: 30, unit: 'km', reason: 'A longer way wants a binder.' },
} as const satisfies FigureTable;

export const GRIP = valuesOf(GRIP_FIGURES);

/** Within what a fit is believed. */
export const GRIP_LIMITS = {
  gapMm: { range: [0, 20], unit: 'mm', reason: 'No ski arches higher.' },
  weightKg: { range: [20, 180], unit: 'kg', reason: 'Skiers with their load.' },
  skiLengthCm: { range: [80, 230], unit: 'cm', reason: 'From children’s to the longest skis.' },
  heelBehindPinCm: { range: [18, 40], unit: 'cm', reason: 'From children’s to the largest boots.' },
} as const satisfies LimitTable;
