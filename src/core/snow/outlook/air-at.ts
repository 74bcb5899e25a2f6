import type { WeatherSample } from './types';

/** The air at one moment. */
export interface AirAtTime {
  airTemperatureC: number;
  humidityFraction: number;
}

/**
 * The air at a time, on a straight line between the samples about it; before the first sample it is the first one's.
 * Undefined after the last: nothing is extrapolated. Samples in order of time.
 */
export function airAt(weather: readonly WeatherSample[], timeMs: number): AirAtTime | undefined {
  const after = weather.findIndex((sample) => sample.timeMs >= timeMs);
  if (after < 0) return undefined;
  const b = weather[after]!;
  const a = weather[Math.max(0, after - 1)]!;
  const spanMs = b.timeMs - a.timeMs;
  const share = spanMs > 0 ? (timeMs - a.timeMs) / spanMs : 0;
  return {
    airTemperatureC: a.airTemperatureC + share * (b.airTemperatureC - a.airTemperatureC),
    humidityFraction: a.humidityFraction + share * (b.humidityFraction - a.humidityFraction),
  };
}
