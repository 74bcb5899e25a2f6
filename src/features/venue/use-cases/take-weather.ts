import type { Venue } from '@/core/model';
import { mixed, object, string } from 'yup';
import { instantFromLocal } from '@/core/time';
import type { WeatherSample } from '@/core/snow/outlook';
import { weatherFromSimple } from '@/core/snow/simple-forecast';
import type { FrostDatabase } from '@/data/database';
import { findVenue } from '@/data/venues';
import { listStations, saveStation, saveWeather } from '@/data/weather';
import { readReports } from '@/formats/aviation/reports';
import { readWeather } from '@/formats/csv/weather';
import { oneOfWords, plainText } from '@/formats/schemas/fields';
import { simpleForecastFrom, simpleForecastSchema } from '@/formats/schemas/simple-forecast';
import { weatherSampleSchema } from '@/formats/schemas/outlook';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import type { Write } from '@/server/write';
import { SERVICE_MOODS, standInTransport, type ServiceMood } from '../stand-in-service';
import { askService } from '../weather-service';
import { venueScreenWords } from '@/words/screens/venue';
import { lazily } from '@/words/lazily';

const WORDS = lazily(venueScreenWords.takeWeather);

/** Ways to get weather in. */
export type WeatherInput =
  | { kind: 'file'; text: string }
  | { kind: 'reports'; text: string }
  | { kind: 'simple'; forecast: unknown }
  | { kind: 'typed'; sample: unknown }
  | { kind: 'service'; mood: ServiceMood };

export interface TakenWeather {
  hours: number;
  takenInAt: string;
  stationId: string;
  notes: string[];
}

interface ReadWeather {
  samples: WeatherSample[];
  source: string;
  /** When it was made, where that is known. */
  issuedAt?: string;
  notes: string[];
}

export const weatherFileTask = task('weather file', 'quick', readWeather);
export const reportsTask = task('airfield reports', 'quick', readReports);

const WAYS = ['simple', 'file', 'reports', 'typed', 'service'] as const;
const targetSchema = object({
  venueId: plainText(WORDS.venue, 64).required(WORDS.venueIsMissing),
  /** Left out where the venue has no station yet: it gets one. */
  stationId: plainText(WORDS.station, 64),
}).typeError(WORDS.targetNotObject);
const inputSchema = object({
  kind: oneOfWords(WORDS.way, WAYS).required(WORDS.wayIsMissing),
  text: string().when('kind', {
    is: (kind: unknown) => kind === 'file' || kind === 'reports',
    then: (text) => text.typeError(WORDS.textMustBeText).defined(WORDS.textIsMissing),
  }),
  mood: oneOfWords(WORDS.mood, SERVICE_MOODS).when('kind', {
    is: 'service',
    then: (mood) => mood.required(WORDS.moodIsMissing),
  }),
  sample: mixed(),
  forecast: mixed(),
}).typeError(WORDS.weatherNotObject);

const OLD_MS = 6 * 3_600_000;
const MOST_TEXT = 2_000_000;

async function read(
  input: WeatherInput,
  { venue, altitudeM, at }: { venue: Venue; altitudeM: number; at: string },
): Promise<WireResult<ReadWeather>> {
  switch (input.kind) {
    case 'file': {
      if (input.text.length > MOST_TEXT) return failed('too_large', WORDS.fileTooLarge());
      const file = await offLoop(weatherFileTask, input.text, venue.timeZone);
      return file.ok
        ? { ok: true, value: { samples: file.rows, source: 'file', notes: [] } }
        : failed('invalid_file', WORDS.nothingWasTakenInFix(), file.problems);
    }
    case 'reports': {
      const reports = await offLoop(reportsTask, input.text, new Date(at));
      return reports.ok
        ? {
            ok: true,
            value: { samples: reports.samples, source: 'airfield', notes: reports.notes },
          }
        : failed('invalid_file', WORDS.nothingWasTakenInFixThese(), reports.problems);
    }
    case 'simple': {
      const checked = validate(simpleForecastSchema, input.forecast);
      if (!checked.ok) return invalidInput(checked.problems);
      const { day, first } = checked.value;
      const midnightMs = Date.parse(instantFromLocal(`${day}T00:00`, venue.timeZone));
      const samples = weatherFromSimple(simpleForecastFrom(checked.value), {
        midnightMs,
        dayFirst: first === 'day',
      });
      return { ok: true, value: { samples, source: 'simple', notes: [] } };
    }
    case 'typed': {
      const checked = validate(weatherSampleSchema, input.sample);
      if (!checked.ok) return invalidInput(checked.problems);
      const { time, ...sample } = checked.value;
      const samples = [{ ...sample, timeMs: Date.parse(time) }];
      return { ok: true, value: { samples, source: 'typed', notes: [] } };
    }
    case 'service': {
      const { latitude, longitude } = venue;
      if (latitude === undefined || longitude === undefined) {
        return failed('no_position', WORDS.venueWithoutPosition());
      }
      const place = { latitude, longitude, altitudeM };
      const answer = await askService(standInTransport(input.mood, Date.parse(at)), place);
      if (!answer.ok) return answer;
      const { samples, issuedAt } = answer.value;
      return { ok: true, value: { samples, source: 'service', issuedAt, notes: [] } };
    }
  }
}

/** Takes weather in for a station of a venue; old forecasts are taken, and marked by their age. */
export async function takeWeather(
  db: FrostDatabase,
  { target, input }: { target: unknown; input: unknown },
  { at, write }: { at: string; write: Write },
): Promise<WireResult<TakenWeather>> {
  const named = validate(targetSchema, target);
  if (!named.ok) return invalidInput(named.problems);
  const { venueId, stationId } = named.value;
  const given = validate(inputSchema, input);
  if (!given.ok) return invalidInput(given.problems);
  const venue = await findVenue(db, venueId);
  const stations = await listStations(db, venueId, '9999');
  const isFirst = stations.length === 0 && !stationId && venue !== undefined;
  // The weather is carried by altitude: a station at a made-up one would be wrong once the place has its own.
  if (isFirst && venue.altitudeM === undefined) {
    return failed('no_altitude', WORDS.venueWithoutAltitude());
  }
  const station = isFirst
    ? { id: undefined, name: venue.name, altitudeM: venue.altitudeM! }
    : stations.find((other) => other.id === stationId);
  if (!venue || !station) return failed('not_found', WORDS.thisStationIsGoneChoose());
  const weather = await read(given.value as WeatherInput, {
    venue,
    altitudeM: station.altitudeM,
    at,
  });
  if (!weather.ok) return weather;
  const { samples, source, issuedAt, notes } = weather.value;
  const takenInAt = issuedAt ?? at;
  const ageMs = Date.parse(at) - Date.parse(takenInAt);
  const age = ageMs > OLD_MS ? [WORDS.forecastOld(Math.round(ageMs / 3_600_000))()] : [];
  return write(async (transaction, { newId }) => {
    const id = station.id ?? newId();
    if (!station.id) await saveStation(transaction, { ...station, id }, [venueId]);
    await saveWeather(transaction, { stationId: id, samples, source, at: takenInAt });
    const hours = samples.length;
    return { ok: true, value: { hours, takenInAt, stationId: id, notes: [...notes, ...age] } };
  });
}
