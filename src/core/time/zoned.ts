import { tzOffset } from '@date-fns/tz';
import { DAY_MS, HOUR_MS, MINUTE_MS, SECOND_MS } from '../units/constants';
import { DomainError } from '../errors';

const MINUTES_AN_HOUR = HOUR_MS / MINUTE_MS;
const SECONDS_A_MINUTE = MINUTE_MS / SECOND_MS;
const LOCAL = /^(\d{4})-(\d{2})-(\d{2})[ T](\d{2}):(\d{2})(?::(\d{2}))?$/;

/** True for a time written without a zone: `2027-01-16T17:00` or `2027-01-16 17:00:30`. */
export function isLocalTime(text: string): boolean {
  return LOCAL.test(text);
}

/** Offsets of days on which a zone does not change it, minutes; `changes` for a day on which it does. */
const steadyDays = new Map<string, number | 'changes'>();
/** As many days of zones are remembered; then it begins anew. */
const MOST_DAYS = 1000;

/** Offset of a zone at an instant, minutes; days without a change of clock are looked up once. */
function offsetMinutes(timeZone: string, instantMs: number): number {
  const day = Math.floor(instantMs / DAY_MS);
  const key = `${timeZone} ${day}`;
  let steady = steadyDays.get(key);
  if (steady === undefined) {
    const [start, end] = [day, day + 1].map((at) => tzOffset(timeZone, new Date(at * DAY_MS)));
    steady = start === end ? start! : 'changes';
    if (steadyDays.size >= MOST_DAYS) steadyDays.clear();
    steadyDays.set(key, steady);
  }
  return steady === 'changes' ? tzOffset(timeZone, new Date(instantMs)) : steady;
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
  const [year = 0, month = 0, day = 0, hour = 0, minute = 0, second = 0] = parts ?? [];
  const asUtcMs = Date.UTC(year, month - 1, day, hour, minute, second);
  const isReal =
    parts !== undefined &&
    new Date(asUtcMs).toISOString().startsWith(text.slice(0, 10)) &&
    asUtcMs - Date.UTC(year, month - 1, day) < DAY_MS &&
    minute < MINUTES_AN_HOUR &&
    second < SECONDS_A_MINUTE;
  if (!isReal) throw new DomainError({ code: 'bad_time' }, 'time', text);
  // The offset at the instant differs from that at the same figures in UTC only near a change of clock.
  const nearMs = asUtcMs - offsetMinutes(timeZone, asUtcMs) * MINUTE_MS;
  const offset = offsetMinutes(timeZone, nearMs);
  const foundMs = asUtcMs - offset * MINUTE_MS;
  // In an hour that the clock skips the two offsets differ: with the one before the change it goes forward.
  const atFound = Number.isFinite(foundMs) ? offsetMinutes(timeZone, foundMs) : offset;
  const instantMs = asUtcMs - Math.min(offset, atFound) * MINUTE_MS;
  if (!Number.isFinite(instantMs)) {
    throw new DomainError({ code: 'bad_time' }, 'timeZone', timeZone);
  }
  return new Date(instantMs).toISOString();
}

const SECONDS_AND_ZONE = ':00.000Z';

/** The local time, `2027-01-16T17:00`, of an instant on a zone's clock; the inverse of {@link instantFromLocal}. */
export function localFromInstant(iso: string, timeZone: string): string {
  const instantMs = Date.parse(iso);
  const onClock = new Date(instantMs + offsetMinutes(timeZone, instantMs) * MINUTE_MS);
  if (!Number.isFinite(onClock.getTime())) {
    throw new DomainError({ code: 'bad_time' }, 'iso', iso);
  }
  return onClock.toISOString().slice(0, -SECONDS_AND_ZONE.length);
}
