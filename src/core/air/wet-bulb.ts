import { requireIn, requireWithin } from '../errors';
import { wetBulbOf } from '../kernel/wet-bulb';
import { AIR_LIMITS } from './figures';

/**
 * Wet-bulb temperature over liquid water, °C, from the psychrometric equation
 * `e = e_w(t_w) − A(1 + B·t_w)·p·(t − t_w)` (WMO-No. 8). `humidityFraction` 0…1 over water,
 * `pressureHPa` 300…1100, otherwise DomainError. Accurate to 1e-9 K of that equation.
 * Example: 0 °C, 0.50, 1000 hPa → about −2.9 °C.
 */
export function wetBulbC(
  temperatureC: number,
  humidityFraction: number,
  pressureHPa: number,
): number {
  requireIn('pressureHPa', pressureHPa, AIR_LIMITS.pressureHPa);
  requireIn('temperatureC', temperatureC, AIR_LIMITS.temperatureC);
  requireWithin('humidityFraction', { value: humidityFraction, low: 0, high: 1 });
  return wetBulbOf(temperatureC, humidityFraction, pressureHPa);
}
