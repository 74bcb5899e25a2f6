import { object } from 'yup';
import { DISCIPLINES, PURPOSES } from '../../core/terms';
import { boundedNumber, moment, oneOfWords, plainText, yesNo } from './fields';

const hoursOnSnow = () => boundedNumber('Hours on snow', 0.1, 24, 'h');

/** What the skis are for; see OutingFacts in the core. */
export const outingFactsSchema = object({
  discipline: oneOfWords('Discipline', DISCIPLINES).required('Discipline is missing.'),
  distanceKm: boundedNumber('Distance', 0, 500, 'km').required('Distance is missing.'),
  purpose: oneOfWords('Purpose', PURPOSES).required('Purpose is missing.'),
  fluorocarbonsAllowed: yesNo('Fluorocarbons allowed'),
  hoursOnSnow: hoursOnSnow(),
}).typeError('outing must be an object.');

/** When the skis are on snow. */
export const windowSchema = object({
  startAt: moment('Start').required('Start is missing.'),
  hoursOnSnow: hoursOnSnow(),
});

/** An outing as a person plans it. */
export const outingSchema = outingFactsSchema.concat(
  object({
    name: plainText('Name', 80).trim().required('Give the outing a name.'),
    venueId: plainText('Venue', 64).required('Choose a venue.'),
    startAt: moment('Start').required('Start is missing.'),
  }),
);

/** The venue's own correction and an outing's hand correction share one range. */
export const ownCorrectionC = (name: string) => boundedNumber(name, -5, 5, '°C');

const TIME_ZONE = 'Time zone must be a zone name such as CET or Etc/UTC.';

function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
}

/** A place with its own clock. */
export const venueSchema = object({
  name: plainText('Name', 80).trim().required('Give the venue a name.'),
  altitudeM: boundedNumber('Altitude', -100, 5000, 'm').required('Altitude is missing.'),
  latitude: boundedNumber('Latitude', -90, 90, '°').required('Latitude is missing.'),
  longitude: boundedNumber('Longitude', -180, 180, '°').required('Longitude is missing.'),
  timeZone: plainText('Time zone', 64)
    .required('Time zone is missing.')
    .test('zone', TIME_ZONE, (value) => value === undefined || isTimeZone(value)),
  ownCorrectionC: ownCorrectionC('Correction').required('Correction is missing.'),
});
