import { array, number, object, string, type InferType } from 'yup';
import { READING_SOURCES, TRACK_EVENT_FIELDS, WEATHER_FIELDS } from '../../core/model';
import { GRAINS, WETNESSES } from '../../core/terms';
import {
  LONGEST_BRIDGE_H,
  MOST_MEMBERS,
  SURFACE_EVENT_KINDS,
  SURFACE_KINDS,
  weatherGaps,
  type OutlookInput,
  type WeatherSample,
} from '../../core/snow/outlook';
import { list } from './list';
import { boundedNumber, moment, oneOfWords } from './fields';
import { schemaFrom } from './from-fields';
import { fieldsWords } from '../../words/areas/fields';
import { formatsScreenWords } from '../../words/screens/formats';
import { lazily } from '../../words/lazily';

const WORDS = lazily(formatsScreenWords.schemas);

export const MOST_HOURS = 240;
const HOUR_MS = 3_600_000;
const MOST_SAMPLES = 2000;
const MOST_READINGS = 500;
const MOST_EVENTS = 200;

/** Where the snow lies. */
export const siteSchema = object({
  latitude: boundedNumber(WORDS.latitude, { low: -90, high: 90, unit: '°' }).required(
    WORDS.latitudeIsMissing,
  ),
  longitude: boundedNumber(WORDS.longitude, { low: -180, high: 180, unit: '°' }).required(
    WORDS.longitudeIsMissing,
  ),
  altitudeM: boundedNumber(WORDS.altitude, { low: -100, high: 5000, unit: 'm' }).required(
    WORDS.altitudeIsMissing,
  ),
  slopeDeg: boundedNumber(WORDS.slope, { low: 0, high: 60, unit: '°' }),
  aspectDeg: boundedNumber(WORDS.aspect, { low: 0, high: 360, unit: '°' }),
  shadeFraction: boundedNumber(WORDS.shade, { low: 0, high: 1, unit: '' }),
}).typeError(WORDS.siteMustBeAnObject);

/** What the snow surface is at the start of the weather. */
export const surfaceSchema = object({
  kind: oneOfWords(WORDS.surface, SURFACE_KINDS).required(WORDS.kindOfSurfaceIsMissing),
  densityKgPerM3: boundedNumber(WORDS.density, { low: 50, high: 900, unit: 'kg/m³' }),
  albedo: boundedNumber(WORDS.albedo, { low: 0.2, high: 0.95, unit: '' }),
  startTemperatureC: boundedNumber(WORDS.startTemperature, { low: -60, high: 0, unit: '°C' }),
  dendricity: boundedNumber(WORDS.dendricity, { low: 0, high: 1, unit: '' }),
  sphericity: boundedNumber(WORDS.sphericity, { low: 0, high: 1, unit: '' }),
}).typeError(WORDS.surfaceMustBeAnObject);

const { timeMs: _, ...sampleFields } = WEATHER_FIELDS;

/** One moment of the weather. */
export const weatherSampleSchema = schemaFrom<Omit<WeatherSample, 'timeMs'>>(
  sampleFields,
  fieldsWords.WEATHER,
)
  .concat(object({ time: moment(WORDS.time).required(WORDS.timeIsMissing) }))
  .typeError(WORDS.sampleNotObject);

const readingSchema = object({
  time: moment(WORDS.time).required(WORDS.timeIsMissing),
  temperatureC: boundedNumber(WORDS.snowTemperature, { low: -60, high: 0, unit: '°C' }).required(
    WORDS.snowTemperatureIsMissing,
  ),
  sdC: boundedNumber(WORDS.spread, { low: 0.1, high: 10, unit: '°C' }).required(
    WORDS.spreadIsMissing,
  ),
  source: oneOfWords(WORDS.source, READING_SOURCES),
  wetness: oneOfWords(WORDS.wetness, WETNESSES),
  grain: oneOfWords(WORDS.grain, GRAINS),
}).typeError(WORDS.readingNotObject);

const eventSchema = object({
  time: moment(WORDS.time).required(WORDS.timeIsMissing),
  kind: oneOfWords(WORDS.kind, SURFACE_EVENT_KINDS).required(WORDS.kindIsMissing),
  passes: boundedNumber(WORDS.passes, {
    low: TRACK_EVENT_FIELDS.passes.range[0],
    high: TRACK_EVENT_FIELDS.passes.range[1],
    unit: '',
  }),
}).typeError(WORDS.eventNotObject);

const msOf = (sample: { time?: unknown } | null | undefined) =>
  typeof sample?.time === 'string' ? Date.parse(sample.time) : NaN;
const isoOf = (ms: number) => new Date(ms).toISOString();

/** What is wrong with a whole series of weather, as path and sentence; undefined when it will do. */
export function weatherProblem(
  times: readonly number[],
): { at: number | undefined; message: string } | undefined {
  if (times.some((ms) => !Number.isFinite(ms))) return undefined;
  const disorder = times.findIndex((ms, i) => i > 0 && ms <= times[i - 1]!);
  if (disorder > 0) {
    return {
      at: disorder,
      message: WORDS.timesNotIncreasing(),
    };
  }
  if (times.at(-1)! - times[0]! > MOST_HOURS * HOUR_MS) {
    return { at: undefined, message: WORDS.weatherTooLong(MOST_HOURS)() };
  }
  const sample = { airTemperatureC: 0, humidityFraction: 0, windMPerS: 0, cloudFraction: 0 };
  const { tooLong } = weatherGaps(times.map((timeMs) => ({ timeMs, ...sample })));
  const gap = tooLong[0];
  return gap
    ? {
        at: undefined,
        message: WORDS.weatherGap(LONGEST_BRIDGE_H, isoOf(gap.fromMs), isoOf(gap.toMs))(),
      }
    : undefined;
}

/** Body of POST /api/v1/outlook. */
export const outlookRequestSchema = object({
  site: siteSchema.required(WORDS.siteIsMissing),
  surface: surfaceSchema.required(WORDS.surfaceIsMissing),
  weather: list(weatherSampleSchema.required(WORDS.sampleNull))
    .typeError(WORDS.weatherNotList)
    .min(2, WORDS.weatherTooShort)
    .max(MOST_SAMPLES, WORDS.upToWeatherSamples(MOST_SAMPLES))
    .required(WORDS.weatherIsMissing)
    .test({
      name: 'series',
      test(samples) {
        const problem = weatherProblem((samples ?? []).map(msOf));
        if (!problem) return true;
        const path = problem.at === undefined ? this.path : `${this.path}[${problem.at}].time`;
        return this.createError({ path, message: problem.message });
      },
    }),
  readings: list(readingSchema.required(WORDS.readingNull))
    .typeError(WORDS.readingsNotList)
    .max(MOST_READINGS, WORDS.upToReadings(MOST_READINGS))
    .test({
      name: 'within-weather',
      test(readings) {
        const { weather } = this.parent as { weather?: { time?: unknown }[] };
        if (!Array.isArray(weather) || weather.length < 2) return true;
        const [first, last] = [msOf(weather[0]), msOf(weather.at(-1))];
        const at = (readings ?? []).findIndex((one) => msOf(one) < first || msOf(one) > last);
        if (at < 0) return true;
        return this.createError({
          path: `${this.path}[${at}].time`,
          message: WORDS.readingOutsideWeather(isoOf(first), isoOf(last)),
        });
      },
    }),
  events: list(eventSchema.required(WORDS.eventNotObject))
    .typeError(WORDS.eventsNotList)
    .max(MOST_EVENTS, WORDS.upToEvents(MOST_EVENTS)),
  forecastMadeAt: moment(WORDS.forecastMadeAt),
  members: number()
    .typeError(WORDS.membersNotWhole)
    .integer(WORDS.membersNotWhole)
    .min(1, WORDS.atLeastOneMember)
    .max(MOST_MEMBERS, WORDS.upToMembers(MOST_MEMBERS)),
  seed: number()
    .typeError(WORDS.seedNotWhole)
    .integer(WORDS.seedNotWhole)
    .min(0, WORDS.seedNegative)
    .max(2 ** 32 - 1, WORDS.seedTooLarge),
}).typeError(WORDS.bodyNotObject);

type OutlookRequest = InferType<typeof outlookRequestSchema>;

/** A checked request as the core takes it. */
export function outlookInputFrom({
  site,
  surface,
  weather,
  readings,
  events,
  forecastMadeAt,
  members,
  seed,
}: OutlookRequest): OutlookInput {
  const madeMs = forecastMadeAt === undefined ? undefined : Date.parse(forecastMadeAt);
  return {
    site: {
      latitude: site.latitude,
      longitude: site.longitude,
      altitudeM: site.altitudeM,
      slopeDeg: site.slopeDeg ?? 0,
      aspectDeg: site.aspectDeg ?? 0,
      shadeFraction: site.shadeFraction ?? 0,
    },
    surface,
    weather: weather.map(({ time, ...sample }) => ({
      ...sample,
      timeMs: Date.parse(time),
      leadH: madeMs === undefined ? undefined : Math.max(0, (Date.parse(time) - madeMs) / HOUR_MS),
    })),
    readings: (readings ?? []).map(({ time, source, ...reading }) => ({
      ...reading,
      isInfrared: source === 'infrared' ? true : undefined,
      timeMs: Date.parse(time),
    })),
    events: (events ?? []).map(({ time, ...event }) => ({ ...event, timeMs: Date.parse(time) })),
    members,
    seed,
  };
}

const numbers = () => array(number().required()).required();
const band = () =>
  object({ p10: numbers(), p50: numbers(), p90: numbers() }).noUnknown().required();

/** Answer of POST /api/v1/outlook. */
export const outlookResponseSchema = object({
  times: array(string().required()).required(),
  surfaceTemperatureC: band(),
  contactTemperatureC: band(),
  liquidWaterPercent: band(),
  sharpness: band(),
  dendricity: band(),
  sphericity: band(),
  humidityOverIceFraction: numbers(),
  hoarKgPerM2: band(),
  grainSizeMm: band(),
  hoursSinceWet: band(),
  crustFraction: numbers(),
  surpriseK: number(),
  effectiveMembers: number().required(),
  energyResidualRelative: number().required(),
  modelVersion: string().required(),
}).noUnknown();
