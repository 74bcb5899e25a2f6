import type { LimitTable } from '../figure';

export const RADIANS = Math.PI / 180;
/** Below this sine of the sun's altitude a beam on a slope is not trusted to geometry. */
export const LEAST_SINE = 0.05;

/** Angles of the sky and the earth. */
export const SUN_LIMITS = {
  altitudeDeg: { range: [-90, 90], unit: '°', reason: 'From straight down to straight up.' },
  latitude: { range: [-90, 90], unit: '°', reason: 'From pole to pole.' },
  longitude: { range: [-180, 180], unit: '°', reason: 'Once around.' },
} as const satisfies LimitTable;
