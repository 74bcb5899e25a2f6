import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DomainError } from '../errors';
import { instantFromLocal, isLocalTime, localFromInstant } from '.';

describe('the venue’s clock', () => {
  it('turns local time into the instant, in winter and in summer', () => {
    expect(instantFromLocal('2027-01-16T17:00', 'CET')).toBe('2027-01-16T16:00:00.000Z');
    expect(instantFromLocal('2027-07-16 17:00:30', 'CET')).toBe('2027-07-16T15:00:30.000Z');
  });

  it('is right on the day the clock changes', () => {
    expect(instantFromLocal('2027-03-28T01:30', 'CET')).toBe('2027-03-28T00:30:00.000Z');
    expect(instantFromLocal('2027-03-28T02:30', 'CET')).toBe('2027-03-28T01:30:00.000Z');
    expect(instantFromLocal('2027-03-28T03:30', 'CET')).toBe('2027-03-28T01:30:00.000Z');
    expect(instantFromLocal('2027-10-31T04:00', 'CET')).toBe('2027-10-31T03:00:00.000Z');
  });

  it('is the inverse of reading an instant on that clock', () => {
    const local = '2027-03-28T09:15';
    expect(localFromInstant(instantFromLocal(local, 'CET'), 'CET')).toBe(local);
  });

  it('refuses what is not a time', () => {
    expect(isLocalTime('tomorrow')).toBe(false);
    for (const text of ['tomorrow', '2027-02-30T10:00', '2027-01-16T25:00', '2027-13-01T10:00']) {
      expect(() => instantFromLocal(text, 'CET')).toThrow(DomainError);
    }
    expect(() => instantFromLocal('2027-01-16T10:00', 'Nowhere')).toThrow(DomainError);
    expect(() => localFromInstant('never', 'CET')).toThrow(DomainError);
  });
});

it.each([
  ['CET', '2027-03-28T02:30', '2027-03-28T03:30'],
  ['America/New_York', '2027-03-14T02:15', '2027-03-14T03:15'],
])('an hour that the clock of %s skips goes forward: %s is %s', (zone, typed, shown) => {
  expect(localFromInstant(instantFromLocal(typed, zone), zone)).toBe(shown);
});

it.each(['CET', 'America/New_York', 'Australia/Sydney'])(
  'a time that the clock of %s shows comes back as it was, about its changes too',
  (zone) => {
    for (let hour = 0; hour < 24 * 365; hour += 7) {
      const local = localFromInstant(
        new Date(Date.UTC(2027, 0, 1) + hour * 3_600_000).toISOString(),
        zone,
      );
      expect(localFromInstant(instantFromLocal(local, zone), zone)).toBe(local);
    }
  },
);

describe('in every zone there is', () => {
  const zones = Intl.supportedValuesOf('timeZone');
  const from = Date.UTC(1975, 0, 1);
  const instants = fc
    .integer({ min: 0, max: (Date.UTC(2095, 0, 1) - from) / 60_000 })
    .map((minutes) => new Date(from + minutes * 60_000).toISOString());

  it('a time that a clock shows comes back as it was, and is at most the hours of a change away', () => {
    fc.assert(
      fc.property(fc.constantFrom(...zones), instants, (zone, iso) => {
        const local = localFromInstant(iso, zone);
        const back = instantFromLocal(local, zone);
        expect(localFromInstant(back, zone)).toBe(local);
        expect(Math.abs(Date.parse(back) - Date.parse(iso))).toBeLessThanOrEqual(2 * 3_600_000);
      }),
      { numRuns: 2000 },
    );
  });

  it('a clock shows what the calendar of the machine says', () => {
    fc.assert(
      fc.property(fc.constantFrom(...zones), instants, (timeZone, iso) => {
        const shown = new Intl.DateTimeFormat('sv-SE', {
          timeZone,
          dateStyle: 'short',
          timeStyle: 'short',
        }).format(new Date(iso));
        expect(localFromInstant(iso, timeZone)).toBe(shown.replace(' ', 'T'));
      }),
      { numRuns: 2000 },
    );
  });

  it('a time that is typed is never read as an earlier one, skipped or not', () => {
    fc.assert(
      fc.property(fc.constantFrom(...zones), instants, (zone, iso) => {
        const typed = iso.slice(0, 16);
        expect(localFromInstant(instantFromLocal(typed, zone), zone) >= typed).toBe(true);
      }),
      { numRuns: 2000 },
    );
  });
});
