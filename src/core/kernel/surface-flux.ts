import {
  AIR_HEAT_CAPACITY,
  COLDEST_SURFACE_C,
  DRY_AIR_GAS,
  GRAVITY,
  ICE_OFFSET_C,
  ICE_SLOPE,
  KARMAN,
  LEAST_WIND_M_PER_S,
  MEASURING_HEIGHT_M,
  MELTING_K,
  MOLAR_RATIO,
  SKY_CLOUD,
  SKY_DRY,
  SKY_MOIST,
  SNOW_EMISSIVITY,
  STABLE,
  STEFAN_BOLTZMANN,
  SUBLIMATION_HEAT,
  UNSTABLE,
  WINDLESS_EXCHANGE,
} from './constants';
import { overIceHPa, overWaterHPa } from './saturation';

/** Air at the snow. */
export interface AirForcing {
  airTemperatureC: number;
  humidityFraction: number;
  windMPerS: number;
  cloudFraction: number;
  pressureHPa: number;
  /** Of the surface; see neutralExchange. */
  neutralExchange: number;
  /** Share of the sky that trees or rock hide, 0…1; they radiate at the air's temperature. */
  hiddenSky: number;
}

/** The surface flux as a straight line, W/m²: intercept − slope·T(°C); vapour to the snow, kg/m²/s, likewise. */
export interface LinearFlux {
  intercept: number;
  slope: number;
  vapourIntercept: number;
  vapourSlope: number;
}

/**
 * Down-welling long wave, W/m²: `[(0.23 + 0.443·(e/T)^⅛)(1 − N³) + 0.963·N³]·σT⁴`, e in Pa, T in K
 * (Konzelmann et al. 1994).
 */
export function skyLongWave(
  airTemperatureC: number,
  vapourPressureHPa: number,
  cloudFraction: number,
): number {
  const kelvin = airTemperatureC + MELTING_K;
  const eighthRoot = Math.sqrt(Math.sqrt(Math.sqrt((100 * vapourPressureHPa) / kelvin)));
  const cube = cloudFraction * cloudFraction * cloudFraction;
  const emissivity = (SKY_DRY + SKY_MOIST * eighthRoot) * (1 - cube) + SKY_CLOUD * cube;
  return emissivity * STEFAN_BOLTZMANN * kelvin * kelvin * kelvin * kelvin;
}

/** Bulk exchange coefficient of neutral air over a surface of this roughness, m: (κ/ln(z/z₀))². */
export function neutralExchange(roughnessM: number): number {
  const root = KARMAN / Math.log(MEASURING_HEIGHT_M / roughnessM);
  return root * root;
}

/** Stability factor of the bulk exchange by the Richardson number: 1/(1+10 Ri) stable, √(1−16 Ri) unstable. */
export function stabilityFactor(richardson: number): number {
  return richardson >= 0 ? 1 / (1 + STABLE * richardson) : Math.sqrt(1 - UNSTABLE * richardson);
}

/**
 * Long-wave, sensible and latent heat at the snow surface, W/m² into the snow, linearised about the
 * surface temperature of the step before, °C. Bulk exchange over 2 m with stability; a windless
 * exchange when stable (Jordan 1991); vapour over ice. Writes to `out`; no allocation.
 */
export function surfaceFluxInto(air: AirForcing, surfaceC: number, out: LinearFlux): void {
  const t = surfaceC < COLDEST_SURFACE_C ? COLDEST_SURFACE_C : surfaceC;
  const airK = air.airTemperatureC + MELTING_K;
  const surfaceK = t + MELTING_K;
  const vapour = air.humidityFraction * overWaterHPa(air.airTemperatureC);
  const cubed = surfaceK * surfaceK * surfaceK;
  const emission = SNOW_EMISSIVITY * STEFAN_BOLTZMANN * cubed * surfaceK;
  const sky = skyLongWave(air.airTemperatureC, vapour, air.cloudFraction);
  const trees = SNOW_EMISSIVITY * STEFAN_BOLTZMANN * airK * airK * airK * airK;
  const longWave = SNOW_EMISSIVITY * (sky + air.hiddenSky * (trees - sky)) - emission;
  // The slope of a fourth power: twice twice the cube.
  const longWaveSlope = 2 * 2 * SNOW_EMISSIVITY * STEFAN_BOLTZMANN * cubed;

  const wind = air.windMPerS < LEAST_WIND_M_PER_S ? LEAST_WIND_M_PER_S : air.windMPerS;
  const excess = air.airTemperatureC - t;
  const richardson =
    (GRAVITY * MEASURING_HEIGHT_M * excess) / (0.5 * (airK + surfaceK) * wind * wind);
  const exchange = air.neutralExchange * stabilityFactor(richardson) * wind;
  const density = (100 * air.pressureHPa) / (DRY_AIR_GAS * airK);
  const sensibleSlope =
    density * AIR_HEAT_CAPACITY * exchange + (excess > 0 ? WINDLESS_EXCHANGE : 0);

  const saturated = overIceHPa(t);
  // d ln e / dt over ice is slope·offset/(offset + t)².
  const saturatedSlope =
    (saturated * ICE_SLOPE * ICE_OFFSET_C) / ((ICE_OFFSET_C + t) * (ICE_OFFSET_C + t));
  const vapourExchange = (density * MOLAR_RATIO * exchange) / air.pressureHPa;
  const vapourFlux = vapourExchange * (vapour - saturated);
  const vapourSlope = vapourExchange * saturatedSlope;

  const slope = longWaveSlope + sensibleSlope + SUBLIMATION_HEAT * vapourSlope;
  out.slope = slope;
  out.intercept = longWave + sensibleSlope * excess + SUBLIMATION_HEAT * vapourFlux + slope * t;
  out.vapourSlope = vapourSlope;
  out.vapourIntercept = vapourFlux + vapourSlope * t;
}
