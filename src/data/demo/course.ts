import { SEGMENT_FIELDS, type Segment } from '../../core/model';
import type { WeatherSample } from '../../core/snow/outlook';

const HOUR_MS = 3_600_000;

export const DEMO_STATIONS = [
  { id: 'demo-valley', name: 'Valley station', altitudeM: 640 },
  { id: 'demo-high', name: 'Pass station', altitudeM: 1240 },
] as const;

type Row = [
  name: string,
  lengthM: number,
  altitudeM: number,
  slopeDeg: number,
  aspectDeg: number,
  shade: number,
  exposure: number,
  surface: Segment['surface'],
];

const COLUMNS = Object.keys(SEGMENT_FIELDS);
const segment = (row: Row): Segment =>
  Object.fromEntries(row.map((value, column) => [COLUMNS[column], value]));

const LOOP: Row[] = [
  ['Stadium', 500, 660, 0, 0, 0.1, 1, 'machine_made'],
  ['North bend', 900, 668, 6, 350, 0.5, 0.6, 'machine_made'],
  ['Ridge', 600, 700, 3, 180, 0, 1.4, 'machine_made'],
  ['Wood', 500, 675, 5, 40, 0.8, 0.3, 'machine_made'],
];
const SLOPE: Row[] = [
  ['Start hut', 300, 880, 18, 20, 0.2, 1, 'machine_made'],
  ['Middle', 500, 800, 22, 10, 0.4, 0.8, 'machine_made'],
  ['Finish', 400, 720, 12, 0, 0.3, 0.7, 'machine_made'],
];
const TOUR: Row[] = [
  ['Valley floor', 9000, 680, 0, 0, 0.2, 0.7, 'groomed'],
  ['Climb in the wood', 11000, 950, 6, 90, 0.7, 0.3, 'groomed'],
  ['Pass height', 8000, 1240, 2, 0, 0, 1.4, 'settled'],
  ['South side', 14000, 900, 6, 180, 0.3, 0.8, 'settled'],
];

export const DEMO_COURSES: Record<string, Segment[]> = {
  'demo-loop': LOOP.map(segment),
  'demo-slope': SLOPE.map(segment),
  'demo-pass': TOUR.map(segment),
};

/** Kinds of days, by days from the relay's; cloud drives most of what follows. */
const DAYS: Record<number, { low: number; high: number; cloud: number; wind: number }> = {
  [-2]: { low: -7, high: -2, cloud: 0.8, wind: 2.5 },
  [-1]: { low: -8, high: -1.5, cloud: 0.5, wind: 1.5 },
  0: { low: -9, high: 0.5, cloud: 0.05, wind: 0.7 },
  1: { low: -12, high: -3, cloud: 0.15, wind: 1.2 },
  2: { low: -9, high: -3, cloud: 0.6, wind: 2 },
};
const WARMEST_HOUR = 14;
const VALLEY_FOG_K = 0.8;

/** Air temperature of a day's course, °C: coldest at six, warmest at two. */
function airAt(hour: number, low: number, high: number): number {
  const phase = Math.cos((2 * Math.PI * (hour - WARMEST_HOUR)) / 24);
  return low + ((high - low) * (phase + 1)) / 2;
}

/** Hourly weather of a demo station from two days before the relay's day to two after; its midnight is given. */
export function demoWeather(relayDayMs: number, stationAltitudeM: number): WeatherSample[] {
  const isHigh = stationAltitudeM > 1000;
  return Array.from({ length: 5 * 24 }, (_, n) => {
    const hourOfWeekend = n - 48;
    const day = Math.floor(hourOfWeekend / 24);
    const hour = ((hourOfWeekend % 24) + 24) % 24;
    const today = DAYS[day]!;
    const tomorrow = DAYS[day + 1] ?? today;
    // The night belongs half to the day that comes.
    const share = hour > WARMEST_HOUR ? (hour - WARMEST_HOUR) / 20 : 0;
    const mix = (a: number, b: number) => a + share * (b - a);
    const air = airAt(hour, mix(today.low, tomorrow.low), mix(today.high, tomorrow.high));
    const snowing = day === -2 && hour >= 3 && hour < 9;
    return {
      timeMs: relayDayMs + hourOfWeekend * HOUR_MS,
      airTemperatureC: Number(
        (isHigh ? air - 3 + (hour < 8 ? 1.5 : 0) : air - VALLEY_FOG_K).toFixed(1),
      ),
      humidityFraction: Number((0.86 - 0.025 * (air + 12)).toFixed(2)),
      windMPerS: Number((mix(today.wind, tomorrow.wind) * (isHigh ? 2.2 : 1)).toFixed(1)),
      cloudFraction: Number((snowing ? 1 : mix(today.cloud, tomorrow.cloud)).toFixed(2)),
      precipitationMm: snowing ? 0.8 : 0,
    };
  });
}
