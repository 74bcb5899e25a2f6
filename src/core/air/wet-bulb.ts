import { PHYSICS } from '../constants';
import { requireIn } from '../errors';
import { AIR_LIMITS } from './figures';
import { saturationOverWaterHPa, vapourPressureHPa } from './saturation';

const TOLERANCE_K = 1e-6;

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
  requireIn('pressureHPa', pressureHPa, AIR_LIMITS.pressureHPa);
  const { perK, slopePerK } = PHYSICS.psychrometer;
  const vapour = vapourPressureHPa(temperatureC, humidityFraction);
  const surplus = (wetC: number) =>
    saturationOverWaterHPa(wetC) -
    perK * (1 + slopePerK * wetC) * pressureHPa * (temperatureC - wetC) -
    vapour;
  // The wet bulb lies above what the driest air could do, and within what saturation covers.
  let low = Math.max(
    temperatureC - AIR_LIMITS.temperatureC.range[1],
    AIR_LIMITS.temperatureC.range[0],
  );
  let high = temperatureC;
  while (high - low > TOLERANCE_K) {
    const middle = 0.5 * (low + high);
    if (surplus(middle) > 0) high = middle;
    else low = middle;
  }
  return 0.5 * (low + high);
}
