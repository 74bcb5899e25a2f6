import { object } from 'yup';
import { SURFACE_KINDS } from '../../core/snow/outlook';
import { list } from './list';
import { boundedNumber, oneOfWords, plainText } from './fields';

const MOST_SEGMENTS = 8;

/** A segment of a course as typed. */
export const segmentSchema = object({
  name: plainText('Name', 40).trim().required('Give the segment a name.'),
  lengthM: boundedNumber('Length', 10, 100_000, 'm').required('Length is missing.'),
  altitudeM: boundedNumber('Altitude', -100, 5000, 'm').required('Altitude is missing.'),
  slopeDeg: boundedNumber('Slope', 0, 60, '°').required('Slope is missing.'),
  aspectDeg: boundedNumber('Aspect', 0, 360, '°').required('Aspect is missing.'),
  shadeFraction: boundedNumber('Shade', 0, 1, '').required('Shade is missing.'),
  exposure: boundedNumber('Wind exposure', 0.1, 1.5, '').required('Wind exposure is missing.'),
  surface: oneOfWords('Surface', SURFACE_KINDS).required('Surface is missing.'),
});

/** A whole course. */
export const courseSchema = object({
  segments: list(segmentSchema.required())
    .max(MOST_SEGMENTS, `Up to ${MOST_SEGMENTS} segments.`)
    .required('segments is missing.'),
});

/** A weather station as typed. */
export const stationSchema = object({
  name: plainText('Name', 60).trim().required('Give the station a name.'),
  altitudeM: boundedNumber('Altitude', -100, 5000, 'm').required('Altitude is missing.'),
});
