import { HOUR_MS } from '../../units/constants';
import type { SlopeAspect } from '../../sun';
import { SNOW } from '../figures';
import { runUpFrom } from './run-up';
import { carryWeather, type StationWeather } from './carry';
import type {
  ContactReading,
  OutlookInput,
  OutlookSurface,
  SurfaceEvent,
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
export interface SpotReading extends Omit<ContactReading, 'elsewhere'> {
  spot?: string;
}

const { leastAfterStartH: LEAST_AFTER_START_H } = SNOW;

/** What readings that do not say their spot are taken for: one other place of the course. */
const UNNAMED_SPOT = 'unnamed';

/** Which hours of a start are looked at. */
interface StartWindow {
  startMs: number;
  /** How long the skis are on snow, h. */
  hoursOnSnow?: number;
}

/** The part of the weather that matters for a start: from its run-up to the end of the hours on snow. */
export function weatherAbout(
  weather: readonly WeatherSample[],
  { startMs, hoursOnSnow = 0 }: StartWindow,
  altitudeM: number,
): WeatherSample[] {
  const fromMs = runUpFrom(weather, startMs, altitudeM);
  const untilMs = startMs + Math.max(LEAST_AFTER_START_H, Math.ceil(hoursOnSnow) + 1) * HOUR_MS;
  return weather.filter(({ timeMs }) => timeMs >= fromMs && timeMs <= untilMs);
}

/** True when a reading's spot names the place: “Stadium, in the shade” names Stadium. */
export const isAtPlace = (spot: string | undefined, place: string): boolean =>
  spot !== undefined && spot.trim().toLowerCase().startsWith(place.trim().toLowerCase());

const isGroomed = (surface: SurfaceKind) => surface === 'groomed' || surface === 'machine_made';

/**
 * The outlook of one place of a course about a start: station weather carried there, and every reading of
 * the outing: of this place where its spot names it, else of another one of the venue.
 */
export function placeInput(
  place: OutlookPlace,
  {
    position,
    stations,
    startMs,
    hoursOnSnow,
    readings,
    events = [],
    isWholeCourse = false,
    options,
  }: {
    position: { latitude: number; longitude: number };
    stations: readonly StationWeather[];
    readings: readonly SpotReading[];
    events?: readonly SurfaceEvent[];
    /** True where the course is this place alone: then every reading was taken at it. */
    isWholeCourse?: boolean;
    options: { members: number; seed: number };
  } & StartWindow,
): OutlookInput {
  const carried = carryWeather(stations, place.altitudeM, place.exposure);
  const weather = weatherAbout(carried, { startMs, hoursOnSnow }, place.altitudeM);
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
      .map(({ spot, ...reading }) =>
        isAtPlace(spot, place.name) || isWholeCourse
          ? reading
          : { ...reading, elsewhere: spot ?? UNNAMED_SPOT },
      ),
    events: events.filter(
      ({ timeMs, kind }) =>
        timeMs >= firstMs && timeMs <= lastMs && (kind === 'skied' || isGroomed(place.surface)),
    ),
    ...options,
  };
}
