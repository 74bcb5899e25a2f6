import { createEvent } from 'ics';
import { calendarLine, calendarText } from './text';
import { formatsScreenWords } from '../../words/screens/formats';

const WORDS = formatsScreenWords.calendarOuting;

/** What a calendar shows of an outing. */
export interface CalendarOuting {
  id: string;
  name: string;
  place: string;
  latitude?: number;
  longitude?: number;
  startAt: string;
  hours: number;
  note: string;
}

/** An outing as an iCalendar file (RFC 5545), its start in UTC. */
export function writeCalendar(outing: CalendarOuting): string {
  const start = new Date(outing.startAt);
  const { latitude: lat, longitude: lon } = outing;
  const { error, value } = createEvent({
    uid: `${calendarLine(outing.id)}@frost-pick`,
    productId: 'frost-pick/outing',
    title: calendarLine(outing.name),
    location: calendarLine(outing.place),
    geo: lat !== undefined && lon !== undefined ? { lat, lon } : undefined,
    description: calendarText(outing.note),
    start: [
      start.getUTCFullYear(),
      start.getUTCMonth() + 1,
      start.getUTCDate(),
      start.getUTCHours(),
      start.getUTCMinutes(),
    ],
    startInputType: 'utc',
    startOutputType: 'utc',
    duration: { hours: outing.hours },
  });
  if (error || typeof value !== 'string') throw error ?? new Error(WORDS.noCalendarEntryWasMade);
  return value;
}
