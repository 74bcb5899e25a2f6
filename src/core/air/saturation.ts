import { DomainError, requireWithin } from '../errors';

/** Magnus coefficients after Sonntag (1990), as in WMO-No. 8 (2018), annex 4.B; valid −45…+60 °C (water), −65…0 °C (ice). */
const WATER = { scaleHPa: 6.112, slope: 17.62, offsetC: 243.12 };
const ICE = { scaleHPa: 6.112, slope: 22.46, offsetC: 272.62 };
const COLDEST_C = -90;
const WARMEST_C = 60;

type Magnus = typeof WATER;

const pressureOver = (m: Magnus, temperatureC: number) =>
  m.scaleHPa * Math.exp((m.slope * temperatureC) / (m.offsetC + temperatureC));

function temperatureOver(m: Magnus, vapourPressureHPa: number): number {
  if (!(vapourPressureHPa > 0) || !Number.isFinite(vapourPressureHPa)) {
    throw new DomainError(
      'out_of_range',
      'vapourPressureHPa',
      vapourPressureHPa,
      'vapourPressureHPa must be above 0',
    );
  }
  const logRatio = Math.log(vapourPressureHPa / m.scaleHPa);
  return (m.offsetC * logRatio) / (m.slope - logRatio);
}

/**
 * Saturation vapour pressure over liquid water, hPa, also below 0 °C (WMO-No. 8, Sonntag).
 * `temperatureC` −90…60, otherwise DomainError. Example: −15 °C → 1.9187 hPa.
 */
export function saturationOverWaterHPa(temperatureC: number): number {
  return pressureOver(WATER, requireWithin('temperatureC', temperatureC, COLDEST_C, WARMEST_C));
}

/**
 * Saturation vapour pressure over ice, hPa (WMO-No. 8, Sonntag).
 * `temperatureC` −90…60, otherwise DomainError. Example: −15 °C → 1.6529 hPa.
 */
export function saturationOverIceHPa(temperatureC: number): number {
  return pressureOver(ICE, requireWithin('temperatureC', temperatureC, COLDEST_C, WARMEST_C));
}

/**
 * Vapour pressure of the air, hPa, from humidity over water as instruments report it.
 * `humidityFraction` 0…1, otherwise DomainError. Example: −15 °C, 0.86 → 1.6501 hPa.
 */
export function vapourPressureHPa(temperatureC: number, humidityFraction: number): number {
  return (
    requireWithin('humidityFraction', humidityFraction, 0, 1) * saturationOverWaterHPa(temperatureC)
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
