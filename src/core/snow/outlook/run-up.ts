import { stationPressureHPa } from '../../air';
import { HOUR_MS } from '../../units/constants';
import { SNOW } from '../figures';
import { snowShare } from '../precipitation';
import type { WeatherSample } from './types';

const { runUp: RUN_UP } = SNOW;

/** When the last spell of weather began in which enough of something came; undefined: there was none. */
function lastSpell(
  weather: readonly WeatherSample[],
  /** What came in the hours that a sample stands for. */
  amount: (sample: WeatherSample, hours: number) => number,
  enough: number,
): number | undefined {
  let sum = 0;
  let beganMs: number | undefined;
  for (let i = weather.length - 1; i >= 0; i -= 1) {
    const sample = weather[i]!;
    const hours = i > 0 ? (sample.timeMs - weather[i - 1]!.timeMs) / HOUR_MS : 1;
    const own = amount(sample, hours);
    if (own > 0) {
      sum += own;
      beganMs = sample.timeMs;
    } else if (beganMs !== undefined && beganMs - sample.timeMs > RUN_UP.beforeH * HOUR_MS) {
      if (sum >= enough) return beganMs;
      sum = 0;
      beganMs = undefined;
    }
  }
  return sum >= enough ? beganMs : undefined;
}

/**
 * From when on the weather matters for a start: some hours before the last snowfall or thaw, which made the grains,
 * within ten days; at least a day and a half before the start. Samples in order of time.
 */
export function runUpFrom(
  weather: readonly WeatherSample[],
  startMs: number,
  altitudeM: number,
): number {
  const pressureHPa = stationPressureHPa(altitudeM);
  const before = weather.filter(
    ({ timeMs }) => timeMs <= startMs && timeMs >= startMs - RUN_UP.mostH * HOUR_MS,
  );
  const snowfall = (sample: WeatherSample) =>
    (sample.precipitationMm ?? 0) * snowShare({ ...sample, pressureHPa });
  const isWarm = ({ airTemperatureC }: WeatherSample) => airTemperatureC > RUN_UP.meltC;
  const made = [
    lastSpell(before, snowfall, RUN_UP.snowfallMm),
    lastSpell(before, (sample, hours) => (isWarm(sample) ? hours : 0), RUN_UP.meltH),
  ].flatMap((ms) => ms ?? []);
  const leastMs = startMs - RUN_UP.leastH * HOUR_MS;
  if (made.length === 0) return leastMs;
  return Math.min(leastMs, Math.max(...made) - RUN_UP.beforeH * HOUR_MS);
}
