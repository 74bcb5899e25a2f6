import { PHYSICS } from '../constants';
import { requireIn } from '../errors';
import { AIR_LIMITS } from './figures';

export const STANDARD_LAPSE_K_PER_M = PHYSICS.standardLapseKPerM;

/**
 * Station pressure of the standard atmosphere, hPa. `altitudeM` −500…9000, otherwise DomainError.
 * Example: 0 m → 1013.25; 1500 m → 845.6.
 */
export function stationPressureHPa(altitudeM: number): number {
  requireIn('altitudeM', altitudeM, AIR_LIMITS.altitudeM);
  const { seaLevelHPa, seaLevelK, pressureExponent } = PHYSICS;
  return (
    seaLevelHPa * Math.pow(1 - (STANDARD_LAPSE_K_PER_M * altitudeM) / seaLevelK, pressureExponent)
  );
}

/**
 * Air temperature carried from one altitude to another, °C; `lapseKPerM` is positive when it
 * grows colder upward (0.0065 unless an inversion or a second station says otherwise).
 * Example: −4 °C at 600 m → −7.9 °C at 1200 m.
 */
export function airTemperatureAtC(
  temperatureC: number,
  {
    fromAltitudeM,
    toAltitudeM,
    lapseKPerM = STANDARD_LAPSE_K_PER_M,
  }: { fromAltitudeM: number; toAltitudeM: number; lapseKPerM?: number },
): number {
  return temperatureC - lapseKPerM * (toAltitudeM - fromAltitudeM);
}
