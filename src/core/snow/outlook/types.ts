import type { SlopeAspect } from '../../sun';
import type { Grain, Wetness } from '../../terms';

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
  /** Hours from when the forecast was made; 0: observed. Absent: made at the first sample. */
  leadH?: number;
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

/** What was measured and seen of the snow at a time; what is absent was not looked at. */
export interface ContactReading {
  timeMs: number;
  /** At 1–2 cm, °C, with its standard deviation; by infra-red of the surface. */
  temperatureC: number;
  sdC: number;
  isInfrared?: boolean;
  /** By the snowball. */
  wetness?: Wetness;
  grain?: Grain;
  /** Another spot of the venue that it was taken at; absent: here. */
  elsewhere?: string;
}

export const SURFACE_EVENT_KINDS = ['groomed', 'skied'] as const;
export type SurfaceEventKind = (typeof SURFACE_EVENT_KINDS)[number];

/** Grooming or traffic at a time; absent passes: the usual ones. */
export interface SurfaceEvent {
  timeMs: number;
  kind: SurfaceEventKind;
  passes?: number;
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
  /** 1: was wet and froze. */
  isCrust: Uint8Array;
  /** Absent: not known. */
  grainMm?: Float32Array;
  /** Over water, 0…1. */
  humidity: Float32Array;
}

type Median = Pick<Band, 'p50'>;

/** What of an outlook is drawn and read at a time. */
export interface OutlookCurves {
  timesMs: number[];
  contactTemperatureC: Band;
  surfaceTemperatureC: Median;
  liquidWaterPercent: Median;
  sharpness: Median;
  hoarKgPerM2: Median;
  humidityOverIceFraction: number[];
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
  grainSizeMm: Band;
  /** Since the surface last held free water, h; as long as the run-up where it never did. */
  hoursSinceWet: Band;
  /** Share of the members with a refrozen crust, 0…1. */
  crustFraction: number[];
  humidityOverIceFraction: number[];
  effectiveMembers: number;
  /** How far the last reading lay from what the weather explains, K, where it did: check probe and weather. */
  surpriseK?: number;
  energyResidualRelative: number;
  modelVersion: string;
  /** One for each of `memberTimesMs`. */
  members?: MemberSnow[];
}
