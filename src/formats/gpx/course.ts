import { GpxReader, type TrackPoint } from './points';
import { formatsScreenWords } from '../../words/screens/formats';

const WORDS = formatsScreenWords.gpxCourse;

/** A stretch of a track with one lie of the land. */
export interface TrackSegment {
  name: string;
  lengthM: number;
  altitudeM: number;
  slopeDeg: number;
  aspectDeg: number;
}

export interface CourseTrack {
  /** Of the file or its track, where it has one. */
  name?: string;
  /** Mean along the course; undefined where the file has none. */
  altitudeM?: number;
  lengthM: number;
  latitude: number;
  longitude: number;
  segments: TrackSegment[];
  notes: string[];
}

export type TrackFile = { ok: true; track: CourseTrack } | { ok: false; message: string };

type Point = TrackPoint;

const EARTH_RADIUS_M = 6_371_009;
const RADIANS = Math.PI / 180;
export const MOST_SEGMENTS = 8;
const LEAST_LENGTH_M = 20;

/** Great-circle distance, m (haversine). */
function distanceM(a: Point, b: Point): number {
  const dLat = (b.latitude - a.latitude) * RADIANS;
  const dLon = (b.longitude - a.longitude) * RADIANS;
  const h =
    Math.sin(dLat / 2) ** 2 +
    Math.cos(a.latitude * RADIANS) * Math.cos(b.latitude * RADIANS) * Math.sin(dLon / 2) ** 2;
  return 2 * EARTH_RADIUS_M * Math.asin(Math.min(1, Math.sqrt(h)));
}

function bearingDeg(a: Point, b: Point): number {
  const dLon = (b.longitude - a.longitude) * RADIANS;
  const [lat1, lat2] = [a.latitude * RADIANS, b.latitude * RADIANS];
  const y = Math.sin(dLon) * Math.cos(lat2);
  const x = Math.cos(lat1) * Math.sin(lat2) - Math.sin(lat1) * Math.cos(lat2) * Math.cos(dLon);
  return (Math.atan2(y, x) / RADIANS + 360) % 360;
}

/** The shorter way round from one longitude to another, degrees. */
const eastward = (from: number, to: number) => {
  const turn = (to - from) % 360;
  return turn > 180 ? turn - 360 : turn < -180 ? turn + 360 : turn;
};

/** A course by the way along it, m: its points, and what lies between them on straight lines. */
interface Way {
  points: readonly Point[];
  along: readonly number[];
}

/** Where the course is after some metres. */
function placeAt({ points, along }: Way, metres: number): Point {
  const found = along.findIndex((value) => value >= metres);
  const next = found < 0 ? along.length - 1 : Math.max(1, found);
  const [a, b] = [points[next - 1]!, points[next]!];
  const share = Math.min(1, (metres - along[next - 1]!) / (along[next]! - along[next - 1]!));
  return {
    latitude: a.latitude + share * (b.latitude - a.latitude),
    longitude: eastward(0, a.longitude + share * eastward(a.longitude, b.longitude)),
    altitudeM: a.altitudeM! + share * (b.altitudeM! - a.altitudeM!),
  };
}

/** Drops points that stand on the one before, and those that are nowhere. */
function distinct(points: readonly Point[]): Point[] {
  const kept: Point[] = [];
  for (const point of points) {
    const isReal = Math.abs(point.latitude) <= 90 && Math.abs(point.longitude) <= 180;
    const last = kept.at(-1);
    if (isReal && (!last || distanceM(last, point) > 0.5)) kept.push(point);
  }
  return kept;
}

/** Fills altitude gaps by straight lines along the way; gives how many points had none. */
function bridgeAltitudes(points: Point[], along: readonly number[]): number {
  const known = points.flatMap((point, i) => (point.altitudeM === undefined ? [] : [i]));
  if (known.length === 0) return points.length;
  let next = 0;
  for (let i = 0; i < points.length; i += 1) {
    if (known[next] === i) next += 1;
    else {
      const [a, b] = [known[next - 1] ?? known[next]!, known[next] ?? known[next - 1]!];
      const share = along[b]! > along[a]! ? (along[i]! - along[a]!) / (along[b]! - along[a]!) : 0;
      const [low, high] = [points[a]!.altitudeM!, points[b]!.altitudeM!];
      points[i]!.altitudeM = low + share * (high - low);
    }
  }
  return points.length - known.length;
}

/**
 * Up to eight segments of equal length from the points of a track, with mean altitude, and slope and aspect of the fall
 * along it (the side slope of the ground is not in a track). `reversed` runs it the other way. A track
 * without altitude takes `altitudeM` all along, and says so.
 */
export function courseOf(
  raw: readonly TrackPoint[] | undefined,
  altitudeM: number,
  reversed = false,
): TrackFile {
  if (!raw) return { ok: false, message: WORDS.notGpx };
  const points = distinct(raw);
  if (points.length < 2) {
    return { ok: false, message: WORDS.trackTooFewPoints };
  }
  if (reversed) points.reverse();
  const along = [0];
  for (let i = 1; i < points.length; i += 1) {
    along.push(along[i - 1]! + distanceM(points[i - 1]!, points[i]!));
  }
  const lengthM = along.at(-1)!;
  if (lengthM < LEAST_LENGTH_M) return { ok: false, message: WORDS.trackTooShort };
  const missing = bridgeAltitudes(points, along);
  const notes: string[] = [];
  if (missing === points.length) {
    for (const point of points) point.altitudeM = altitudeM;
    notes.push(WORDS.trackWithoutAltitude);
  } else if (missing > 0) {
    notes.push(WORDS.altitudeBridged(missing));
  }
  const count = Math.min(MOST_SEGMENTS, points.length - 1);
  const way = { points, along };
  const segments = Array.from({ length: count }, (_, k) => ({
    name: WORDS.segment(k + 1),
    ...lieBetween(way, (k * lengthM) / count, ((k + 1) * lengthM) / count),
  }));
  const mean = segments.reduce((sum, one) => sum + one.altitudeM, 0) / segments.length;
  const { latitude, longitude } = placeAt(way, lengthM / 2);
  const known = missing === points.length ? undefined : Math.round(mean);
  return {
    ok: true,
    track: { lengthM, latitude, longitude, altitudeM: known, segments, notes },
  };
}

/** The same from the whole text of a GPX file. */
export function readCourseTrack(text: string, altitudeM: number, reversed = false): TrackFile {
  const reader = new GpxReader();
  reader.write(text);
  return named(courseOf(reader.points(), altitudeM, reversed), reader);
}

/** The course with the name that its file gives it. */
export const named = (file: TrackFile, reader: GpxReader): TrackFile =>
  file.ok ? { ok: true, track: { ...file.track, name: reader.name() } } : file;

/** Length, mean altitude, and slope and aspect of the fall of a stretch, wherever the points of its track stand. */
function lieBetween(way: Way, fromM: number, toM: number): Omit<TrackSegment, 'name'> {
  const [start, end] = [placeAt(way, fromM), placeAt(way, toM)];
  let [area, beforeM, altitudeM] = [0, fromM, start.altitudeM!];
  const goTo = (atM: number, nextAltitudeM: number) => {
    area += ((atM - beforeM) * (altitudeM + nextAltitudeM)) / 2;
    [beforeM, altitudeM] = [atM, nextAltitudeM];
  };
  for (const [i, atM] of way.along.entries()) {
    if (fromM < atM && atM < toM) goTo(atM, way.points[i]!.altitudeM!);
  }
  goTo(toM, end.altitudeM!);
  const fall = start.altitudeM! - end.altitudeM!;
  const heading = bearingDeg(start, end);
  return {
    lengthM: Math.round(toM - fromM),
    altitudeM: Math.round(area / (toM - fromM)),
    slopeDeg: Number((Math.atan(Math.abs(fall) / (toM - fromM)) / RADIANS).toFixed(1)),
    aspectDeg: Math.round(fall >= 0 ? heading : heading + 180) % 360,
  };
}
