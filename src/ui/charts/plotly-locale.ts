import type { Locale } from '../../words/locale';
import { decimalSign } from '../../words/number-format';

const DAYS = 7;
const MONTHS = 12;
/** A Sunday in a January. */
const FIRST = { year: 2023, month: 0, day: 1 };
const THIN_SPACE = '\u2009';

const named = (count: number, name: (at: number) => string) =>
  Array.from({ length: count }, (_, at) => name(at));

/** What a chart writes of dates and numbers in a language, in the shape that Plotly registers. */
export function plotlyLocale(tag: Locale | string) {
  const day = (weekday: 'long' | 'short') => {
    const format = new Intl.DateTimeFormat(tag, { weekday, timeZone: 'UTC' });
    return named(DAYS, (at) => format.format(Date.UTC(FIRST.year, FIRST.month, FIRST.day + at)));
  };
  const month = (length: 'long' | 'short') => {
    const format = new Intl.DateTimeFormat(tag, { month: length, timeZone: 'UTC' });
    return named(MONTHS, (at) => format.format(Date.UTC(FIRST.year, at, 1)));
  };
  return {
    moduleType: 'locale',
    name: tag,
    dictionary: {},
    format: {
      days: day('long'),
      shortDays: day('short'),
      months: month('long'),
      shortMonths: month('short'),
      date: '%d.%m.%Y',
      decimal: decimalSign(),
      thousands: THIN_SPACE,
    },
  };
}
