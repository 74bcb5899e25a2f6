import { TZDate } from '@date-fns/tz';
import { DomainError } from '../errors';

const LOCAL = /^(\d{4})-(\d{2})-(\d{2})[ T](\d{2}):(\d{2})(?::(\d{2}))?$/;

/** True for a time written without a zone: `2027-01-16T17:00` or `2027-01-16 17:00:30`. */
export function isLocalTime(text: string): boolean {
  return LOCAL.test(text);
}

/**
 * The instant, ISO 8601 in UTC, of a local time on a zone's clock, daylight saving included; an hour
 * that the clock skips counts on. Not a real date or time: DomainError `bad_time`.
 * Example: 2027-01-16T17:00, CET → 2027-01-16T16:00:00.000Z.
 */
export function instantFromLocal(text: string, timeZone: string): string {
  const parts = LOCAL.exec(text)
    ?.slice(1)
    .map((part) => Number(part ?? 0));
  const [year = 0, month = 0, day = 0, hour = 99, minute = 0, second = 0] = parts ?? [];
  const date = new TZDate(year, month - 1, day, hour, minute, second, timeZone);
  const isReal =
    parts !== undefined &&
    new Date(Date.UTC(year, month - 1, day)).getUTCDate() === day &&
    month >= 1 &&
    month <= 12 &&
    hour < 24 &&
    minute < 60 &&
    second < 60;
  if (!isReal || !Number.isFinite(date.getTime())) {
    throw new DomainError('bad_time', 'time', text, `${text} is not a date and time`);
  }
  return new Date(date.getTime()).toISOString();
}

/** The local time, `2027-01-16T17:00`, of an instant on a zone's clock; the inverse of {@link instantFromLocal}. */
export function localFromInstant(iso: string, timeZone: string): string {
  const date = new TZDate(iso, timeZone);
  if (!Number.isFinite(date.getTime())) {
    throw new DomainError('bad_time', 'iso', iso, `${iso} is not an instant`);
  }
  const two = (value: number) => String(value).padStart(2, '0');
  const day = [date.getFullYear(), two(date.getMonth() + 1), two(date.getDate())].join('-');
  return `${day}T${two(date.getHours())}:${two(date.getMinutes())}`;
}
