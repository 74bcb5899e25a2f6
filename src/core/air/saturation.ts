import { PHYSICS } from '../constants';
import { DomainError, requireIn, requireWithin } from '../errors';
import { overIceHPa, overWaterHPa } from '../kernel/saturation';
import { AIR_LIMITS } from './figures';

const { magnusWater: WATER, magnusIce: ICE } = PHYSICS;

function temperatureOver(m: typeof WATER | typeof ICE, vapourPressureHPa: number): number {
  if (!(vapourPressureHPa > 0) || !Number.isFinite(vapourPressureHPa)) {
    throw new DomainError({ code: 'out_of_range', low: 0 }, 'vapourPressureHPa', vapourPressureHPa);
  }
  const logRatio = Math.log(vapourPressureHPa / m.scaleHPa);
  return (m.offsetC * logRatio) / (m.slope - logRatio);
}

/**
 * Saturation vapour pressure over liquid water, hPa, also below 0 °C (WMO-No. 8, Sonntag).
 * `temperatureC` −90…60, otherwise DomainError. Example: −15 °C → 1.9187 hPa.
 */
export function saturationOverWaterHPa(temperatureC: number): number {
  return overWaterHPa(requireIn('temperatureC', temperatureC, AIR_LIMITS.temperatureC));
}

/**
 * Saturation vapour pressure over ice, hPa (WMO-No. 8, Sonntag).
 * `temperatureC` −90…60, otherwise DomainError. Example: −15 °C → 1.6529 hPa.
 */
export function saturationOverIceHPa(temperatureC: number): number {
  return overIceHPa(requireIn('temperatureC', temperatureC, AIR_LIMITS.temperatureC));
}

/**
 * Vapour pressure of the air, hPa, from humidity over water as instruments report it.
 * `humidityFraction` 0…1, otherwise DomainError. Example: −15 °C, 0.86 → 1.6501 hPa.
 */
export function vapourPressureHPa(temperatureC: number, humidityFraction: number): number {
  return (
    requireWithin('humidityFraction', { value: humidityFraction, low: 0, high: 1 }) *
    saturationOverWaterHPa(temperatureC)
  );
}

/**
 * Humidity over ice as a fraction (may exceed 1) from humidity over water.
 * Example: −15 °C, 0.86 → 0.9983: saturation over ice, so hoar is laid down.
 */
export function humidityOverIceFraction(temperatureC: number, humidityFraction: number): number {
  return vapourPressureHPa(temperatureC, humidityFraction) / saturationOverIceHPa(temperatureC);
}

/** Dew point, °C: the inverse of {@link saturationOverWaterHPa}. Vapour pressure > 0 hPa, otherwise DomainError. */
export function dewPointC(vapourPressure: number): number {
  return temperatureOver(WATER, vapourPressure);
}

/** Frost point, °C: the inverse of {@link saturationOverIceHPa}. Vapour pressure > 0 hPa, otherwise DomainError. */
export function frostPointC(vapourPressure: number): number {
  return temperatureOver(ICE, vapourPressure);
}
