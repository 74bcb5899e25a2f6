import { HOUR_MS } from '../core/units/constants';
import { STATION_FIELDS, WEATHER_FIELDS, type Station } from '../core/model';
import type { WeatherSample } from '../core/snow/outlook';
import { SIMPLE_FORECAST_OLDER_H } from '../core/snow/simple-forecast';
import type { FrostDatabase } from './database';
import { entityOf, rowOf } from './rows';

const BATCH = 500;

/** The stations of a venue with their weather from an instant on; of an hour that came twice, the newest. */
export async function listStations(
  db: FrostDatabase,
  venueId: string,
  fromIso = '',
): Promise<Station[]> {
  const stations = await db
    .selectFrom('station')
    .innerJoin('venue_station', 'venue_station.station_id', 'station.id')
    .selectAll('station')
    .where('venue_station.venue_id', '=', venueId)
    .orderBy('station.altitude_m')
    .execute();
  return Promise.all(
    stations.map(async (station) => {
      const rows = await db
        .selectFrom('weather')
        .selectAll()
        .where('station_id', '=', station.id)
        .where('time', '>=', fromIso)
        .orderBy('time')
        .orderBy('taken_in_at')
        .execute();
      const newest = [...new Map(rows.map((row) => [row.time, row])).values()];
      const latest = rows.reduce<(typeof rows)[number] | undefined>(
        (best, row) => (!best || row.taken_in_at > best.taken_in_at ? row : best),
        undefined,
      );
      return {
        ...entityOf<Omit<Station, 'weather'>>(STATION_FIELDS, station),
        source: latest?.source,
        takenInAt: latest?.taken_in_at,
        weather: newest.map((row) => ({
          ...entityOf<WeatherSample>(WEATHER_FIELDS, row),
          leadH: leadOf(row),
        })),
      };
    }),
  );
}

/** Hours from when it was known; of a forecast in two lines not even the hours that are over are. */
function leadOf(row: { source: string; time: string; taken_in_at: string }): number {
  const ahead = Math.max(0, (Date.parse(row.time) - Date.parse(row.taken_in_at)) / HOUR_MS);
  return row.source === 'simple' ? ahead + SIMPLE_FORECAST_OLDER_H : ahead;
}

/** Puts a station at venues; one with the same id is replaced. */
export async function saveStation(
  db: FrostDatabase,
  station: { id: string; name: string; altitudeM: number },
  venueIds: readonly string[],
): Promise<void> {
  const { id, ...facts } = rowOf(STATION_FIELDS, station);
  await db
    .insertInto('station')
    .values({ id, ...facts })
    .onConflict((conflict) => conflict.column('id').doUpdateSet(facts))
    .execute();
  for (const venueId of venueIds) {
    await db
      .insertInto('venue_station')
      .values({ venue_id: venueId, station_id: station.id })
      .onConflict((conflict) => conflict.doNothing())
      .execute();
  }
}

/** Takes weather in beside what there is: of each hour the newest is used, and forgetting it brings the older back. */
export async function saveWeather(
  db: FrostDatabase,
  {
    stationId,
    samples,
    source,
    at,
  }: { stationId: string; samples: readonly WeatherSample[]; source: string; at: string },
): Promise<void> {
  const rows = samples.map((sample) => ({
    ...rowOf(WEATHER_FIELDS, sample),
    station_id: stationId,
    source,
    taken_in_at: at,
  }));
  for (let from = 0; from < rows.length; from += BATCH) {
    await db
      .replaceInto('weather')
      .values(rows.slice(from, from + BATCH))
      .execute();
  }
}

/** Forgets a station's weather that came in at an instant; gives how many hours that were. */
export async function removeWeather(
  db: FrostDatabase,
  stationId: string,
  takenInAt: string,
): Promise<number> {
  const done = await db
    .deleteFrom('weather')
    .where('station_id', '=', stationId)
    .where('taken_in_at', '=', takenInAt)
    .executeTakeFirst();
  return Number(done.numDeletedRows);
}

/** The stations of a venue with the reach of their weather, without the weather itself. */
export async function summariseStations(db: FrostDatabase, venueId: string) {
  const stations = await listStations(db, venueId);
  return stations.map(({ weather, ...station }) => ({
    ...station,
    hours: weather.length,
    fromIso: weather[0] && new Date(weather[0].timeMs).toISOString(),
    toIso: weather.length > 0 ? new Date(weather.at(-1)!.timeMs).toISOString() : undefined,
  }));
}
