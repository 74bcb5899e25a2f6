import { object } from 'yup';
import { SURFACE_KINDS } from '../../core/snow/outlook';
import { list } from './list';
import { boundedNumber, oneOfWords, plainText } from './fields';
import { words } from '../../words';

const WORDS = words.screens.formats.schemas;

const MOST_SEGMENTS = 8;

/** A segment of a course as typed. */
export const segmentSchema = object({
  name: plainText(WORDS.name, 40).trim().required(WORDS.giveTheSegmentAName),
  lengthM: boundedNumber(WORDS.length, { low: 10, high: 100_000, unit: 'm' }).required(
    WORDS.lengthIsMissing,
  ),
  altitudeM: boundedNumber(WORDS.altitude, { low: -100, high: 5000, unit: 'm' }).required(
    WORDS.altitudeIsMissing,
  ),
  slopeDeg: boundedNumber(WORDS.slope, { low: 0, high: 60, unit: '°' }).required(
    WORDS.slopeIsMissing,
  ),
  aspectDeg: boundedNumber(WORDS.aspect, { low: 0, high: 360, unit: '°' }).required(
    WORDS.aspectIsMissing,
  ),
  shadeFraction: boundedNumber(WORDS.shade, { low: 0, high: 1, unit: '' }).required(
    WORDS.shadeIsMissing,
  ),
  exposure: boundedNumber(WORDS.windExposure, { low: 0.1, high: 1.5, unit: '' }).required(
    WORDS.windExposureIsMissing,
  ),
  surface: oneOfWords(WORDS.surface, SURFACE_KINDS).required(WORDS.surfaceIsMissing2),
});

/** A whole course. */
export const courseSchema = object({
  segments: list(segmentSchema.required())
    .max(MOST_SEGMENTS, WORDS.upToSegments(MOST_SEGMENTS))
    .required(WORDS.segmentsIsMissing),
});

/** A weather station as typed. */
export const stationSchema = object({
  name: plainText(WORDS.name, 60).trim().required(WORDS.giveTheStationAName),
  altitudeM: boundedNumber(WORDS.altitude, { low: -100, high: 5000, unit: 'm' }).required(
    WORDS.altitudeIsMissing,
  ),
});
