import { HOUR_MS, MINUTE_MS } from '../constants';
import type { StartSnow } from '../snow/outlook';
import type { ChoiceBasis } from '../terms';
import type { SnowConditions } from './conditions';
import { HOUSE_LIMITS } from './figures';
import type { BasisReason } from './findings';

/** What a person saw that no outlook knows, or knows better than it. */
export type SeenSnow = Pick<SnowConditions, 'origin' | 'grain' | 'sharpness' | 'dirt' | 'glazed'>;

/**
 * The conditions at the start from the outlook: temperature, spread, humidity and wetness are modelled; what
 * a person saw of origin, grain, dirt and glaze overrides. Without a grain seen, the modelled sharpness.
 */
export function startConditions(start: StartSnow, seen: SeenSnow | undefined): SnowConditions {
  const { snow } = start;
  const hasGrain = seen?.grain !== undefined || seen?.sharpness !== undefined;
  return {
    temperatureC: Math.min(0, snow.contactC.p50),
    temperatureSdC: snow.contactSdC,
    humidityFraction: Math.min(1, Math.max(0, start.humidityFraction)),
    airTemperatureC: start.airTemperatureC,
    origin: seen?.origin ?? 'natural',
    grain: seen?.grain,
    sharpness: hasGrain ? seen.sharpness : snow.sharpness,
    wetness: snow.wetness,
    dirt: seen?.dirt ?? 'clean',
    glazed: seen?.glazed ?? false,
  };
}

/** What the snow is taken from, and why. */
export interface Basis {
  kind: ChoiceBasis;
  reason: BasisReason;
}

/**
 * A measured value wins over a modelled one at its time: a reading from half an hour before the start to
 * six hours after it is taken as it is; otherwise the outlook, which the readings have pulled, where there is one.
 */
export function basisOf(
  start: { snow: { timeMs: number } } | undefined,
  reading: { takenMs: number } | undefined,
): Basis | undefined {
  const sinceStart = reading && start ? reading.takenMs - start.snow.timeMs : NaN;
  if (
    sinceStart > HOUSE_LIMITS.measuredFromMin * MINUTE_MS &&
    sinceStart < HOUSE_LIMITS.measuredToH * HOUR_MS
  ) {
    return { kind: 'measured', reason: { code: 'measured_at_start' } };
  }
  if (start) {
    return { kind: 'modelled', reason: { code: 'modelled_for_start' } };
  }
  return reading && { kind: 'measured', reason: { code: 'last_reading' } };
}
