'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { database } from '@/data/database';
import { saveSegments, type Segment } from '@/data/segments';
import { listVenues, saveVenue } from '@/data/venues';
import { removeWeather, saveStation } from '@/data/weather';
import { readCourseTrack, type CourseTrack } from '@/formats/gpx/course';
import { courseSchema, stationSchema } from '@/formats/schemas/course';
import { venueSchema } from '@/formats/schemas/outing';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { takeWeather, type TakenWeather, type WeatherInput } from './use-cases/take-weather';

const refresh = () => revalidatePath('/outing', 'layout');
const exists = async (venueId: string) =>
  (await listVenues(database())).some((venue) => venue.id === venueId);
const GONE = failed('not_found', 'This venue is gone: choose another outing.');

/** Takes weather in from a file, pasted reports, a typed hour, or the service. */
export async function takeWeatherAction(
  target: { venueId: string; stationId: string },
  input: WeatherInput,
): Promise<WireResult<TakenWeather>> {
  const taken = await takeWeather(database(), target, input, new Date().toISOString());
  if (taken.ok) refresh();
  return taken;
}

/** Takes weather back that came in at an instant. */
export async function forgetWeatherAction(
  stationId: string,
  takenInAt: string,
): Promise<WireResult<{ hours: number }>> {
  const hours = await removeWeather(database(), String(stationId), String(takenInAt));
  refresh();
  return { ok: true, value: { hours } };
}

/** Adds a station to a venue. */
export async function addStationAction(
  venueId: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  const checked = validate(stationSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  if (!(await exists(venueId))) return GONE;
  const id = randomUUID();
  await saveStation(database(), { id, ...checked.value }, [venueId]);
  refresh();
  return { ok: true, value: { id } };
}

/** Replaces the course of a venue. */
export async function saveCourseAction(
  venueId: string,
  segments: readonly Segment[],
): Promise<WireResult<null>> {
  const checked = validate(courseSchema, { segments });
  if (!checked.ok) return invalidInput(checked.problems);
  if (!(await exists(venueId))) return GONE;
  await database()
    .transaction()
    .execute((transaction) => saveSegments(transaction, venueId, checked.value.segments));
  refresh();
  return { ok: true, value: null };
}

const MOST_GPX = 4_000_000;

/** Reads a track into segments; nothing is stored until the course is saved. */
export async function readTrackAction(
  text: string,
  altitudeM: number,
  reversed: boolean,
): Promise<WireResult<CourseTrack>> {
  if (text.length > MOST_GPX)
    return failed('too_large', 'The track is over 4 MB: simplify it first.');
  const track = readCourseTrack(text, altitudeM, reversed);
  return track.ok ? { ok: true, value: track.track } : failed('invalid_file', track.message);
}

/** Saves the place itself. */
export async function savePlaceAction(venueId: string, input: unknown): Promise<WireResult<null>> {
  const checked = validate(venueSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  if (!(await exists(venueId))) return GONE;
  await saveVenue(database(), { ...checked.value, id: venueId });
  refresh();
  return { ok: true, value: null };
}
