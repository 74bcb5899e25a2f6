import { array, number, object, string, type InferType } from 'yup';
import {
  LONGEST_BRIDGE_H,
  MOST_MEMBERS,
  SURFACE_KINDS,
  weatherGaps,
  type OutlookInput,
} from '../../core/snow/outlook';
import { list } from './list';
import { boundedNumber, moment, oneOfWords } from './fields';

export const MOST_HOURS = 240;
const HOUR_MS = 3_600_000;
const MOST_SAMPLES = 2000;
const MOST_READINGS = 500;

/** Where the snow lies. */
export const siteSchema = object({
  latitude: boundedNumber('Latitude', -90, 90, '°').required('Latitude is missing.'),
  longitude: boundedNumber('Longitude', -180, 180, '°').required('Longitude is missing.'),
  altitudeM: boundedNumber('Altitude', -100, 5000, 'm').required('Altitude is missing.'),
  slopeDeg: boundedNumber('Slope', 0, 60, '°'),
  aspectDeg: boundedNumber('Aspect', 0, 360, '°'),
  shadeFraction: boundedNumber('Shade', 0, 1, ''),
}).typeError('site must be an object.');

/** What the snow surface is at the start of the weather. */
export const surfaceSchema = object({
  kind: oneOfWords('Surface', SURFACE_KINDS).required('Kind of surface is missing.'),
  densityKgPerM3: boundedNumber('Density', 50, 900, 'kg/m³'),
  albedo: boundedNumber('Albedo', 0.2, 0.95, ''),
  startTemperatureC: boundedNumber('Start temperature', -60, 0, '°C'),
  dendricity: boundedNumber('Dendricity', 0, 1, ''),
  sphericity: boundedNumber('Sphericity', 0, 1, ''),
}).typeError('surface must be an object.');

/** One moment of the weather. */
export const weatherSampleSchema = object({
  time: moment('Time').required('Time is missing.'),
  airTemperatureC: boundedNumber('Air temperature', -60, 40, '°C').required(
    'Air temperature is missing.',
  ),
  humidityFraction: boundedNumber('Humidity', 0, 1, '').required('Humidity is missing.'),
  windMPerS: boundedNumber('Wind', 0, 60, 'm/s').required('Wind is missing.'),
  cloudFraction: boundedNumber('Cloud', 0, 1, '').required('Cloud is missing.'),
  precipitationMm: boundedNumber('Precipitation', 0, 100, 'mm'),
  globalRadiationWPerM2: boundedNumber('Global radiation', 0, 1500, 'W/m²'),
}).typeError('A weather sample must be an object.');

const readingSchema = object({
  time: moment('Time').required('Time is missing.'),
  temperatureC: boundedNumber('Snow temperature', -60, 0, '°C').required(
    'Snow temperature is missing.',
  ),
  sdC: boundedNumber('Spread', 0.1, 10, '°C').required('Spread is missing.'),
}).typeError('A reading must be an object.');

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
      message: 'Times must increase; this one does not follow the one before.',
    };
  }
  if (times.at(-1)! - times[0]! > MOST_HOURS * HOUR_MS) {
    return { at: undefined, message: `The weather may cover up to ${MOST_HOURS} hours.` };
  }
  const sample = { airTemperatureC: 0, humidityFraction: 0, windMPerS: 0, cloudFraction: 0 };
  const { tooLong } = weatherGaps(times.map((timeMs) => ({ timeMs, ...sample })));
  const gap = tooLong[0];
  return gap
    ? {
        at: undefined,
        message: `The weather has a gap of over ${LONGEST_BRIDGE_H} h, from ${isoOf(gap.fromMs)} to ${isoOf(gap.toMs)}: fill it in.`,
      }
    : undefined;
}

/** Body of POST /api/v1/outlook. */
export const outlookRequestSchema = object({
  site: siteSchema.required('site is missing.'),
  surface: surfaceSchema.required('surface is missing.'),
  weather: list(weatherSampleSchema.required('A weather sample may not be null.'))
    .typeError('weather must be a list.')
    .min(2, 'Give at least two hours of weather.')
    .max(MOST_SAMPLES, `Up to ${MOST_SAMPLES} weather samples.`)
    .required('weather is missing.')
    .test({
      name: 'series',
      test(samples) {
        const problem = weatherProblem((samples ?? []).map(msOf));
        if (!problem) return true;
        const path = problem.at === undefined ? this.path : `${this.path}[${problem.at}].time`;
        return this.createError({ path, message: problem.message });
      },
    }),
  readings: list(readingSchema.required('A reading may not be null.'))
    .typeError('readings must be a list.')
    .max(MOST_READINGS, `Up to ${MOST_READINGS} readings.`)
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
          message: `This reading lies outside the weather, which goes from ${isoOf(first)} to ${isoOf(last)}.`,
        });
      },
    }),
  members: number()
    .typeError('members must be a whole number.')
    .integer('members must be a whole number.')
    .min(1, 'At least one member.')
    .max(MOST_MEMBERS, `Up to ${MOST_MEMBERS} members.`),
  seed: number()
    .typeError('seed must be a whole number.')
    .integer('seed must be a whole number.')
    .min(0, 'seed must be 0 or more.')
    .max(2 ** 32 - 1, 'seed must be under 2³².'),
}).typeError('The body must be a JSON object.');

type OutlookRequest = InferType<typeof outlookRequestSchema>;

/** A checked request as the core takes it. */
export function outlookInputFrom({
  site,
  surface,
  weather,
  readings,
  members,
  seed,
}: OutlookRequest): OutlookInput {
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
    weather: weather.map(({ time, ...sample }) => ({ ...sample, timeMs: Date.parse(time) })),
    readings: (readings ?? []).map(({ time, ...reading }) => ({
      ...reading,
      timeMs: Date.parse(time),
    })),
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
  effectiveMembers: number().required(),
  energyResidualRelative: number().required(),
  modelVersion: string().required(),
}).noUnknown();
