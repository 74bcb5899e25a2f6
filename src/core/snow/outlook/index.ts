export { airAt } from './air-at';
export type { AirAtTime } from './air-at';
export { curvesOf, snowAt, wetnessOf } from './at-time';
export type { SnowAtTime } from './at-time';
export { carryWeather } from './carry';
export type { StationWeather } from './carry';
export { LONGEST_BRIDGE_H, weatherGaps } from './forcing';
export type { WeatherGap } from './forcing';
export { isAtPlace, placeInput, weatherAbout } from './plan';
export type { OutlookPlace, SpotReading } from './plan';
export { outlook, outlookRun } from './run';
export { MOST_MEMBERS } from './state';
export type { OutlookRun } from './run';
export { planOutlook, startSnow } from './start-snow';
export type { NoOutlook, OutlookPlan, StartSnow } from './start-snow';
export { SURFACE_EVENT_KINDS, SURFACE_KINDS } from './types';
export type {
  Band,
  ContactReading,
  MemberSnow,
  Outlook,
  OutlookCurves,
  OutlookInput,
  OutlookSite,
  OutlookSurface,
  SurfaceEvent,
  SurfaceEventKind,
  SurfaceKind,
  WeatherSample,
} from './types';
