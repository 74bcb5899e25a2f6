import {
  OUTING_FACT_FIELDS,
  OUTING_FIELDS,
  VENUE_FIELDS,
  type OutingToSave,
  type Venue,
} from '../../core/model';
import type { OutingFacts } from '../../core/wax';
import { boundedNumber } from './fields';
import { schemaFrom, withRule } from './from-fields';
import { fieldsWords } from '../../words/areas/fields';
import { formatsScreenWords } from '../../words/screens/formats';
import { lazily, type Word } from '../../words/lazily';

const WORDS = lazily(formatsScreenWords.schemas);

/** When the skis go on snow and for how long. */
type OutingWindow = Pick<OutingToSave, 'startAt' | 'hoursOnSnow'>;

/** What the skis are for; see OutingFacts in the core. */
export const outingFactsSchema = schemaFrom<OutingFacts>(
  OUTING_FACT_FIELDS,
  fieldsWords.OUTING,
).typeError(WORDS.outingMustBeAnObject);

/** When the skis are on snow. */
export const windowSchema = schemaFrom<OutingWindow>(
  { startAt: OUTING_FIELDS.startAt, hoursOnSnow: OUTING_FIELDS.hoursOnSnow },
  fieldsWords.OUTING,
);

/** An outing as a person plans it. */
export const outingSchema = schemaFrom<OutingFacts & Omit<OutingToSave, 'id' | keyof OutingFacts>>(
  OUTING_FIELDS,
  fieldsWords.OUTING,
);

const [low, high] = VENUE_FIELDS.ownCorrectionC.range;
/** The venue's own correction and an outing's hand correction share one range. */
export const ownCorrectionC = (name: Word) => boundedNumber(name, { low, high, unit: '°C' });

function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
}

const isThere = (value: unknown) => value !== undefined && value !== null;

/** A place with its own clock. */
export const venueSchema = withRule(
  withRule(
    schemaFrom<Omit<Venue, 'id'>>(VENUE_FIELDS, fieldsWords.VENUE),
    'longitude',
    ({ latitude, longitude }) =>
      isThere(latitude) === isThere(longitude) ? undefined : WORDS.positionHalf,
  ),
  'timeZone',
  ({ timeZone }) =>
    typeof timeZone === 'string' && timeZone !== '' && !isTimeZone(timeZone)
      ? WORDS.timeZoneUnknown
      : undefined,
);
