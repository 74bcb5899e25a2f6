import type { SlopeAspect } from '../../sun';

/** Hourly or so: the air at a place. Times in ms since 1970. */
export interface WeatherSample {
  timeMs: number;
  airTemperatureC: number;
  /** Over water. */
  humidityFraction: number;
  windMPerS: number;
  cloudFraction: number;
  /** Fallen since the sample before, mm of water. */
  precipitationMm?: number;
  /** On the flat, measured; without it the sun is computed. */
  globalRadiationWPerM2?: number;
}

export const SURFACE_KINDS = ['new', 'settled', 'groomed', 'machine_made'] as const;
export type SurfaceKind = (typeof SURFACE_KINDS)[number];

export interface OutlookSite extends SlopeAspect {
  latitude: number;
  longitude: number;
  altitudeM: number;
}

/** The snow surface at the start of the weather; what is absent follows from the kind. */
export interface OutlookSurface {
  kind: SurfaceKind;
  densityKgPerM3?: number;
  albedo?: number;
  startTemperatureC?: number;
  dendricity?: number;
  sphericity?: number;
}

/** A measured contact temperature (1–2 cm) with its standard deviation. */
export interface ContactReading {
  timeMs: number;
  temperatureC: number;
  sdC: number;
}

/** Grooming or traffic at a time. */
export interface SurfaceEvent {
  timeMs: number;
  kind: 'grooming' | 'traffic';
  passes: number;
}

export interface OutlookInput {
  site: OutlookSite;
  surface: OutlookSurface;
  weather: readonly WeatherSample[];
  readings?: readonly ContactReading[];
  events?: readonly SurfaceEvent[];
  members?: number;
  seed?: number;
  timeStepS?: number;
  layers?: number;
  /** Times at which every member is wanted, not the bands alone. */
  memberTimesMs?: readonly number[];
}

/** 10th, 50th and 90th percentile at each output time. */
export interface Band {
  p10: number[];
  p50: number[];
  p90: number[];
}

/** The members of an outlook at one time, as many equally likely ones, coldest first. */
export interface MemberSnow {
  timeMs: number;
  /** Contact temperature, °C. */
  temperatureC: Float32Array;
  waterPercent: Float32Array;
  sharpness: Float32Array;
  /** Over water, 0…1. */
  humidity: Float32Array;
}

export interface Outlook {
  timesMs: number[];
  surfaceTemperatureC: Band;
  contactTemperatureC: Band;
  liquidWaterPercent: Band;
  sharpness: Band;
  dendricity: Band;
  sphericity: Band;
  hoarKgPerM2: Band;
  humidityOverIceFraction: number[];
  effectiveMembers: number;
  energyResidualRelative: number;
  modelVersion: string;
  /** One for each of `memberTimesMs`. */
  members?: MemberSnow[];
}
