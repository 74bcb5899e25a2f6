import { object } from 'yup';
import {
  AMOUNTS,
  CHANCES,
  WIND_WORDS,
  type Amount,
  type Chance,
  type WindWord,
} from '../../core/snow/forecast-terms';
import type { SimpleForecast } from '../../core/snow/simple-forecast';
import { SKIES, type Sky } from '../../core/terms';
import { boundedNumber, calendarDay, oneOfWords } from './fields';
import { withRule } from './from-fields';
import { fieldsWords } from '../../words/areas/fields';
import { formatsScreenWords } from '../../words/screens/formats';
import { lazily, type Word } from '../../words/lazily';

const FIELDS = lazily(fieldsWords);

const WORDS = lazily(formatsScreenWords.simpleForecast);

export const FIRST_HALVES = ['day', 'night'] as const;

/** A forecast in two lines as it is typed; the day is that of its midnight, on the clock of the place. */
export interface TypedForecast {
  day: string;
  first: (typeof FIRST_HALVES)[number];
  dayLowC: number;
  dayHighC: number;
  daySky: Sky;
  nightLowC: number;
  nightHighC: number;
  nightSky: Sky;
  wind: WindWord;
  chance: Chance;
  amount: Amount;
}

const air = (name: Word) =>
  boundedNumber(name, { low: -60, high: 40, unit: '°C' }).required(FIELDS.missing(name));
const word = <T extends string>(name: Word, of: readonly T[]) =>
  oneOfWords(name, of).required(FIELDS.missing(name));

const lowUnderHigh = (low: unknown, high: unknown) =>
  typeof low === 'number' && typeof high === 'number' && low > high
    ? WORDS.lowAboveHigh
    : undefined;

/** A forecast in two lines, from a form or an action. */
export const simpleForecastSchema = withRule(
  withRule(
    object({
      day: calendarDay(WORDS.day).required(FIELDS.missing(WORDS.day)),
      first: word(WORDS.first, FIRST_HALVES),
      dayLowC: air(WORDS.dayLow),
      dayHighC: air(WORDS.dayHigh),
      daySky: word(WORDS.daySky, SKIES),
      nightLowC: air(WORDS.nightLow),
      nightHighC: air(WORDS.nightHigh),
      nightSky: word(WORDS.nightSky, SKIES),
      wind: word(WORDS.wind, WIND_WORDS),
      chance: word(WORDS.chance, CHANCES),
      amount: word(WORDS.amount, AMOUNTS),
    }).typeError(WORDS.theForecastMustBeAnObject),
    'dayLowC',
    ({ dayLowC, dayHighC }) => lowUnderHigh(dayLowC, dayHighC),
  ),
  'nightLowC',
  ({ nightLowC, nightHighC }) => lowUnderHigh(nightLowC, nightHighC),
);

/** The typed forecast as the core takes it. */
export const simpleForecastFrom = (typed: TypedForecast): SimpleForecast => ({
  day: { lowC: typed.dayLowC, highC: typed.dayHighC, sky: typed.daySky },
  night: { lowC: typed.nightLowC, highC: typed.nightHighC, sky: typed.nightSky },
  wind: typed.wind,
  chance: typed.chance,
  amount: typed.amount,
});
