export { LONGEST_BRIDGE_H, weatherGaps } from './forcing';
export type { WeatherGap } from './forcing';
export { MOST_MEMBERS, outlook, outlookRun, weatherHours } from './run';
export type { OutlookRun } from './run';
export { SURFACES } from './surfaces';
export { SURFACE_KINDS } from './types';
export type {
  Band,
  ContactReading,
  Outlook,
  OutlookInput,
  OutlookSite,
  OutlookSurface,
  SurfaceEvent,
  SurfaceKind,
  WeatherSample,
} from './types';
