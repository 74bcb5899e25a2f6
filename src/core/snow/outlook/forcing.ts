import { HOUR_MS } from '../../units/constants';
import { DomainError } from '../../errors';
import { clearSkyGlobal, cloudFactor, slopeRatio, sunPosition } from '../../sun';
import { SNOW } from '../figures';
import type { StepWeather } from '../../kernel';
import type { OutlookSite, WeatherSample } from './types';

/** Missing hours up to here are bridged by a straight line. */
export const LONGEST_BRIDGE_H = SNOW.longestBridgeH;

/** The weather on even steps; entry i holds the middle of step i, and times its end. */
export interface Forcing extends StepWeather {
  steps: number;
  startMs: number;
  cloudFraction: Float64Array;
}

/** Hours between samples that are further apart than they should be. */
export interface WeatherGap {
  fromMs: number;
  toMs: number;
}

/**
 * Gaps of the weather: bridged ones (over an hour and a half, up to three hours between samples more than
 * one hour apart) and those too long to bridge. Samples in order of time, otherwise DomainError.
 */
export function weatherGaps(weather: readonly WeatherSample[]): {
  bridged: WeatherGap[];
  tooLong: WeatherGap[];
} {
  const bridged: WeatherGap[] = [];
  const tooLong: WeatherGap[] = [];
  for (let i = 1; i < weather.length; i += 1) {
    const fromMs = weather[i - 1]!.timeMs;
    const toMs = weather[i]!.timeMs;
    if (!(toMs > fromMs)) {
      throw new DomainError({ code: 'not_in_order' }, `weather[${i}].time`, toMs);
    }
    const missingHours = (toMs - fromMs) / HOUR_MS - 1;
    if (missingHours > LONGEST_BRIDGE_H) tooLong.push({ fromMs, toMs });
    else if (missingHours > 0.5) bridged.push({ fromMs, toMs });
  }
  return { bridged, tooLong };
}

/** The mistake of weather with a gap too long to bridge. */
export const gapMistake = ({ fromMs, toMs }: WeatherGap) =>
  ({
    code: 'weather_gap',
    mostHours: LONGEST_BRIDGE_H,
    from: new Date(fromMs).toISOString(),
    to: new Date(toMs).toISOString(),
  }) as const;

/**
 * Carries the weather to even steps from the first sample to the last: straight lines between
 * samples, precipitation spread over the time since the sample before, the sun computed.
 * At least two samples; no gap over three hours, otherwise DomainError `weather_gap`.
 */
export function forcingFrom(
  weather: readonly WeatherSample[],
  site: OutlookSite,
  timeStepS: number,
): Forcing {
  if (weather.length < 2) {
    throw new DomainError({ code: 'too_short', leastHours: 2 }, 'weather', weather.length);
  }
  const gap = weatherGaps(weather).tooLong[0];
  if (gap) {
    throw new DomainError(gapMistake(gap), 'weather', gap);
  }
  const startMs = weather[0]!.timeMs;
  const stepMs = timeStepS * 1000;
  const steps = Math.floor((weather.at(-1)!.timeMs - startMs) / stepMs);
  const make = () => new Float64Array(steps);
  const forcing: Forcing = {
    steps,
    startMs,
    timeStepS,
    airTemperatureC: make(),
    humidityFraction: make(),
    windMPerS: make(),
    cloudFraction: make(),
    cloudLogit: make(),
    precipitationMm: make(),
    clearSky: make(),
    measured: make(),
    slopeRatio: make(),
    airSdK: make(),
    humiditySd: make(),
  };
  let next = 1;
  for (let i = 0; i < steps; i += 1) {
    const middleMs = startMs + (i + 0.5) * stepMs;
    while (weather[next]!.timeMs < middleMs) next += 1;
    fillStep(forcing, i, weather[next - 1]!, weather[next]!, middleMs);
    fillSpread(forcing, i, weather[next]!.leadH ?? (middleMs - startMs) / HOUR_MS);
    fillSun(forcing, i, site, middleMs);
  }
  return forcing;
}

function fillStep(
  forcing: Forcing,
  i: number,
  before: WeatherSample,
  after: WeatherSample,
  timeMs: number,
): void {
  const spanMs = after.timeMs - before.timeMs;
  const share = (timeMs - before.timeMs) / spanMs;
  const between = (a: number, b: number) => a + share * (b - a);
  forcing.airTemperatureC[i] = between(before.airTemperatureC, after.airTemperatureC);
  forcing.humidityFraction[i] = between(before.humidityFraction, after.humidityFraction);
  forcing.windMPerS[i] = between(before.windMPerS, after.windMPerS);
  forcing.cloudFraction[i] = between(before.cloudFraction, after.cloudFraction);
  const cloud = Math.min(
    1 - SNOW.clearestCloud,
    Math.max(SNOW.clearestCloud, forcing.cloudFraction[i]),
  );
  forcing.cloudLogit[i] = Math.log(cloud / (1 - cloud));
  forcing.precipitationMm[i] = ((after.precipitationMm ?? 0) * forcing.timeStepS * 1000) / spanMs;
  forcing.measured[i] =
    before.globalRadiationWPerM2 !== undefined && after.globalRadiationWPerM2 !== undefined
      ? between(before.globalRadiationWPerM2, after.globalRadiationWPerM2)
      : NaN;
}

/** Errors of the weather grow with the hours since the forecast was made (house). */
function fillSpread(forcing: Forcing, i: number, leadH: number): void {
  const { spread } = SNOW;
  const isObserved = leadH <= 0;
  forcing.airSdK[i] = isObserved
    ? spread.airObservedK
    : Math.min(spread.airMostK, spread.airForecastK + spread.airPerLeadHourK * leadH);
  forcing.humiditySd[i] = Math.min(
    spread.humidityMost,
    spread.humidity + spread.humidityPerLeadHour * Math.max(0, leadH),
  );
}

function fillSun(forcing: Forcing, i: number, site: OutlookSite, timeMs: number): void {
  const { altitudeDeg, azimuthDeg } = sunPosition(timeMs, site.latitude, site.longitude);
  const clear = clearSkyGlobal(altitudeDeg);
  const typical = Number.isNaN(forcing.measured[i]!)
    ? clear * cloudFactor(forcing.cloudFraction[i]!)
    : forcing.measured[i]!;
  forcing.clearSky[i] = clear;
  forcing.slopeRatio[i] = slopeRatio(typical, {
    sunAltitudeDeg: altitudeDeg,
    sunAzimuthDeg: azimuthDeg,
    site,
  });
}
