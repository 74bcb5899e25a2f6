import { snowAt, type SnowAtTime } from './at-time';
import type { StationWeather } from './carry';
import { weatherGaps } from './forcing';
import { placeInput, type OutlookPlace, type SpotReading } from './plan';
import type { Outlook, OutlookInput, WeatherSample } from './types';

/** Everyone who looks at the same course sees the same figures. */
const OUTLOOK_OPTIONS = { members: 400, seed: 1 };

/** What an outlook is made of, or the sentence why there can be none. */
export type OutlookPlan =
  | {
      ok: true;
      input: OutlookInput;
      weather: WeatherSample[];
      endsBeforeStart: boolean;
      bridged: number;
    }
  | { ok: false; reason: string };

interface Course {
  places: readonly OutlookPlace[];
  stations: readonly StationWeather[];
  readings: readonly SpotReading[];
}

/** The input for one place of a course, after a look at the weather it has. */
export function planOutlook(
  course: Course,
  place: OutlookPlace,
  position: { latitude: number; longitude: number },
  startMs: number,
): OutlookPlan {
  if (course.stations.every((station) => station.weather.length === 0)) {
    return { ok: false, reason: 'There is no weather for this venue yet.' };
  }
  const input = placeInput(
    place,
    position,
    course.stations,
    startMs,
    course.readings,
    OUTLOOK_OPTIONS,
  );
  const weather = [...input.weather];
  if (weather.length < 2) {
    return { ok: false, reason: 'The weather there is does not reach the day of the start.' };
  }
  const { tooLong, bridged } = weatherGaps(weather);
  if (tooLong[0]) {
    const [from, to] = [tooLong[0].fromMs, tooLong[0].toMs].map((ms) => new Date(ms).toISOString());
    return {
      ok: false,
      reason: `The weather has a gap of over 3 h, from ${from} to ${to}: fill it in.`,
    };
  }
  return {
    ok: true,
    input,
    weather,
    endsBeforeStart: weather.at(-1)!.timeMs < startMs,
    bridged: bridged.length,
  };
}

/** The snow and the air of one place at the start. */
export interface StartSnow {
  snow: SnowAtTime;
  airTemperatureC: number;
  humidityFraction: number;
}

/** The start in an outlook; undefined when the weather ends before it: nothing is extrapolated. */
export function startSnow(
  outlook: Outlook,
  weather: readonly WeatherSample[],
  startMs: number,
): StartSnow | undefined {
  const snow = snowAt(outlook, startMs);
  const after = weather.findIndex((sample) => sample.timeMs >= startMs);
  if (!snow || after < 0) return undefined;
  const b = weather[after]!;
  const a = weather[Math.max(0, after - 1)]!;
  const share = b.timeMs > a.timeMs ? (startMs - a.timeMs) / (b.timeMs - a.timeMs) : 0;
  return {
    snow,
    airTemperatureC: a.airTemperatureC + share * (b.airTemperatureC - a.airTemperatureC),
    humidityFraction: a.humidityFraction + share * (b.humidityFraction - a.humidityFraction),
  };
}
