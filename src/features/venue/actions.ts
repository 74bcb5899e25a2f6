'use server';

import { checkedId } from '@/formats/schemas/ids';
import { callersDatabase } from '@/server/callers-database';
import { answered, type WireResult } from '@/formats/wire';
import { nowIso } from '@/server/clock';
import { performWrite, performWriteOn, writing } from '@/server/write';
import { saveCourse } from './use-cases/save-course';
import { addStation, forgetWeather, savePlace } from './use-cases/save-place';
import { takeWeather, type TakenWeather, type WeatherInput } from './use-cases/take-weather';

/** Takes weather in from a file, pasted reports, a typed hour, or the service. */
export async function takeWeatherAction(
  key: string,
  target: { venueId: string; stationId: string | undefined },
  input: WeatherInput,
): Promise<WireResult<TakenWeather>> {
  const write = writing(key, 'weather.take');
  return answered(() => takeWeather(callersDatabase(), { target, input }, { at: nowIso(), write }));
}

/** Takes weather back that came in at an instant. */
export async function forgetWeatherAction(
  key: string,
  stationId: string,
  takenInAt: string,
): Promise<WireResult<{ hours: number }>> {
  return performWrite(key, 'weather.forget', async (db) => {
    const [station, instant] = [checkedId(stationId), checkedId(takenInAt, 'takenInAt')];
    if (!station.ok) return station;
    return instant.ok ? forgetWeather(db, station.value, instant.value) : instant;
  });
}

/** Adds a station to a venue. */
export async function addStationAction(
  key: string,
  venueId: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return performWriteOn(key, {
    name: 'station.add',
    target: venueId,
    work: (db, id, stamp) => addStation(db, { venueId: id, input, id: stamp.id }),
  });
}

/** Replaces the course of a venue; `base` is the course that was changed. */
export async function saveCourseAction(
  key: string,
  { venueId, segments, base }: { venueId: string; segments: unknown; base: unknown },
): Promise<WireResult<{ version: number; taken: string[] }>> {
  return performWriteOn(key, {
    name: 'course.save',
    target: venueId,
    work: (db, id) => saveCourse(db, { venueId: id, segments, base }),
  });
}

/** Saves the place itself; `base` is the place that was changed. */
export async function savePlaceAction(
  key: string,
  { venueId, input, base }: { venueId: string; input: unknown; base: unknown },
): Promise<WireResult<{ version: number; taken: string[] }>> {
  return performWriteOn(key, {
    name: 'place.save',
    target: venueId,
    work: (db, id) => savePlace(db, { id, input, base }),
  });
}
