import {
  SURFACE_KINDS,
  type OutlookPlace,
  type SpotReading,
  type StationWeather,
  type SurfaceEvent,
  type SurfaceKind,
  type WeatherSample,
} from '../snow/outlook';
import type { FieldsOf } from './field';

/** A stretch of a course with one lie of the land. */
export interface Segment {
  name: string;
  lengthM: number;
  altitudeM: number;
  slopeDeg: number;
  aspectDeg: number;
  shadeFraction: number;
  /** Wind by that of the station, 0.1…1.5. */
  exposure: number;
  surface: SurfaceKind;
}

/** What no track tells of a segment, until somebody says it: a little shade, the station's wind, groomed. */
export const USUAL_LIE = {
  shadeFraction: 0.2,
  exposure: 1,
  surface: 'groomed',
} as const satisfies Partial<Segment>;

/** A station of a venue with its weather, in order of time. */
export interface Station {
  id: string;
  name: string;
  altitudeM: number;
  weather: WeatherSample[];
  /** Where the latest of it came from and when it was made; undefined without weather. */
  source?: string;
  takenInAt?: string;
}

/** All that an outlook of an outing's course needs. */
export interface CourseData {
  places: (OutlookPlace & { lengthM: number })[];
  stations: (StationWeather & { name: string; source?: string; takenInAt?: string })[];
  /** Measured ones; a guess has no say. */
  readings: SpotReading[];
  /** Grooming and traffic: as entered, else as usual here. */
  events: SurfaceEvent[];
}

/** The fields of a segment. */
export const SEGMENT_FIELDS = {
  name: { type: 'text', most: 40, isRequired: true },
  lengthM: { type: 'number', range: [10, 100_000], unit: 'm', isRequired: true },
  altitudeM: { type: 'number', range: [-100, 5000], unit: 'm', isRequired: true },
  slopeDeg: { type: 'number', range: [0, 60], unit: '°', isRequired: true },
  aspectDeg: { type: 'number', range: [0, 360], unit: '°', isRequired: true },
  shadeFraction: { type: 'number', range: [0, 1], unit: '%', isRequired: true },
  exposure: { type: 'number', range: [0.1, 1.5], unit: '', isRequired: true },
  surface: { type: 'choice', of: SURFACE_KINDS, isRequired: true },
} as const satisfies FieldsOf<Segment>;

/** The fields of a station. */
export const STATION_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  name: { type: 'text', most: 60, isRequired: true },
  altitudeM: { type: 'number', range: [-100, 5000], unit: 'm', isRequired: true },
} as const satisfies FieldsOf<Pick<Station, 'id' | 'name' | 'altitudeM'>>;

/** The fields of an hour of weather; the ranges are what any station on Earth may read. */
export const WEATHER_FIELDS = {
  timeMs: { type: 'instant', isRequired: true, column: 'time' },
  airTemperatureC: { type: 'number', range: [-60, 40], unit: '°C', isRequired: true },
  humidityFraction: { type: 'number', range: [0, 1], unit: '%', isRequired: true },
  windMPerS: { type: 'number', range: [0, 60], unit: 'm/s', isRequired: true },
  cloudFraction: { type: 'number', range: [0, 1], unit: '%', isRequired: true },
  precipitationMm: { type: 'number', range: [0, 100], unit: 'mm' },
  globalRadiationWPerM2: { type: 'number', range: [0, 1500], unit: 'W/m²' },
  leadH: { type: 'number', range: [0, 500], unit: 'h', isInternal: true, column: 'none' },
} as const satisfies FieldsOf<WeatherSample>;
