import { FAHRENHEIT, KILOMETRES_PER_MILE, METRES_PER_FOOT } from './constants';
import { requireWithin } from '../errors';

const { perKelvin, atZeroC } = FAHRENHEIT;

/** °C to °F. Any finite value. Example: −40 → −40; 0 → 32. */
export function fahrenheitFromCelsius(temperatureC: number): number {
  return (
    requireWithin('temperatureC', { value: temperatureC, low: -1e4, high: 1e4 }) * perKelvin +
    atZeroC
  );
}

/** °F to °C. Any finite value. Example: 14 → −10. */
export function celsiusFromFahrenheit(temperatureF: number): number {
  return (
    (requireWithin('temperatureF', { value: temperatureF, low: -1e4, high: 1e4 }) - atZeroC) /
    perKelvin
  );
}

/** m to ft (international foot, exact). Example: 304.8 → 1000. */
export function feetFromMetres(lengthM: number): number {
  return lengthM / METRES_PER_FOOT;
}

/** ft to m (international foot, exact). Example: 1000 → 304.8. */
export function metresFromFeet(lengthFt: number): number {
  return lengthFt * METRES_PER_FOOT;
}

/** km to mi (international mile, exact). Example: 42 → 26.1. */
export function milesFromKilometres(distanceKm: number): number {
  return distanceKm / KILOMETRES_PER_MILE;
}

/** mi to km (international mile, exact). Example: 10 → 16.09344. */
export function kilometresFromMiles(distanceMi: number): number {
  return distanceMi * KILOMETRES_PER_MILE;
}
