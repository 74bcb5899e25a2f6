import { between } from './between';
import {
  contactTemperature,
  contactWaterPercent,
  stepColumn,
  type ColumnState,
  type ColumnStep,
  type ContactProbe,
  type SurfaceForcing,
} from './column';
import {
  CLOUD_LOGIT_SPREAD,
  CLOUD_POWER,
  CLOUD_SHADE,
  COLDEST_AIR_C,
  COLD_DARKENING_PER_DAY,
  CONTACT_DEPTH_M,
  DAY_S,
  FRESH_ALBEDO,
  HOUR_S,
  LEAST_ALBEDO,
  LEAST_HUMIDITY,
  MELT_DARKENING_PER_DAY,
  PRECIPITATION_LOG_SPREAD,
  RENEWING_SNOWFALL_MM,
  WARMEST_AIR_C,
  WATER_DENSITY,
  WIND_LOG_SPREAD,
} from './constants';
import { ageGrainInto, coverWithSnow, type Grains } from './grain';
import { snowShareAt } from './precipitation';
import { surfaceFluxInto, type AirForcing, type LinearFlux } from './surface-flux';
import { rememberSurface, type SurfacePast } from './surface-past';
import { WeatherError } from './weather-error';
import { wetBulbOf } from './wet-bulb';

/** The weather, one entry a step. */
export interface StepWeather {
  timeStepS: number;
  airTemperatureC: Doubles;
  humidityFraction: Doubles;
  windMPerS: Doubles;
  /** Logit of the cloud, kept off wholly clear and wholly covered. */
  cloudLogit: Doubles;
  precipitationMm: Doubles;
  /** Clear-sky irradiance on the flat, W/m². */
  clearSky: Doubles;
  /** Measured irradiance on the flat, W/m²; NaN where there is none. */
  measured: Doubles;
  /** Irradiance on this slope by that on the flat. */
  slopeRatio: Doubles;
  /** How far off the weather may be, one standard deviation: air in K, humidity as a fraction. */
  airSdK: Doubles;
  humiditySd: Doubles;
}

/** What each member has otherwise than the forecast. */
export interface Drawn {
  /** Errors of the weather, in standard deviations: a {@link WeatherError} each, member after member. */
  now: Doubles;
  /** Of the roughness of each member; see neutralExchange. */
  neutralExchange: Doubles;
}

/** An ensemble: all that a step of its members reads and writes. */
export interface Ensemble {
  members: i32;
  forcing: StepWeather;
  columns: ColumnState;
  step: ColumnStep;
  /** One a layer, kg/m³. */
  densities: Doubles;
  probe: ContactProbe;
  drawn: Drawn;
  albedo: Doubles;
  grains: Grains;
  hoar: Doubles;
  past: SurfacePast;
  pressureHPa: number;
  /** Share of the sky that trees or rock hide, 0…1. */
  hiddenSky: number;
}

const air: AirForcing = {
  airTemperatureC: 0,
  humidityFraction: 0,
  windMPerS: 0,
  cloudFraction: 0,
  pressureHPa: 0,
  neutralExchange: 0,
  hiddenSky: 0,
};
const flux: LinearFlux = { intercept: 0, slope: 0, vapourIntercept: 0, vapourSlope: 0 };
const reaching: SurfaceForcing = { intercept: 0, slope: 0, absorbedSun: 0, rain: 0 };

/** Carries all members through step `i` of the weather. */
export function stepMembers(ensemble: Ensemble, i: i32): void {
  for (let m = 0; m < ensemble.members; m += 1) stepMember(ensemble, m, i);
}

/** One step of one member: its air, its column, its hoar, albedo and grain. Allocation-free. */
function stepMember(ensemble: Ensemble, m: i32, i: i32): void {
  const forcing = ensemble.forcing;
  const columns = ensemble.columns;
  const probe = ensemble.probe;
  const dt = forcing.timeStepS;
  const precipitation = feelAir(ensemble, m, i);
  surfaceFluxInto(air, columns.surface[m]!, flux);
  const snowfall =
    precipitation > 0
      ? precipitation *
        snowShareAt(wetBulbOf(air.airTemperatureC, air.humidityFraction, air.pressureHPa))
      : 0;
  reaching.intercept = flux.intercept;
  reaching.slope = flux.slope;
  reaching.rain = precipitation - snowfall;
  reaching.absorbedSun = (1 - ensemble.albedo[m]!) * sunOnSlope(forcing, i, air.cloudFraction);
  stepColumn(columns, m, ensemble.step, reaching);

  const surfaceC = columns.surface[m]!;
  const vapour = (flux.vapourIntercept - flux.vapourSlope * surfaceC) * dt;
  const hoar = surfaceC < 0 ? ensemble.hoar[m]! + vapour : 0;
  ensemble.hoar[m] = hoar > 0 ? hoar : 0;
  const water = contactWaterPercent(columns, m, probe);
  const albedo = ensemble.albedo[m]!;
  ensemble.albedo[m] = albedoAfter(albedo, darkened(albedo, water > 0, dt / DAY_S), snowfall);
  const contactC = contactTemperature(columns, m, probe);
  const massPercent = (water * WATER_DENSITY) / ensemble.densities[0]!;
  const gradient = Math.abs(contactC - surfaceC) / CONTACT_DEPTH_M;
  ageGrainInto(ensemble.grains, m, contactC, gradient, massPercent, dt);
  if (snowfall > 0) coverWithSnow(ensemble.grains, m, snowfall, air.windMPerS);
  rememberSurface(ensemble.past, m, water, snowfall, dt / HOUR_S);
}

/** Sets the air of one member; gives what falls on it, mm. */
function feelAir(ensemble: Ensemble, m: i32, i: i32): number {
  const forcing = ensemble.forcing;
  const now = ensemble.drawn.now;
  const at = WeatherError.count * m;
  air.airTemperatureC = between(
    forcing.airTemperatureC[i]! + forcing.airSdK[i]! * now[at + WeatherError.air]!,
    COLDEST_AIR_C,
    WARMEST_AIR_C,
  );
  air.humidityFraction = between(
    forcing.humidityFraction[i]! + forcing.humiditySd[i]! * now[at + WeatherError.humidity]!,
    LEAST_HUMIDITY,
    1,
  );
  const cloudLogit = forcing.cloudLogit[i]! + CLOUD_LOGIT_SPREAD * now[at + WeatherError.cloud]!;
  air.cloudFraction = 1 / (1 + Math.exp(-cloudLogit));
  air.windMPerS = forcing.windMPerS[i]! * Math.exp(WIND_LOG_SPREAD * now[at + WeatherError.wind]!);
  air.pressureHPa = ensemble.pressureHPa;
  air.neutralExchange = ensemble.drawn.neutralExchange[m]!;
  air.hiddenSky = ensemble.hiddenSky;
  const precipitation = forcing.precipitationMm[i]!;
  if (!(precipitation > 0)) return 0;
  return precipitation * Math.exp(PRECIPITATION_LOG_SPREAD * now[at + WeatherError.precipitation]!);
}

function sunOnSlope(forcing: StepWeather, i: i32, cloud: number): number {
  const clear = forcing.clearSky[i]!;
  if (clear === 0) return 0;
  const measured = forcing.measured[i]!;
  if (measured >= 0) return measured * forcing.slopeRatio[i]!;
  const factor = cloud > 0 ? 1 - CLOUD_SHADE * Math.exp(CLOUD_POWER * Math.log(cloud)) : 1;
  return clear * factor * forcing.slopeRatio[i]!;
}

/** The albedo after some days without new snow: old snow is darker, and wet snow soon (Douville et al. 1995). */
function darkened(albedo: number, isWet: boolean, days: number): number {
  if (!isWet) return albedo - COLD_DARKENING_PER_DAY * days;
  return LEAST_ALBEDO + (albedo - LEAST_ALBEDO) * Math.exp(-MELT_DARKENING_PER_DAY * days);
}

/** The albedo after a step: new snow, mm of water, is bright again; none gets darker than the darkest of old snow. */
function albedoAfter(old: number, darker: number, snowfallMm: number): number {
  const share = Math.min(1, snowfallMm / RENEWING_SNOWFALL_MM);
  const renewed = darker + (FRESH_ALBEDO - darker) * share;
  return renewed > LEAST_ALBEDO || renewed > old ? renewed : Math.min(old, LEAST_ALBEDO);
}
