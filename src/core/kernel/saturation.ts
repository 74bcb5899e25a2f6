import {
  ICE_OFFSET_C,
  ICE_SCALE_HPA,
  ICE_SLOPE,
  WATER_OFFSET_C,
  WATER_SCALE_HPA,
  WATER_SLOPE,
} from './constants';

/** Saturation vapour pressure over water, hPa, at a temperature in °C that nobody has checked. */
export function overWaterHPa(temperatureC: number): number {
  return WATER_SCALE_HPA * Math.exp((WATER_SLOPE * temperatureC) / (WATER_OFFSET_C + temperatureC));
}

/** The same over ice. */
export function overIceHPa(temperatureC: number): number {
  return ICE_SCALE_HPA * Math.exp((ICE_SLOPE * temperatureC) / (ICE_OFFSET_C + temperatureC));
}
