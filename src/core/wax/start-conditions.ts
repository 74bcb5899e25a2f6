import type { StartSnow } from '../snow/outlook';
import type { ChoiceBasis } from '../terms';
import type { SnowConditions } from './conditions';

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

const BEFORE_START_MS = 30 * 60_000;
const AFTER_START_MS = 6 * 3_600_000;

/** What the snow is taken from, and why. */
export interface Basis {
  kind: ChoiceBasis;
  reason: string;
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
  if (sinceStart > -BEFORE_START_MS && sinceStart < AFTER_START_MS) {
    return {
      kind: 'measured',
      reason: 'Measured at the time of the start: it wins over the model.',
    };
  }
  if (start) {
    return {
      kind: 'modelled',
      reason: 'Modelled for the start, pulled by the readings there are.',
    };
  }
  return (
    reading && { kind: 'measured', reason: 'The last reading; there is no weather for the start.' }
  );
}
