import { casesFromMembers, estimatedHours, seenIn, windowTimes } from '../core/choice';
import type { SnowCases } from '../core/choice';
import {
  airAt,
  isAtPlace,
  planOutlook,
  type OutlookPlace,
  type SpotReading,
  type StationWeather,
  type SurfaceEvent,
} from '../core/snow/outlook';
import type { OutingFacts, SnowConditions } from '../core/wax';
import { keptOutlook } from './outlooks';

/** The cases a choice stands on, and where they come from. */
export interface ChoiceGround {
  cases: SnowCases;
  /** Of the snow model; absent for cases of a reading. */
  outlookVersion?: string;
}

const ORIGIN_OF: Partial<Record<OutlookPlace['surface'], 'machine_made'>> = {
  machine_made: 'machine_made',
};

type SeenReading = SnowConditions & { spot?: string };

/** What of a course and of an outing the cases are made from. */
interface CasesCourse {
  places: readonly (OutlookPlace & { lengthM: number })[];
  stations: readonly StationWeather[];
  readings: readonly SpotReading[];
  events?: readonly SurfaceEvent[];
}
interface CasesOuting extends Pick<OutingFacts, 'discipline' | 'purpose' | 'distanceKm'> {
  startAt: string;
  hoursOnSnow?: number;
  venue: { latitude: number; longitude: number };
}

/** The weather's last moment that the start window may reach. */
const within = (timesMs: readonly number[], lastMs: number) =>
  timesMs.filter((ms, i) => i === 0 || ms <= lastMs);

/** All segments over the start window; undefined where the weather does not reach the start. */
export async function modelledCases(
  course: CasesCourse,
  outing: CasesOuting,
  reading: SeenReading | undefined,
): Promise<ChoiceGround | undefined> {
  const startMs = Date.parse(outing.startAt);
  const hoursOnSnow = outing.hoursOnSnow ?? estimatedHours(outing);
  const plans = course.places.map((place) =>
    planOutlook(course, { place, position: outing.venue, startMs, hoursOnSnow }),
  );
  const good = plans.flatMap((plan) => (plan.ok && !plan.endsBeforeStart ? [plan] : []));
  if (good.length === 0 || good.length < plans.length) return undefined;
  const lastMs = Math.min(...good.map((plan) => plan.weather.at(-1)!.timeMs));
  const timesMs = within(windowTimes(startMs, hoursOnSnow), lastMs);
  const lengthM = course.places.reduce((sum, place) => sum + Math.max(1, place.lengthM), 0);
  const outlooks = await Promise.all(
    good.map((plan) => keptOutlook({ ...plan.input, memberTimesMs: timesMs })),
  );
  const isWholeCourse = course.places.length === 1;
  const places = course.places.map((place, i) => ({
    segment: {
      name: place.name,
      share: Math.max(1, place.lengthM) / lengthM,
      origin: ORIGIN_OF[place.surface] ?? ('natural' as const),
    },
    atTimes: outlooks[i]!.members!,
    airTemperatureC: timesMs.map((ms) => airAt(good[i]!.weather, ms)!.airTemperatureC),
    // What a reading saw holds for the spot it was taken at.
    seen: isWholeCourse || isAtPlace(reading?.spot, place.name) ? seenIn(reading) : undefined,
  }));
  return {
    cases: casesFromMembers(timesMs, places, reading?.dirt ?? 'clean'),
    outlookVersion: outlooks[0]!.modelVersion,
  };
}
