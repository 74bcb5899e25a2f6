import { boolean, number, string } from 'yup';
import { isCalendarDay, isMoment, isPlausible } from './dates';
import { wordNow, type Word } from '../../words/lazily';
import { formatsScreenWords } from '../../words/screens/formats';

const WORDS = formatsScreenWords.schemas;

/** A number in a range, with the sentence a person reads when it is not. */
export function boundedNumber(
  name: Word,
  { low, high, unit }: { low: number; high: number; unit: string },
) {
  const range = () => WORDS.numberOutOfRange(wordNow(name), low, high, unit ? ` ${unit}` : '');
  return number().typeError(range).min(low, range).max(high, range).meta({ unit });
}

/** One of a fixed list of words. */
export function oneOfWords<T extends string>(name: Word, words: readonly T[]) {
  const sentence = () => WORDS.mustBeOneOf(wordNow(name), words.join(', '));
  return string<T>().typeError(sentence).oneOf(words, sentence);
}

/** Yes or no. */
export function yesNo(name: Word) {
  return boolean().typeError(() => WORDS.notBoolean(wordNow(name)));
}

// Control characters but tab and line breaks; angle brackets would be markup.
const NOT_PLAIN = /[<>\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/;

/** Plain text without markup or control characters, up to `most` characters. */
export function plainText(name: Word, most: number) {
  return string()
    .typeError(() => WORDS.mustBeText(wordNow(name)))
    .max(most, () => WORDS.textTooLong(wordNow(name), most))
    .test({
      name: 'plain',
      message: () => WORDS.textForbidden(wordNow(name)),
      test: (value) => value === undefined || !NOT_PLAIN.test(value),
    });
}

/** What an address reads as more than a part of itself: an id with it could never be asked for. */
const NO_ID = /[/\\?#%;]|^\.{1,2}$/;

/** Text that names a record in addresses too. */
export const idText = (name: Word, most: number) =>
  plainText(name, most).test({
    name: 'id',
    message: () => WORDS.noId(wordNow(name)),
    test: (value) => value === undefined || !NO_ID.test(value),
  });

/** A moment with its zone, ISO 8601: `2027-01-16T15:00:00Z` or with an offset; see dates.ts. */
export function moment(name: Word) {
  const sentence = () => WORDS.notInstant(wordNow(name));
  const implausible = () => `${wordNow(name)} ${WORDS.yearOutOfRange}`;
  return string()
    .typeError(sentence)
    .test({
      name: 'moment',
      test(value) {
        if (value === undefined) return true;
        if (!isMoment(value)) return this.createError({ message: sentence });
        return isPlausible(value) || this.createError({ message: implausible });
      },
    });
}

/** A day of the calendar: `2026-11-23`. Empty text stands for none. */
export function calendarDay(name: Word) {
  const sentence = () => WORDS.notDay(wordNow(name));
  const implausible = () => `${wordNow(name)} ${WORDS.yearOutOfRange}`;
  return string()
    .typeError(sentence)
    .test({
      name: 'day',
      test(value) {
        if (value === undefined || value === '') return true;
        if (!isCalendarDay(value)) return this.createError({ message: sentence });
        return isPlausible(value) || this.createError({ message: implausible });
      },
    });
}

const CLOCK = /^([01]\d|2[0-3]):[0-5]\d$/;

/** A time of day: `05:30`. Empty text stands for none. */
export function clockTime(name: Word) {
  const sentence = () => WORDS.notTimeOfDay(wordNow(name));
  return string()
    .typeError(sentence)
    .test({
      name: 'clock',
      message: sentence,
      test: (value) => value === undefined || value === '' || CLOCK.test(value),
    });
}
