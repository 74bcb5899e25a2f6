import {
  airAt,
  isAtPlace,
  planOutlook,
  startSnow,
  type NoOutlook,
  type Outlook,
  type OutlookCurves,
  type OutlookInput,
  type OutlookPlace,
  type OutlookPlan,
  type SpotReading,
  type StartSnow,
  type StationWeather,
  type SurfaceEvent,
  type WeatherSample,
} from '../snow/outlook';
import type { OutingFacts, SnowConditions } from '../wax';
import { casesFromMembers, seenIn, type SnowCases } from './cases';
import { estimatedHours, windowTimes } from './window';

/** A place of the course with its length, m. */
export type CoursePlace = OutlookPlace & { lengthM: number };

/** What of a course the snow is made from. */
export interface CourseGround {
  places: readonly CoursePlace[];
  stations: readonly StationWeather[];
  readings: readonly SpotReading[];
  events?: readonly SurfaceEvent[];
}

/** What of an outing the snow is made for. */
export interface CourseOuting extends Pick<OutingFacts, 'discipline' | 'purpose' | 'distanceKm'> {
  startAt: string;
  hoursOnSnow?: number;
  venue: { latitude?: number; longitude?: number };
}

type GoodPlan = Extract<OutlookPlan, { ok: true }>;

/** The outlooks a course needs: one a place, each with its members at the times of the start window. */
export interface CoursePlan {
  startMs: number;
  places: readonly CoursePlace[];
  plans: readonly GoodPlan[];
  inputs: readonly OutlookInput[];
  /** Times of the start window that the weather reaches, ms; empty: it ends before the start. */
  timesMs: readonly number[];
}

/** The last time may lie beyond the weather, the start may not. */
const within = (timesMs: readonly number[], lastMs: number) =>
  timesMs.filter((ms, i) => i === 0 || ms <= lastMs);

/** The outlooks of a course about its start and hours on snow, or why there can be none. */
export function planCourse(
  course: CourseGround,
  outing: CourseOuting,
): ({ ok: true } & CoursePlan) | { ok: false; reason: NoOutlook } {
  const startMs = Date.parse(outing.startAt);
  const hoursOnSnow = outing.hoursOnSnow ?? estimatedHours(outing);
  const plans: GoodPlan[] = [];
  for (const place of course.places) {
    const plan = planOutlook(course, { place, position: outing.venue, startMs, hoursOnSnow });
    if (!plan.ok) return plan;
    plans.push(plan);
  }
  const lastMs = Math.min(...plans.map(({ weather }) => weather.at(-1)!.timeMs));
  const timesMs = lastMs < startMs ? [] : within(windowTimes(startMs, hoursOnSnow), lastMs);
  const inputs = plans.map(({ input }) =>
    timesMs.length > 0 ? { ...input, memberTimesMs: timesMs } : input,
  );
  return { ok: true, startMs, places: course.places, plans, inputs, timesMs };
}

const ORIGIN_OF: Partial<Record<OutlookPlace['surface'], 'machine_made'>> = {
  machine_made: 'machine_made',
};

type SeenReading = Partial<SnowConditions> & { spot?: string };

/**
 * All places over the start window, by length and time: what every screen means by the snow of an outing.
 * Undefined where the weather ends before the start. `outlooks` are those of the plan's inputs, in order.
 */
export function courseCases(
  { places, plans, timesMs }: CoursePlan,
  outlooks: readonly Outlook[],
  reading: SeenReading | undefined,
): SnowCases | undefined {
  if (timesMs.length === 0) return undefined;
  const lengthM = places.reduce((sum, place) => sum + Math.max(1, place.lengthM), 0);
  const isWholeCourse = places.length === 1;
  const members = places.map((place, i) => ({
    segment: {
      name: place.name,
      share: Math.max(1, place.lengthM) / lengthM,
      origin: ORIGIN_OF[place.surface] ?? ('natural' as const),
    },
    atTimes: outlooks[i]!.members!,
    airTemperatureC: timesMs.map((ms) => airAt(plans[i]!.weather, ms)!.airTemperatureC),
    // What a reading saw holds for the spot it was taken at.
    seen: isWholeCourse || isAtPlace(reading?.spot, place.name) ? seenIn(reading) : undefined,
  }));
  return casesFromMembers(timesMs, members, reading?.dirt ?? 'clean');
}

/** A place of the course with its snow at the start. */
export interface PlaceStart {
  place: CoursePlace;
  /** Undefined where the weather ends before the start. */
  start: StartSnow | undefined;
}

/** The snow of each place at the start. */
export const placeStarts = (
  { places, plans, startMs }: CoursePlan,
  outlooks: readonly Outlook[],
): PlaceStart[] =>
  places.map((place, i) => ({ place, start: startSnow(outlooks[i]!, plans[i]!.weather, startMs) }));

/** What the model knows of an outing's snow: computed once, shown on every screen. */
export interface CourseSnow {
  places: PlaceStart[];
  /** Of the first place. */
  curves: OutlookCurves;
  effectiveMembers: number;
  surpriseK: number | undefined;
  /** The first place without any reading, to show what the readings did. */
  before: Pick<PlaceStart, 'start'> & { effectiveMembers: number };
  /** At the first place. */
  weather: WeatherSample[];
  /** Hours of short gaps that straight lines bridge. */
  bridged: number;
  /** Readings with a say. */
  readings: number;
  /** Over the start window; left out where a screen shows places alone. */
  cases: SnowCases | undefined;
}
