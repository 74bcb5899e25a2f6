import { HOUR_MS } from '../../constants';
import type { SlopeAspect } from '../../sun';
import { SNOW } from '../figures';
import { carryWeather, type StationWeather } from './carry';
import type {
  ContactReading,
  OutlookInput,
  OutlookSurface,
  SurfaceKind,
  WeatherSample,
} from './types';

/** A place of a course to look at. */
export interface OutlookPlace extends SlopeAspect {
  name: string;
  altitudeM: number;
  exposure: number;
  surface: SurfaceKind;
}

/** A reading with the words of its spot, as people note it. */
export interface SpotReading extends ContactReading {
  spot?: string;
}

const {
  runUpH: RUN_UP_H,
  afterStartH: AFTER_START_H,
  otherSpotSdC: OTHER_SPOT_SD_C,
  leastProbeSdC: LEAST_PROBE_SD_C,
} = SNOW;

/** The part of the weather that matters for a start: 36 h before to 5 h after. */
export function weatherAbout(weather: readonly WeatherSample[], startMs: number): WeatherSample[] {
  return weather.filter(
    ({ timeMs }) =>
      timeMs >= startMs - RUN_UP_H * HOUR_MS && timeMs <= startMs + AFTER_START_H * HOUR_MS,
  );
}

/** True when a reading's spot names the place: “Stadium, in the shade” names Stadium. */
export const isAtPlace = (spot: string | undefined, place: string): boolean =>
  spot !== undefined && spot.trim().toLowerCase().startsWith(place.trim().toLowerCase());

/**
 * The outlook of one place of a course about a start: station weather carried there, and every reading of
 * the outing, at its own spread where its spot names the place, wider elsewhere.
 */
export function placeInput(
  place: OutlookPlace,
  {
    position,
    stations,
    startMs,
    readings,
    options,
  }: {
    position: { latitude: number; longitude: number };
    stations: readonly StationWeather[];
    startMs: number;
    readings: readonly SpotReading[];
    options: { members: number; seed: number };
  },
): OutlookInput {
  const weather = weatherAbout(carryWeather(stations, place.altitudeM, place.exposure), startMs);
  const surface: OutlookSurface = { kind: place.surface };
  const [firstMs, lastMs] = [weather[0]?.timeMs ?? 0, weather.at(-1)?.timeMs ?? 0];
  return {
    site: {
      ...position,
      altitudeM: place.altitudeM,
      slopeDeg: place.slopeDeg,
      aspectDeg: place.aspectDeg,
      shadeFraction: place.shadeFraction,
    },
    surface,
    weather,
    readings: readings
      .filter(({ timeMs }) => timeMs >= firstMs && timeMs <= lastMs)
      .map(({ timeMs, temperatureC, sdC, spot }) => ({
        timeMs,
        temperatureC,
        sdC: isAtPlace(spot, place.name)
          ? Math.max(LEAST_PROBE_SD_C, sdC)
          : Math.hypot(Math.max(LEAST_PROBE_SD_C, sdC), OTHER_SPOT_SD_C),
      })),
    ...options,
  };
}
