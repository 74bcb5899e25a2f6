import type { LimitTable } from '../figure';

/** Within what the air is believed. */
export const AIR_LIMITS = {
  altitudeM: {
    range: [-500, 9000],
    unit: 'm',
    reason: 'Where people ski, and the model of the air holds.',
  },
  pressureHPa: {
    range: [300, 1100],
    unit: 'hPa',
    reason: 'From the highest summits to below the sea.',
  },
  temperatureC: {
    range: [-90, 60],
    unit: '°C',
    reason: 'Colder and hotter has not been measured.',
  },
} as const satisfies LimitTable;
