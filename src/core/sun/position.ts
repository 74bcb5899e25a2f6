import { getPosition, getTimes } from 'suncalc';
import { requireIn } from '../errors';
import { SUN_LIMITS } from './figures';

export interface SunPosition {
  /** Above the horizon, refraction included, degrees. */
  altitudeDeg: number;
  /** From north, clockwise, degrees. */
  azimuthDeg: number;
}

/** Position of the sun at an instant (ms since 1970) and place, within about 0.05°. */
export function sunPosition(timeMs: number, latitude: number, longitude: number): SunPosition {
  requireIn('latitude', latitude, SUN_LIMITS.latitude);
  requireIn('longitude', longitude, SUN_LIMITS.longitude);
  const { altitude, azimuth } = getPosition(new Date(timeMs), latitude, longitude);
  return { altitudeDeg: altitude, azimuthDeg: azimuth };
}

/** Sunrise and sunset of the instant's solar day, ms; undefined in polar night or midnight sun. */
export function sunTimes(timeMs: number, latitude: number, longitude: number) {
  const { sunrise, sunset } = getTimes(new Date(timeMs), latitude, longitude);
  return { riseMs: sunrise?.getTime(), setMs: sunset?.getTime() };
}
