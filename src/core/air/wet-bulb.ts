import { requireWithin } from '../errors';
import { saturationOverWaterHPa, vapourPressureHPa } from './saturation';

/** Psychrometer coefficient of a ventilated (Assmann) psychrometer, 1/K: WMO-No. 8 (2018), annex 4.B. */
const PSYCHROMETER_PER_K = 6.53e-4;
const PSYCHROMETER_SLOPE_PER_K = 9.44e-4;
const TOLERANCE_K = 1e-6;
const MOST_HALVINGS = 60;

/**
 * Wet-bulb temperature over liquid water, °C, by bisection of the psychrometric equation
 * `e = e_w(t_w) − A(1 + B·t_w)·p·(t − t_w)` (WMO-No. 8). `humidityFraction` 0…1 over water,
 * `pressureHPa` 300…1100, otherwise DomainError. Accurate to 1e-6 K of that equation.
 * Example: 0 °C, 0.50, 1000 hPa → about −2.9 °C.
 */
export function wetBulbC(
  temperatureC: number,
  humidityFraction: number,
  pressureHPa: number,
): number {
  requireWithin('pressureHPa', pressureHPa, 300, 1100);
  const vapour = vapourPressureHPa(temperatureC, humidityFraction);
  const surplus = (wetC: number) =>
    saturationOverWaterHPa(wetC) -
    PSYCHROMETER_PER_K *
      (1 + PSYCHROMETER_SLOPE_PER_K * wetC) *
      pressureHPa *
      (temperatureC - wetC) -
    vapour;
  let low = Math.max(temperatureC - 40, -89);
  let high = temperatureC;
  for (let i = 0; i < MOST_HALVINGS && high - low > TOLERANCE_K; i += 1) {
    const middle = 0.5 * (low + high);
    if (surplus(middle) > 0) high = middle;
    else low = middle;
  }
  return 0.5 * (low + high);
}
