import { object } from 'yup';
import { DISCIPLINES, PURPOSES } from '../../core/terms';
import { boundedNumber, moment, oneOfWords, plainText, yesNo } from './fields';
import { words } from '../../words';

const WORDS = words.screens.formats.schemas;

const hoursOnSnow = () => boundedNumber(WORDS.hoursOnSnow, { low: 0.1, high: 24, unit: 'h' });

/** What the skis are for; see OutingFacts in the core. */
export const outingFactsSchema = object({
  discipline: oneOfWords(WORDS.discipline, DISCIPLINES).required(WORDS.disciplineIsMissing),
  distanceKm: boundedNumber(WORDS.distance, { low: 0, high: 500, unit: 'km' }).required(
    WORDS.distanceIsMissing,
  ),
  purpose: oneOfWords(WORDS.purpose, PURPOSES).required(WORDS.purposeIsMissing),
  fluorocarbonsAllowed: yesNo(WORDS.fluorocarbonsAllowed),
  hoursOnSnow: hoursOnSnow(),
}).typeError(WORDS.outingMustBeAnObject);

/** When the skis are on snow. */
export const windowSchema = object({
  startAt: moment(WORDS.start).required(WORDS.startIsMissing),
  hoursOnSnow: hoursOnSnow(),
});

/** An outing as a person plans it. */
export const outingSchema = outingFactsSchema.concat(
  object({
    name: plainText(WORDS.name, 80).trim().required(WORDS.giveTheOutingAName),
    venueId: plainText(WORDS.venue, 64).required(WORDS.chooseAVenue),
    startAt: moment(WORDS.start).required(WORDS.startIsMissing),
  }),
);

/** The venue's own correction and an outing's hand correction share one range. */
export const ownCorrectionC = (name: string) =>
  boundedNumber(name, { low: -5, high: 5, unit: '°C' });

const TIME_ZONE = WORDS.timeZoneMustBeA;

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
  name: plainText(WORDS.name, 80).trim().required(WORDS.giveTheVenueAName),
  altitudeM: boundedNumber(WORDS.altitude, { low: -100, high: 5000, unit: 'm' }).required(
    WORDS.altitudeIsMissing,
  ),
  latitude: boundedNumber(WORDS.latitude, { low: -90, high: 90, unit: '°' }).required(
    WORDS.latitudeIsMissing,
  ),
  longitude: boundedNumber(WORDS.longitude, { low: -180, high: 180, unit: '°' }).required(
    WORDS.longitudeIsMissing,
  ),
  timeZone: plainText(WORDS.timeZone, 64)
    .required(WORDS.timeZoneIsMissing)
    .test('zone', TIME_ZONE, (value) => value === undefined || isTimeZone(value)),
  ownCorrectionC: ownCorrectionC(WORDS.correction).required(WORDS.correctionIsMissing),
});
