import { object } from 'yup';
import { SKI_FIELDS } from '../../core/model';
import type { Ski } from '../../core/ski';
import { BASE_SIDES, FINDING_KINDS, SKI_EVENT_KINDS, WEAR_SNOWS } from '../../core/terms';
import { words } from '../../words';
import { boundedNumber, moment, oneOfWords, plainText } from './fields';
import { fallbacksOf, schemaFrom } from './from-fields';

const WORDS = words.screens.formats.schemas;

/** A pair or board of the rack; see Ski in the core. */
export const skiSchema = schemaFrom<Ski>(SKI_FIELDS, words.fields.SKI).typeError(
  WORDS.aSkiMustBeAn,
);

/** What a ski is taken for where nobody said more. */
export const SKI_DEFAULTS = fallbacksOf(SKI_FIELDS);

/** Something seen at a place of the base. */
export const findingSchema = object({
  skiId: plainText(WORDS.ski, 64).required(WORDS.skiIsMissing2),
  kind: oneOfWords(WORDS.finding, FINDING_KINDS).required(WORDS.chooseWhatWasFound),
  positionCm: boundedNumber(WORDS.place, { low: 0, high: 240, unit: 'cm' }).required(
    WORDS.placeIsMissing,
  ),
  side: oneOfWords(WORDS.side, BASE_SIDES).required(WORDS.chooseASide),
});

/** An event as a person writes it down. */
export const skiEventSchema = object({
  skiId: plainText(WORDS.ski, 64).required(WORDS.skiIsMissing2),
  kind: oneOfWords(WORDS.event, SKI_EVENT_KINDS).required(WORDS.chooseWhatHappened),
  at: moment(WORDS.time),
  waxing: oneOfWords(WORDS.waxing, ['hot', 'liquid', 'top', 'box', 'storage'] as const),
  coats: boundedNumber(WORDS.coats, { low: 0, high: 20, unit: '' }),
  boxHours: boundedNumber(WORDS.hoursInTheBox, { low: 0, high: 100, unit: 'h' }),
  km: boundedNumber(WORDS.kilometres, { low: 0, high: 1000, unit: 'km' }),
  snow: oneOfWords(WORDS.snow, WEAR_SNOWS),
  note: plainText(WORDS.note, 300),
}).test('km', WORDS.sayHowManyKilometres, function hasKm(value) {
  if (value.kind !== 'kilometres' || value.km !== undefined) return true;
  return this.createError({ path: 'km', message: WORDS.sayHowManyKilometres });
});
