import { createEvents, type DateArray } from 'ics';
import { calendarLine, calendarText } from './text';
import { formatsScreenWords } from '../../words/screens/formats';

const WORDS = formatsScreenWords.calendarOuting;

/** One piece of work in somebody's calendar. */
export interface CalendarWork {
  id: string;
  title: string;
  note: string;
  startMs: number;
  endMs: number;
}

const inUtc = (ms: number): DateArray => {
  const at = new Date(ms);
  return [
    at.getUTCFullYear(),
    at.getUTCMonth() + 1,
    at.getUTCDate(),
    at.getUTCHours(),
    at.getUTCMinutes(),
  ];
};

/** Somebody's work as an iCalendar file (RFC 5545), times in UTC. */
export function writeWorkCalendar(work: readonly CalendarWork[]): string {
  const { error, value } = createEvents(
    work.map(({ id, title, note, startMs, endMs }) => ({
      uid: `${calendarLine(id)}@frost-pick`,
      productId: 'frost-pick/plan',
      title: calendarLine(title),
      description: calendarText(note),
      start: inUtc(startMs),
      startInputType: 'utc',
      startOutputType: 'utc',
      end: inUtc(endMs),
      endInputType: 'utc',
      endOutputType: 'utc',
    })),
  );
  if (error || typeof value !== 'string') throw error ?? new Error(WORDS.noCalendarEntryWasMade);
  return value;
}
