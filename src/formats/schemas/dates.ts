import { wallMs } from '../../core/time';
const MOMENT =
  /^(\d{4}-\d{2}-\d{2})T([01]\d|2[0-3]):([0-5]\d)(:([0-5]\d)(\.\d{1,9})?)?(Z|[+-]\d{2}:?[0-5]\d)$/;
const DAY = /^(\d{4})-(\d{2})-(\d{2})$/;
const LONGEST = 40;
const EARLIEST_MS = Date.UTC(2000, 0, 1);
const YEARS_AHEAD = 2;

/** A day that the calendar has: not 31 February. */
export function isCalendarDay(text: string): boolean {
  const parts = DAY.exec(text);
  if (!parts) return false;
  const [year, month, day] = parts.slice(1).map(Number) as [number, number, number];
  const date = new Date(Date.UTC(year, month - 1, day));
  return date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
}

/** A moment of ISO 8601 with its zone, on a day that the calendar has. */
export function isMoment(text: string): boolean {
  if (text.length > LONGEST) return false;
  const parts = MOMENT.exec(text);
  return parts !== null && isCalendarDay(parts[1]!) && Number.isFinite(Date.parse(text));
}

/** From 2000 to the end of the year after next: what is further off is a slip of the pen. */
export function isPlausible(text: string): boolean {
  const ms = Date.parse(text);
  const last = Date.UTC(new Date(wallMs()).getUTCFullYear() + YEARS_AHEAD + 1, 0, 1);
  return ms >= EARLIEST_MS && ms < last;
}
