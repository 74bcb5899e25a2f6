import { contactTemperature, contactWaterPercent, stepColumn, surfaceFluxInto } from '../column';
import type { Forcing } from './forcing';
import { ageGrainInto, coverWithSnow } from './grain-step';
import { ERROR_OF, PERTURBED } from './perturbations';
import { rememberSurface } from './surface-memory';
import type { State } from './state';
import { PHYSICS } from '../../constants';
import { DAY_S, HOUR_S } from '../../units/constants';
import { SNOW } from '../figures';
import { snowShare } from '../precipitation';

const { waterDensity: WATER_DENSITY } = PHYSICS;
const { contactDepthM: CONTACT_DEPTH_M } = SNOW;

const { hiddenByShade: HIDDEN_BY_SHADE } = SNOW;
const {
  fresh: FRESH_ALBEDO,
  least: LEAST_ALBEDO,
  coldPerDay: COLD_DARKENING_PER_DAY,
  meltPerDay: MELT_DARKENING_PER_DAY,
  renewingSnowfallMm: RENEWING_SNOWFALL_MM,
} = PHYSICS.albedo;
const { most: CLOUD_SHADE, power: CLOUD_POWER } = PHYSICS.cloudShade;
const { spread: SPREAD } = SNOW;
const [COLDEST_AIR_C, WARMEST_AIR_C] = SNOW.airRangeC;

const air = {
  airTemperatureC: 0,
  humidityFraction: 0,
  windMPerS: 0,
  cloudFraction: 0,
  pressureHPa: 0,
  neutralExchange: 0,
  hiddenSky: 0,
};
const flux = { intercept: 0, slope: 0, vapourIntercept: 0, vapourSlope: 0 };
const reaching = { intercept: 0, slope: 0, absorbedSun: 0, rain: 0 };
const between = (value: number, low: number, high: number) =>
  value < low ? low : value > high ? high : value;

/** One step of one member: its air, its column, its hoar, albedo and grain. Allocation-free. */
export function stepMember(state: State, m: number, i: number): void {
  const { forcing, columns, drawn, probe } = state;
  const { now } = drawn;
  const dt = forcing.timeStepS;
  const at = PERTURBED * m;
  air.airTemperatureC = between(
    forcing.airTemperatureC[i]! + forcing.airSdK[i]! * now[at + ERROR_OF.air]!,
    COLDEST_AIR_C,
    WARMEST_AIR_C,
  );
  air.humidityFraction = between(
    forcing.humidityFraction[i]! + forcing.humiditySd[i]! * now[at + ERROR_OF.humidity]!,
    SNOW.leastHumidity,
    1,
  );
  const cloudLogit = forcing.cloudLogit[i]! + SPREAD.cloudLogit * now[at + ERROR_OF.cloud]!;
  air.cloudFraction = 1 / (1 + Math.exp(-cloudLogit));
  air.windMPerS = forcing.windMPerS[i]! * Math.exp(SPREAD.windLog * now[at + ERROR_OF.wind]!);
  air.pressureHPa = state.pressureHPa;
  air.neutralExchange = drawn.neutralExchange[m]!;
  air.hiddenSky = HIDDEN_BY_SHADE * state.input.site.shadeFraction;
  surfaceFluxInto(air, columns.surface[m]!, flux);
  const precipitation =
    forcing.precipitationMm[i]! > 0
      ? forcing.precipitationMm[i]! *
        Math.exp(SPREAD.precipitationLog * now[at + ERROR_OF.precipitation]!)
      : 0;
  const snowfall = precipitation > 0 ? precipitation * snowShare(air) : 0;
  reaching.intercept = flux.intercept;
  reaching.slope = flux.slope;
  reaching.rain = precipitation - snowfall;
  reaching.absorbedSun = (1 - state.albedo[m]!) * sunOnSlope(forcing, i, air.cloudFraction);
  stepColumn(columns, m, state.step, reaching);

  const surfaceC = columns.surface[m]!;
  const vapour = (flux.vapourIntercept - flux.vapourSlope * surfaceC) * dt;
  const hoar = surfaceC < 0 ? state.hoar[m]! + vapour : 0;
  state.hoar[m] = hoar > 0 ? hoar : 0;
  const water = contactWaterPercent(columns, m, probe);
  darken(state, m, snowfall, water > 0, dt / DAY_S);
  const contactC = contactTemperature(columns, m, probe);
  const massPercent = (water * WATER_DENSITY) / state.densities[0]!;
  const gradient = Math.abs(contactC - surfaceC) / CONTACT_DEPTH_M;
  ageGrainInto(state.grains, m, contactC, gradient, massPercent, dt);
  if (snowfall > 0) coverWithSnow(state.grains, m, snowfall, air.windMPerS);
  rememberSurface(state.past, m, { waterPercent: water, snowfallMm: snowfall, hours: dt / HOUR_S });
}

function sunOnSlope(forcing: Forcing, i: number, cloud: number): number {
  const clear = forcing.clearSky[i]!;
  if (clear === 0) return 0;
  const measured = forcing.measured[i]!;
  if (measured >= 0) return measured * forcing.slopeRatio[i]!;
  const factor = cloud > 0 ? 1 - CLOUD_SHADE * Math.exp(CLOUD_POWER * Math.log(cloud)) : 1;
  return clear * factor * forcing.slopeRatio[i]!;
}

function darken(state: State, m: number, snowfall: number, isWet: boolean, days: number): void {
  const old = state.albedo[m]!;
  const darker = isWet
    ? LEAST_ALBEDO + (old - LEAST_ALBEDO) * Math.exp(-MELT_DARKENING_PER_DAY * days)
    : old - COLD_DARKENING_PER_DAY * days;
  const renewed =
    snowfall > 0
      ? darker + (FRESH_ALBEDO - darker) * Math.min(1, snowfall / RENEWING_SNOWFALL_MM)
      : darker;
  state.albedo[m] = renewed > LEAST_ALBEDO || renewed > old ? renewed : Math.min(old, LEAST_ALBEDO);
}
