import {
  PSYCHROMETER_PER_K,
  PSYCHROMETER_SLOPE_PER_K,
  WATER_OFFSET_C,
  WATER_SLOPE,
} from './constants';
import { overWaterHPa } from './saturation';

const TOLERANCE_K: number = 1e-9;

/**
 * Root of the psychrometric equation, °C, for air that nobody has checked; see wetBulbC. By Newton's method from the
 * air's own temperature: what is to vanish grows ever faster there, so that every step stays above the root.
 */
export function wetBulbOf(
  temperatureC: number,
  humidityFraction: number,
  pressureHPa: number,
): number {
  const vapour = humidityFraction * overWaterHPa(temperatureC);
  const perK = PSYCHROMETER_PER_K * pressureHPa;
  let wetC = temperatureC;
  let step = Infinity;
  while (step > TOLERANCE_K) {
    const saturated = overWaterHPa(wetC);
    const offset = WATER_OFFSET_C + wetC;
    const growth = (saturated * WATER_SLOPE * WATER_OFFSET_C) / (offset * offset);
    const factor = 1 + PSYCHROMETER_SLOPE_PER_K * wetC;
    const depression = temperatureC - wetC;
    const surplus = saturated - perK * factor * depression - vapour;
    step = surplus / (growth + perK * (factor - PSYCHROMETER_SLOPE_PER_K * depression));
    wetC -= step;
  }
  return wetC;
}
