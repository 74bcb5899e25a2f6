import { localFromInstant } from '../core/time';
import { termsWords } from './areas/terms';
import { localeTag } from './locale';

const MINUTE_MS = 60_000;

const DAY = { weekday: 'short', day: 'numeric', month: 'short' } as const;
const CLOCK = { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' } as const;

/**
 * A formatter takes a tenth of a millisecond to make, and a page writes a hundred times: each is made once a language
 * and zone.
 */
function everyZone(options: Intl.DateTimeFormatOptions): (timeZone: string) => Intl.DateTimeFormat {
  const made = new Map<string, Intl.DateTimeFormat>();
  return (timeZone) => {
    const locale = localeTag();
    const key = `${locale} ${timeZone}`;
    const format = made.get(key) ?? new Intl.DateTimeFormat(locale, { ...options, timeZone });
    made.set(key, format);
    return format;
  };
}
const dayFormat = everyZone(DAY);
const clockFormat = everyZone(CLOCK);

const dayIn = (at: Date, timeZone: string) => dayFormat(timeZone).format(at).replace(',', '');

/** `Sat 16 Jan 17:00` on the clock of a zone. */
export const dayAndTime = (iso: string, timeZone: string): string =>
  `${dayIn(new Date(iso), timeZone)} ${clockTime(iso, timeZone)}`;

/** `Sat 16 Jan` of a day of the calendar. */
export const dayOf = (day: string): string => dayIn(new Date(`${day}T00:00:00Z`), 'UTC');

/** `17:00` on the clock of a zone. */
export const clockTime = (iso: string, timeZone: string): string =>
  clockFormat(timeZone).format(new Date(iso));

/** `3 d 4 h`, `4 h 12 min`, `12 min`: whole minutes, two parts at most. Negative spans count as positive. */
export function span(milliseconds: number): string {
  const minutes = Math.floor(Math.abs(milliseconds) / MINUTE_MS);
  const days = Math.floor(minutes / 1440);
  const hours = Math.floor((minutes % 1440) / 60);
  const { day, hour, minute } = termsWords.SPAN;
  if (days > 0) return hours > 0 ? `${days} ${day} ${hours} ${hour}` : `${days} ${day}`;
  if (hours > 0) return `${hours} ${hour} ${minutes % 60} ${minute}`;
  return `${minutes} ${minute}`;
}

/** From here on nobody asks for the minutes of an age. */
const ROUGH_MS = 6 * 60 * MINUTE_MS;

/** As span, without the minutes from six hours on: how old something is. */
export const roughSpan = (milliseconds: number): string => {
  const said = span(milliseconds);
  return Math.abs(milliseconds) < ROUGH_MS
    ? said
    : said.replace(new RegExp(` \\d+ ${termsWords.SPAN.minute}$`), '');
};

const pad = (value: number) => String(value).padStart(2, '0');

/** `12:05`, `1:02:05`: a countdown to the second, never below zero. */
export function countdown(milliseconds: number): string {
  const seconds = Math.max(0, Math.ceil(milliseconds / 1000));
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor((seconds % 3600) / 60)];
  return hours > 0
    ? `${hours}:${pad(minutes)}:${pad(seconds % 60)}`
    : `${minutes}:${pad(seconds % 60)}`;
}

/** The clock alone where it is the same day as another time, else with its day. */
export function timeBeside(at: string, other: string, timeZone: string): string {
  const day = (iso: string) => localFromInstant(iso, timeZone).split('T')[0];
  return (day(at) === day(other) ? clockTime : dayAndTime)(at, timeZone);
}
