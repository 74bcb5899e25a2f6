import { requireWithin } from '../errors';

/** ICAO standard atmosphere (1976): sea-level pressure, hPa; temperature, K; lapse, K/m; exponent g·M/(R·L). */
const SEA_LEVEL_HPA = 1013.25;
const SEA_LEVEL_K = 288.15;
export const STANDARD_LAPSE_K_PER_M = 0.0065;
const EXPONENT = 5.25588;

/**
 * Station pressure of the standard atmosphere, hPa. `altitudeM` −500…9000, otherwise DomainError.
 * Example: 0 m → 1013.25; 1500 m → 845.6.
 */
export function stationPressureHPa(altitudeM: number): number {
  requireWithin('altitudeM', altitudeM, -500, 9000);
  return SEA_LEVEL_HPA * Math.pow(1 - (STANDARD_LAPSE_K_PER_M * altitudeM) / SEA_LEVEL_K, EXPONENT);
}

/**
 * Air temperature carried from one altitude to another, °C; `lapseKPerM` is positive when it
 * grows colder upward (0.0065 unless an inversion or a second station says otherwise).
 * Example: −4 °C at 600 m → −7.9 °C at 1200 m.
 */
export function airTemperatureAtC(
  temperatureC: number,
  fromAltitudeM: number,
  toAltitudeM: number,
  lapseKPerM: number = STANDARD_LAPSE_K_PER_M,
): number {
  return temperatureC - lapseKPerM * (toAltitudeM - fromAltitudeM);
}
