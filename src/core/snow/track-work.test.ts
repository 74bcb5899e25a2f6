import { expect, it } from 'vitest';
import { trackWork } from './track-work';

const venue = { groomedAt: '05:30', timeZone: 'CET' };
const startMs = Date.parse('2027-01-16T17:00:00Z');
const at = (iso: string) => Date.parse(iso);
const groomed = (iso: string) => ({ timeMs: at(iso), kind: 'groomed' as const });

it('grooms every night at the usual hour of the venue’s clock, in the order of time', () => {
  const events = trackWork([], { venue, startMs });
  expect(events).toContainEqual(groomed('2027-01-16T04:30:00Z'));
  expect(events).toContainEqual(groomed('2027-01-07T04:30:00Z'));
  expect(events.map(({ timeMs }) => timeMs)).toEqual(
    events.map(({ timeMs }) => timeMs).sort((a, b) => a - b),
  );
  expect(events.at(-1)!.timeMs).toBeGreaterThan(startMs);
});

it('takes what was entered instead of the usual of that night', () => {
  const seen = groomed('2027-01-15T23:00:00Z');
  const events = trackWork([seen], { venue, startMs });
  expect(events).toContainEqual(seen);
  expect(events).not.toContainEqual(groomed('2027-01-16T04:30:00Z'));
  expect(events).toContainEqual(groomed('2027-01-15T04:30:00Z'));
  const skied = { timeMs: at('2027-01-16T08:00:00Z'), kind: 'skied' as const, passes: 80 };
  expect(trackWork([skied], { venue, startMs })).toContainEqual(groomed('2027-01-16T04:30:00Z'));
});

it('grooms nothing where nobody set an hour', () => {
  expect(trackWork([], { venue: { timeZone: 'CET' }, startMs })).toEqual([]);
});
