// @vitest-environment happy-dom
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { loadCourse } from '@/data/course';
import type { FrostDatabase } from '@/data/database';
import { findOuting, listOutings } from '@/data/outings';
import { listReadings } from '@/data/readings';
import { listSegments } from '@/data/segments';
import { listVenues } from '@/data/venues';
import type { TrackFile } from '@/formats/gpx/course';
import { courseSnow } from '@/server/cases';
import { demoDatabase, emptyDatabase, pushed } from '../../../tests/unit/demo-app';
import { poolInPlace } from '../../../tests/unit/pool-in-place';
import { standInPools } from '../../../tests/unit/stand-in-pools';
import { AMERICAN, field, fill, show } from '../../../tests/unit/render';
import { NewOutingScreen } from './new-outing-screen';
import { saveNewOuting } from './use-cases/save-outing';

/** What the worker reads from any track in these tests. */
const TRACK: Extract<TrackFile, { ok: true }> = {
  ok: true,
  track: {
    name: 'Lantern loop',
    lengthM: 4200,
    altitudeM: 780,
    latitude: 46.61,
    longitude: 10.19,
    segments: [760, 800].map((altitudeM, i) => ({
      name: `Segment ${i + 1}`,
      lengthM: 2100,
      altitudeM,
      slopeDeg: 2,
      aspectDeg: 10,
    })),
    notes: [],
  },
};
const SNOW = {
  temperatureC: -6,
  humidityFraction: 0.7,
  origin: 'natural',
  grain: 'RG',
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
} as const;
let db: FrostDatabase;
beforeEach(async () => {
  db = await demoDatabase();
  const read = ({ file }: { file: File }) =>
    file.name === 'flat.gpx'
      ? { ok: true, track: { ...TRACK.track, altitudeM: undefined } }
      : TRACK;
  vi.spyOn(standInPools, 'trackPool').mockReturnValue(poolInPlace(read));
});
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const startField = () => screen.getByLabelText<HTMLInputElement>(/^Start/);
const startAt = (local: string) => fireEvent.change(startField(), { target: { value: local } });

async function shown(units?: typeof AMERICAN) {
  const venues = await listVenues(db);
  const outings = await listOutings(db);
  return show(<NewOutingScreen venues={venues} hasOutings={outings.length > 0} />, units);
}
const savedOuting = async () => {
  await waitFor(() => expect(pushed()).toHaveLength(1));
  return (await findOuting(db, /outing\/([^/]+)\/(?:snow|pick)/.exec(pushed()[0]!)![1]!))!;
};

describe('a new outing at a venue there is', () => {
  it('needs a name and a start, said at their fields', async () => {
    const { text } = await shown();
    press('Save outing');
    await waitFor(() => expect(field('Name').getAttribute('aria-invalid')).toBe('true'));
    expect(startField().getAttribute('aria-invalid')).toBe('true');
    expect(text()).not.toContain('Name of the place');
    expect(pushed()).toEqual([]);
  });

  it('takes its start on the venue’s clock', async () => {
    await shown();
    fill('Name', 'Night relay');
    startAt('2027-01-14T18:30');
    press('Save outing');
    const outing = await savedOuting();
    expect(outing).toMatchObject({ name: 'Night relay', startAt: '2027-01-14T17:30:00.000Z' });
    expect(outing.venue.name).toBe((await listVenues(db))[0]!.name);
  });

  it('takes a distance in the units of the device and keeps kilometres', async () => {
    const { user } = await shown(AMERICAN);
    fill('Name', 'Long one');
    startAt('2027-01-15T09:00');
    fill('Distance', '10');
    await user.click(screen.getByRole('radio', { name: 'Classic' }));
    await user.click(screen.getByRole('radio', { name: 'Race' }));
    press('Save outing');
    const outing = await savedOuting();
    expect(outing.distanceKm).toBeCloseTo(16.09, 1);
    expect(outing).toMatchObject({ discipline: 'classic', purpose: 'race' });
  });

  it('keeps what was typed when the screen is left and opened again', async () => {
    const first = await shown();
    fill('Name', 'Half typed');
    await waitFor(() => expect(JSON.stringify({ ...localStorage })).toContain('Half typed'));
    first.unmount();
    await shown();
    await waitFor(() => expect(field('Name').value).toBe('Half typed'));
    press('Back');
    expect(pushed()).toEqual(['/']);
  });
});

it('a start may be a word, and the quick answer’s discipline is kept', async () => {
  const venues = await listVenues(db);
  const first = { discipline: 'classic', purpose: 'race' } as const;
  const snow = { ...SNOW, source: 'guess' as const };
  show(<NewOutingScreen venues={venues} hasOutings quick={{ ...first, snow, then: 'pick' }} />);
  expect(document.body.textContent).toContain('The snow of the quick answer: −6');
  fill('Name', 'By word');
  press('Tomorrow 9:00');
  await waitFor(() => expect(startField().value).toMatch(/T09:00$/));
  press('Save outing');
  const outing = await savedOuting();
  expect(pushed()[0]).toMatch(/\/pick$/);
  expect(outing).toMatchObject(first);
  expect(await listReadings(db, outing.id, 5)).toMatchObject([
    { temperatureC: -6, source: 'guess', grain: 'RG' },
  ]);
});

describe('a new place', () => {
  const place = () => {
    fill('Name of the place', 'Far Ridge');
    fill('Position', '44.9 S 168.7 E');
    fill('Altitude', '1450');
  };

  it('is asked for where there is none yet, without a way back', async () => {
    db = await emptyDatabase();
    const { text } = await shown();
    expect(text()).toContain('Where and when do you ski next?');
    expect(screen.queryByRole('button', { name: 'Back' })).toBeNull();
    fill('Name', 'First');
    startAt('2027-07-14T09:00');
    place();
    const zones = screen.getByLabelText<HTMLSelectElement>('Time zone');
    const own = Intl.DateTimeFormat().resolvedOptions().timeZone;
    await waitFor(() => expect(zones.value).toBe(own));
    expect(zones.options.length).toBeGreaterThan(300);
    press('Save outing');
    const outing = await savedOuting();
    expect(outing.venue.timeZone).toBe(own);
    expect(outing.venue).toMatchObject({ name: 'Far Ridge', altitudeM: 1450, latitude: -44.9 });
  });

  it('needs no more than a name: the rest is asked where it is first needed', async () => {
    db = await emptyDatabase();
    await shown();
    fill('Name', 'First');
    press('Tonight 18:00');
    fill('Name of the place', 'Behind the house');
    await waitFor(() => expect(field('Name of the place').value).toBe('Behind the house'));
    press('Save outing');
    const outing = await savedOuting();
    expect(outing.venue.latitude).toBeUndefined();
    expect(outing.venue.altitudeM).toBeUndefined();
    const course = await loadCourse(db, outing);
    const made = await courseSnow(db, { course, outing, reading: undefined });
    expect(made).toEqual({ ok: false, reason: { code: 'no_position' } });
  });

  it('lies where a device says it is, and says what to do where that is refused', async () => {
    db = await emptyDatabase();
    const coords = { latitude: 46.61, longitude: 10.19, altitude: 812.4 };
    const getCurrentPosition = vi.fn();
    vi.stubGlobal('navigator', { ...navigator, geolocation: { getCurrentPosition } });
    const { text } = await shown();
    getCurrentPosition.mockImplementationOnce((_: unknown, refused: (error: object) => void) =>
      refused({ code: 1, PERMISSION_DENIED: 1 }),
    );
    press('Position of this device');
    expect(text()).toContain('Allow it for this page');
    getCurrentPosition.mockImplementationOnce((take: (found: object) => void) => take({ coords }));
    press('Position of this device');
    await waitFor(() => expect(field('Position').value).toBe('46.61 N 10.19 E'));
    expect(field('Altitude').value).toBe('812');
    vi.unstubAllGlobals();
  });

  it('is taken from a track, with its name, its length and its course', async () => {
    db = await emptyDatabase();
    const { user, text } = await shown();
    const file = new File(['<gpx/>'], 'loop.gpx', { type: 'application/gpx+xml' });
    await user.upload(await screen.findByLabelText('GPX file of the course'), file);
    await waitFor(() => expect(field('Name of the place').value).toBe('Lantern loop'));
    expect(field('Position').value).toBe('46.61 N 10.19 E');
    expect(field('Distance').value).toBe('4.2');
    expect(text()).toContain('The course has 2 segments from the track.');
    fill('Name', 'From a track');
    press('Tonight 18:00');
    press('Save outing');
    const outing = await savedOuting();
    expect(outing.venue).toMatchObject({ name: 'Lantern loop', altitudeM: 780 });
    expect((await listSegments(db, outing.venue.id)).map((one) => one.altitudeM)).toEqual([
      760, 800,
    ]);
  });

  it('takes no course from a track without altitude, and says so', async () => {
    db = await emptyDatabase();
    const { user, text } = await shown();
    await user.upload(
      await screen.findByLabelText('GPX file of the course'),
      new File(['<gpx/>'], 'flat.gpx', { type: 'application/gpx+xml' }),
    );
    await waitFor(() => expect(text()).toContain('so its course is left out'));
    expect(field('Position').value).toBe('46.61 N 10.19 E');
    expect(text()).not.toContain('segments from the track');
  });

  it('names what is wrong with it at its own fields, and saves neither', async () => {
    db = await emptyDatabase();
    const { text } = await shown();
    fill('Name', 'First');
    startAt('2027-07-14T09:00');
    place();
    fill('Position', 'behind the hut');
    expect(screen.queryByRole('textbox', { name: 'Altitude' })).toBeNull();
    press('Save outing');
    await waitFor(() => expect(field('Position').getAttribute('aria-invalid')).toBe('true'));
    expect(text()).toContain('Write the position as 46.61 N 10.19 E');
    expect(field('Name of the place').getAttribute('aria-invalid')).not.toBe('true');
    expect(await listOutings(db)).toEqual([]);
    expect(await listVenues(db)).toEqual([]);
  });
});

describe('what the server makes of it', () => {
  it('keeps no outing where its first reading is none', async () => {
    const input = {
      outing: { ...OUTING, venueId: (await listVenues(db))[0]!.id },
      reading: { ...SNOW, temperatureC: 9 },
    };
    const saved = await saveNewOuting(db, { input, stamp: stamp() });
    expect(saved).toMatchObject({ ok: false, error: { code: 'invalid_input' } });
    expect(await findOuting(db, 'o-1')).toBeUndefined();
  });

  const OUTING = {
    name: 'Sent',
    discipline: 'skate',
    purpose: 'training',
    distanceKm: 10,
    startAt: '2027-01-14T18:30:00+01:00',
  };
  const stamp = () => ({ id: 'o-1', newId: () => 'v-1', at: '2027-01-13T12:00:00.000Z' });
  const save = (outing: object, venue?: object, course?: unknown) =>
    saveNewOuting(db, { input: { outing, venue, course }, stamp: stamp() });

  it('keeps the start in UTC, whatever zone it came in', async () => {
    const saved = await save({ ...OUTING, venueId: (await listVenues(db))[0]!.id });
    expect(saved).toEqual({ ok: true, value: { id: 'o-1' } });
    expect((await findOuting(db, 'o-1'))!.startAt).toBe('2027-01-14T17:30:00.000Z');
  });

  it.each([
    ['a venue that is gone', { venueId: 'gone' }, undefined, 'not_found', undefined],
    ['no venue at all', {}, undefined, 'invalid_input', 'venueId'],
    [
      'a name of blanks',
      { venueId: 'demo-venue', name: '   ' },
      undefined,
      'invalid_input',
      'name',
    ],
    ['a distance of nothing', { distanceKm: -1 }, {}, 'invalid_input', 'distanceKm'],
    [
      'a new venue with half a position',
      {},
      { name: 'There', timeZone: 'UTC', ownCorrectionC: 0, latitude: 46 },
      'invalid_input',
      'venue.longitude',
    ],
    ['a new venue without a name', {}, { timeZone: 'UTC' }, 'invalid_input', 'venue.name'],
  ])('refuses %s by its field', async (_, change, venue, code, at) => {
    const saved = await save({ ...OUTING, ...change }, venue);
    expect(saved.ok).toBe(false);
    if (saved.ok) return;
    expect(saved.error.code).toBe(code);
    const fields = (saved.error.details as { field: string }[] | undefined)?.map(
      (one) => one.field,
    );
    if (at) expect(fields).toContain(at);
  });
});
