import { SNOW } from '../figures';
import type { Mistake } from '../../errors';
import { airAt, type AirAtTime } from './air-at';
import { snowAt, type SnowAtTime } from './at-time';
import type { StationWeather } from './carry';
import { gapMistake, weatherGaps } from './forcing';
import { placeInput, type OutlookPlace, type SpotReading } from './plan';
import type { Outlook, OutlookInput, SurfaceEvent, WeatherSample } from './types';

/** Everyone who looks at the same course sees the same figures. */
const OUTLOOK_OPTIONS = { members: SNOW.members, seed: 1 };

/** Why there can be no outlook. */
export type NoOutlook =
  | Extract<Mistake, { code: 'no_weather' | 'weather_gap' }>
  | { code: 'weather_misses_start' | 'no_position' };

/** What an outlook is made of, or why there can be none. */
export type OutlookPlan =
  | {
      ok: true;
      input: OutlookInput;
      weather: WeatherSample[];
      endsBeforeStart: boolean;
      bridged: number;
    }
  | { ok: false; reason: NoOutlook };

interface Course {
  places: readonly OutlookPlace[];
  stations: readonly StationWeather[];
  readings: readonly SpotReading[];
  events?: readonly SurfaceEvent[];
}

/** Which outlook of a course is meant. */
interface OutlookTarget {
  place: OutlookPlace;
  position: { latitude?: number; longitude?: number };
  startMs: number;
  /** How long the skis are on snow, h; the outlook reaches to its end. */
  hoursOnSnow?: number;
}

/** The input for one place of a course, after a look at the weather it has. */
export function planOutlook(
  course: Course,
  { place, position, startMs, hoursOnSnow }: OutlookTarget,
): OutlookPlan {
  const { latitude, longitude } = position;
  if (latitude === undefined || longitude === undefined) {
    return { ok: false, reason: { code: 'no_position' } };
  }
  if (course.stations.every((station) => station.weather.length === 0)) {
    return { ok: false, reason: { code: 'no_weather' } };
  }
  const input = placeInput(place, {
    position: { latitude, longitude },
    stations: course.stations,
    startMs,
    hoursOnSnow,
    readings: course.readings,
    events: course.events,
    isWholeCourse: course.places.length === 1,
    options: OUTLOOK_OPTIONS,
  });
  const weather = [...input.weather];
  if (weather.length < 2) {
    return { ok: false, reason: { code: 'weather_misses_start' } };
  }
  const { tooLong, bridged } = weatherGaps(weather);
  if (tooLong[0]) {
    return { ok: false, reason: gapMistake(tooLong[0]) };
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
export interface StartSnow extends AirAtTime {
  snow: SnowAtTime;
}

/** The start in an outlook; undefined when the weather ends before it: nothing is extrapolated. */
export function startSnow(
  outlook: Outlook,
  weather: readonly WeatherSample[],
  startMs: number,
): StartSnow | undefined {
  const snow = snowAt(outlook, startMs);
  const air = airAt(weather, startMs);
  return snow && air && { snow, ...air };
}
