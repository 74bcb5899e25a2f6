import type { CourseData, Outing } from '../core/model';
import type { FrostDatabase } from './database';
import { listReadings } from './readings';
import { listSegments } from './segments';
import { listStations } from './weather';

const RUN_UP_MS = 48 * 3_600_000;
const MOST_READINGS = 100;

const INFRARED_SD_C = 1.5;

/** The course, weather and readings of an outing. A venue without segments is one flat groomed place. */
export async function loadCourse(db: FrostDatabase, outing: Outing): Promise<CourseData> {
  const { venue } = outing;
  const fromIso = new Date(Date.parse(outing.startAt) - RUN_UP_MS).toISOString();
  const [segments, stations, readings] = await Promise.all([
    listSegments(db, venue.id),
    listStations(db, venue.id, fromIso),
    listReadings(db, outing.id, MOST_READINGS),
  ]);
  const whole = {
    name: venue.name,
    lengthM: outing.distanceKm * 1000,
    altitudeM: venue.altitudeM,
    slopeDeg: 0,
    aspectDeg: 0,
    shadeFraction: 0,
    exposure: 1,
    surface: 'groomed' as const,
  };
  return {
    places: segments.length > 0 ? segments : [whole],
    stations,
    readings: readings
      .filter((one) => one.source !== 'guess')
      .map((one) => ({
        timeMs: Date.parse(one.takenAt),
        temperatureC: one.temperatureC,
        sdC:
          one.source === 'infrared'
            ? Math.max(INFRARED_SD_C, one.temperatureSdC)
            : one.temperatureSdC,
        spot: one.spot,
      })),
  };
}
