import { spotReadings, type CourseData, type Outing } from '../core/model';
import { HOUR_MS } from '../core/units/constants';
import { SNOW } from '../core/snow/figures';
import { trackWork } from '../core/snow/track-work';
import type { FrostDatabase } from './database';
import { listReadings } from './readings';
import { listSegments } from './segments';
import { listTrackEvents } from './track-events';
import { listStations } from './weather';

/** As far back as an outlook may look. */
const RUN_UP_MS = (SNOW.runUp.mostH + SNOW.runUp.beforeH) * HOUR_MS;
const MOST_READINGS = 100;

/** The course, weather and readings of an outing. A venue without segments is one flat groomed place. */
export async function loadCourse(db: FrostDatabase, outing: Outing): Promise<CourseData> {
  const { venue } = outing;
  const fromIso = new Date(Date.parse(outing.startAt) - RUN_UP_MS).toISOString();
  const [segments, stations, readings, entered] = await Promise.all([
    listSegments(db, venue.id),
    listStations(db, venue.id, fromIso),
    listReadings(db, outing.id, MOST_READINGS),
    listTrackEvents(db, outing.id),
  ]);
  const whole = {
    name: venue.name,
    lengthM: outing.distanceKm * 1000,
    altitudeM: venue.altitudeM ?? stations[0]?.altitudeM ?? 0,
    slopeDeg: 0,
    aspectDeg: 0,
    shadeFraction: 0,
    exposure: 1,
    surface: 'groomed' as const,
  };
  return {
    places: segments.length > 0 ? segments : [whole],
    stations,
    readings: readings.flatMap(spotReadings),
    events: trackWork(
      entered.map(({ at, kind, passes }) => ({ timeMs: Date.parse(at), kind, passes })),
      { venue, startMs: Date.parse(outing.startAt) },
    ),
  };
}
