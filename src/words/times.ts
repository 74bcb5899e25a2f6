/** How days and months are written. */
const LOCALE = 'en-GB';
const MINUTE_MS = 60_000;

/** `Sat 16 Jan 17:00` on the clock of a zone. */
export function dayAndTime(iso: string, timeZone: string): string {
  const parts = new Intl.DateTimeFormat(LOCALE, {
    timeZone,
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).formatToParts(new Date(iso));
  const part = (type: string) => parts.find((one) => one.type === type)?.value ?? '';
  return `${part('weekday')} ${part('day')} ${part('month')} ${part('hour')}:${part('minute')}`;
}

/** `Sat 16 Jan` of a day of the calendar. */
export const dayOf = (day: string): string =>
  new Intl.DateTimeFormat(LOCALE, {
    timeZone: 'UTC',
    weekday: 'short',
    day: 'numeric',
    month: 'short',
  })
    .format(new Date(`${day}T00:00:00Z`))
    .replace(',', '');

/** `17:00` on the clock of a zone. */
export function clockTime(iso: string, timeZone: string): string {
  return new Intl.DateTimeFormat(LOCALE, {
    timeZone,
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).format(new Date(iso));
}

/** `3 d 4 h`, `4 h 12 min`, `12 min`: whole minutes, two parts at most. Negative spans count as positive. */
export function span(milliseconds: number): string {
  const minutes = Math.floor(Math.abs(milliseconds) / MINUTE_MS);
  const days = Math.floor(minutes / 1440);
  const hours = Math.floor((minutes % 1440) / 60);
  if (days > 0) return hours > 0 ? `${days} d ${hours} h` : `${days} d`;
  if (hours > 0) return `${hours} h ${minutes % 60} min`;
  return `${minutes} min`;
}

const pad = (value: number) => String(value).padStart(2, '0');

/** `12:05`, `1:02:05`: a countdown to the second, never below zero. */
export function countdown(milliseconds: number): string {
  const seconds = Math.max(0, Math.ceil(milliseconds / 1000));
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor((seconds % 3600) / 60)];
  return hours > 0
    ? `${hours}:${pad(minutes)}:${pad(seconds % 60)}`
    : `${minutes}:${pad(seconds % 60)}`;
}
