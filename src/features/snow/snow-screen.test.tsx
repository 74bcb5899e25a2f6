// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { handedIn, READING_FIELDS, type Reading } from '@/core/model';
import type { FrostDatabase } from '@/data/database';
import { loadCourse } from '@/data/course';
import { listProducts } from '@/data/products';
import { addReadings, listReadings } from '@/data/readings';
import { addTrackEvent, listTrackEvents } from '@/data/track-events';
import { someValue } from '../../../tests/unit/some-value';
import { DAY, demoDatabase, outingOf } from '../../../tests/unit/demo-app';
import {
  chartOf,
  chooseFrom,
  AMERICAN,
  field,
  fill,
  show,
  arrived,
} from '../../../tests/unit/render';
import { temperatureWithSpread } from '@/words/quantities';
import { DEFAULT_UNITS } from '@/words/units';
import { pretendedSnow } from './instruments/pretended-snow';
import { SnowScreen } from './snow-screen';
import { loadSnow } from './use-cases/load-snow';

let db: FrostDatabase;
beforeEach(async () => {
  db = await demoDatabase();
});

interface Shown {
  outingId?: string;
  correctedId?: string;
  isBare?: boolean;
  units?: typeof AMERICAN;
}

/** The Snow screen of an outing; bare: without weather, readings and shelf. */
async function shown({ outingId = 'demo-relay', correctedId, isBare = false, units }: Shown = {}) {
  const outing = await outingOf(db, outingId);
  const whole = await loadCourse(db, outing);
  const course = isBare ? { ...whole, stations: [], readings: [] } : whole;
  const readings = isBare ? [] : await listReadings(db, outingId, 50);
  const { view, start, own } = await loadSnow(db, { course, outing, latest: readings[0] });
  const screenShown = show(
    <SnowScreen
      outing={outing}
      readings={readings}
      products={isBare ? [] : await listProducts(db, 'glide')}
      correctedId={correctedId}
      course={course}
      view={view}
      start={start}
      own={own}
      trackEvents={isBare ? [] : await listTrackEvents(db, outingId)}
      pretended={pretendedSnow(view.ok ? view.snow : undefined, DAY.getTime())}
      serverNowMs={DAY.getTime()}
    />,
    units,
  );
  await arrived();
  return screenShown;
}
const readings = () => listReadings(db, 'demo-relay', 50);
/** A reading taken now is one of the demo's day. */
const onTheDay = () => vi.useFakeTimers({ toFake: ['Date'], now: DAY });
afterEach(() => {
  vi.useRealTimers();
});
const plain = (text: string) => text.replace(/[\u2009\u202f\u00a0]/g, ' ');
const changes = async () => plain((await screen.findByTestId('typed-change')).textContent);

describe('the Snow screen', () => {
  it('answers first with the snow at the start, and says what it stands on', async () => {
    const { text } = await shown();
    expect(text()).toMatch(/−\d+\.\d ± \d\.\d °Cover the course from the start/);
    expect(text()).toMatch(/It needs a wax at −\d+\.\d ± \d\.\d °C/);
    expect(text()).toContain('How the readings changed the snow at the start');
    const { data } = chartOf(/^Temperature of (the )?snow/);
    const marks = data.find(({ name }) => name === 'Readings')!;
    const here = (await readings()).map(({ temperatureC }) => temperatureC);
    expect(marks.y!.length).toBeGreaterThan(0);
    for (const mark of marks.y!) expect(here).toContain(mark);
    expect(text()).toContain('Along the course, at the start');
  });

  it('says without weather what to do, and lets the reading count alone', async () => {
    const { text } = await shown({ isBare: true });
    expect(text()).toContain('No reading yet. Measure the snow and type it in below.');
    expect(text()).toContain('Until then your own reading counts.');
    fill('Snow temperature', '-7');
    expect(text()).toContain('Not saved yet. Save the reading below.');
    expect(await changes()).toContain('−7.0 ± 0.8 °C');
  });
});

describe('a reading', () => {
  it('says while it is typed what it would change, with a decimal comma too, and not for nonsense', async () => {
    onTheDay();
    const { user, text } = await shown();
    await user.type(field('Snow temperature'), '−13,5');
    const cold = await changes();
    expect(cold).toMatch(/snow at the start −\d+\.\d °C → −\d+\.\d ± \d\.\d °C/);
    expect(cold).toMatch(/The best wax (stays|changes from) [A-Z]/);
    fill('Snow temperature', '-3');
    expect(text()).toContain('Computing what this reading changes…');
    await waitFor(async () => expect(await changes()).not.toBe(cold), { timeout: 20_000 });
    fill('Snow temperature', 'cold');
    await waitFor(() => expect(text()).toContain('Snow temperature must be from −60 to 0 °C.'));
    expect(text()).toContain('Fix the marked fields to see what this reading changes.');
  });

  it('that is saved moves the start as it said it would', async () => {
    onTheDay();
    const { user } = await shown();
    fill('Snow temperature', '-13.5');
    const [, rendered] = /→ (−\d+\.\d ± \d+\.\d °C)/.exec(await changes())!;
    await user.click(screen.getByRole('button', { name: 'Save reading' }));
    await waitFor(async () => expect((await readings())[0]!.temperatureC).toBe(-13.5));
    const outing = await outingOf(db, 'demo-relay');
    const [latest] = await readings();
    const { start } = await loadSnow(db, { course: await loadCourse(db, outing), outing, latest });
    const { temperatureC, temperatureSdC } = start!.snow;
    expect(plain(temperatureWithSpread(temperatureC, temperatureSdC!, DEFAULT_UNITS))).toBe(
      rendered,
    );
  });

  it('without a spread is held against the start with the spread it will be stored with', async () => {
    onTheDay();
    const { text } = await shown();
    fill('Snow temperature', '-13.5');
    const rendered = await changes();
    fill('Spread (±)', '');
    await waitFor(() => expect(text()).toContain('Computing what this reading changes…'));
    expect(await changes()).toBe(rendered);
  });

  it('is five taps on the keys of a phone, and one where nothing has changed', async () => {
    onTheDay();
    const { user } = await shown();
    const keys = within(screen.getByRole('group', { name: 'Keys for Snow temperature' }));
    const tap = (name: string) => user.click(keys.getByRole('button', { name }));
    for (const name of ['9', 'Decimal point', '4', 'Save']) await tap(name);
    await waitFor(async () => expect((await readings())[0]!.temperatureC).toBe(-9.4));
    await tap('1');
    await tap('Change the sign');
    expect(screen.getByTestId('pad-value').textContent).toBe('1 °C');
    await tap('Delete the last digit');
    expect(screen.getByTestId('pad-value').textContent).toBe('· °C');
    await user.click(screen.getByRole('button', { name: 'Same as last time' }));
    await waitFor(() => expect(screen.getByTestId('pad-value').textContent).toMatch(/^−\d/));
  });

  it('is saved with what was seen, once, and can be withdrawn at once', async () => {
    const before = (await readings()).length;
    const { user, text } = await shown();
    fill('Snow temperature', '-9.4');
    await user.click(screen.getByRole('radio', { name: /Faceted/ }));
    await user.click(screen.getByRole('radio', { name: /^Moist/ }));
    await user.click(screen.getByRole('radio', { name: 'Pencil' }));
    await user.click(screen.getByRole('radio', { name: 'Dirty' }));
    await user.click(screen.getByRole('button', { name: 'Save reading' }));
    await waitFor(() => expect(text()).toContain('Reading saved.'));
    const saved = (await readings()).find((reading) => reading.temperatureC === -9.4)!;
    expect(saved).toMatchObject({
      grain: 'FC',
      wetness: 'moist',
      handHardness: 'pencil',
      dirt: 'dirty',
      source: 'probe',
    });
    expect(await readings()).toHaveLength(before + 1);
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(async () => expect(await readings()).toHaveLength(before));
  });

  it('is not saved while a field is wrong: each says what and where', async () => {
    const before = (await readings()).length;
    const { user, text } = await shown();
    fill('Humidity of the air', '');
    await user.click(screen.getByRole('button', { name: 'Save reading' }));
    await waitFor(() => expect(text()).toContain('Snow temperature is missing. Measure it'));
    expect(field('Humidity of the air').getAttribute('aria-invalid')).toBe('true');
    expect(await readings()).toHaveLength(before);
  });

  it('keeps what was typed when one leaves, until it is cleared', async () => {
    const first = await shown();
    fill('Snow temperature', '-6.5');
    first.unmount();
    const { user } = await shown();
    await waitFor(() => expect(field('Snow temperature').value).toBe('−6.5'));
    await user.click(screen.getByRole('button', { name: 'Clear' }));
    await waitFor(() => expect(field('Snow temperature').value).toBe(''));
  });

  it('may be guessed from air and sky, and then says that it is a guess', async () => {
    const { user, text } = await shown();
    await user.click(screen.getByRole('button', { name: /No probe/ }));
    expect(text()).toContain('Enter the air temperature above');
    fill('Air temperature', '-2');
    await user.click(screen.getByRole('button', { name: 'Use this guess' }));
    expect(Number(field('Snow temperature').value.replace('−', '-'))).toBeLessThan(-2);
    await user.click(screen.getByRole('button', { name: 'Save reading' }));
    await waitFor(async () =>
      expect((await readings()).some(({ source }) => source === 'guess')).toBe(true),
    );
  });

  it('is typed and stored on one scale whatever the units of the device', async () => {
    const { user } = await shown({ units: AMERICAN });
    fill('Snow temperature', '14');
    await user.click(screen.getByRole('button', { name: 'Save reading' }));
    await waitFor(async () =>
      expect((await readings()).some(({ temperatureC }) => temperatureC === -10)).toBe(true),
    );
  });

  it('has its own time on the venue’s clock, and refuses one that is none', async () => {
    const { user } = await shown();
    await user.click(screen.getByRole('button', { name: /Time, spot, instrument/ }));
    fireEvent.change(screen.getByLabelText('Time (CET)'), {
      target: { value: '2027-01-13T07:15' },
    });
    fill('Snow temperature', '-11');
    fill('Spot', 'Gate 3');
    await user.click(screen.getByRole('button', { name: 'Save reading' }));
    await waitFor(async () => {
      const saved = (await readings()).find(({ spot }) => spot === 'Gate 3');
      expect(saved?.takenAt).toBe('2027-01-13T06:15:00.000Z');
    });
  });
});

describe('readings that were taken', () => {
  it('are corrected by a new one that takes their place', async () => {
    const [old] = await readings();
    const before = (await readings()).length;
    const { user, text } = await shown({ correctedId: old!.id });
    expect(text()).toContain('Correct this reading');
    fill('Snow temperature', '-8.8');
    await user.click(screen.getByRole('button', { name: 'Save correction' }));
    await waitFor(async () => {
      const now = await readings();
      expect(now).toHaveLength(before);
      expect(now.some(({ id }) => id === old!.id)).toBe(false);
      expect(now.some(({ temperatureC }) => temperatureC === -8.8)).toBe(true);
    });
  });

  it('keep every field that a correction does not change', async () => {
    const [old] = await readings();
    const whole = Object.fromEntries(
      Object.entries(READING_FIELDS)
        .filter(([key, field]) => !('isInternal' in field) && key !== 'temperatureC')
        .map(([key, field]) => [key, someValue(key, field)]),
    );
    // A sharpness must agree with the grain, and a guess that is typed over is one no more.
    const filled = {
      ...old!,
      ...whole,
      grain: 'RG',
      sharpness: 0.2,
      source: 'infrared',
    } as Reading;
    await addReadings(db, [{ ...filled, id: 'filled', correctsId: old!.id }]);
    const { user } = await shown({ correctedId: 'filled' });
    fill('Snow temperature', '-8.8');
    await user.click(screen.getByRole('button', { name: 'Save correction' }));
    const corrected = async () =>
      (await readings()).find(({ correctsId }) => correctsId === 'filled');
    await waitFor(async () => expect(await corrected()).toBeDefined());
    expect(handedIn(READING_FIELDS, (await corrected())!)).toEqual({
      ...handedIn(READING_FIELDS, filled),
      temperatureC: -8.8,
    });
  });

  it('are withdrawn and put back', async () => {
    const before = (await readings()).length;
    const { user } = await shown();
    const list = within(screen.getByRole('region', { name: 'Readings of this outing' }));
    await chooseFrom(list.getAllByRole('button', { name: /^Change the reading of/ })[0]!, 'Delete');
    await waitFor(async () => expect(await readings()).toHaveLength(before - 1));
    await user.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(async () => expect(await readings()).toHaveLength(before));
  });

  it('tell when another has withdrawn the same one already', async () => {
    const { text } = await shown();
    const list = within(screen.getByRole('region', { name: 'Readings of this outing' }));
    const withdraw = () =>
      chooseFrom(list.getAllByRole('button', { name: /^Change the reading of/ })[0]!, 'Delete');
    await withdraw();
    await waitFor(() => expect(text()).toContain('Reading deleted.'));
    await withdraw();
    await waitFor(() => expect(text()).toContain('already deleted or corrected'));
  });
});

describe('the instruments', () => {
  it('drift to the snow, say when to pull the probe, and fill the form', async () => {
    const { user } = await shown();
    await user.click(screen.getByRole('button', { name: 'Read the instruments' }));
    await user.click(screen.getByRole('button', { name: 'Hygrometer' }));
    await waitFor(() => expect(field('Humidity of the air').value).toMatch(/^\d+$/));
    await user.click(screen.getByRole('button', { name: 'Infra-red gun' }));
    await waitFor(() => expect(field('Snow temperature').value).not.toBe(''));
    expect(field('Spread (±)').value).toBe('1.5');
    vi.useFakeTimers({ toFake: ['setTimeout'], shouldAdvanceTime: false });
    try {
      fireEvent.click(screen.getByRole('button', { name: 'Put the probe in' }));
      for (let i = 0; i < 240; i += 1) await vi.advanceTimersByTimeAsync(250);
    } finally {
      vi.useRealTimers();
    }
    expect(screen.getByTestId('probe').textContent).toContain('Settled at');
    fireEvent.click(screen.getByRole('button', { name: 'Use this value' }));
    await waitFor(() => expect(field('Spread (±)').value).not.toBe('1.5'));
    expect(screen.queryByRole('button', { name: 'Stop the probe' })).toBeNull();
  });
});

describe('what cannot be true at once', () => {
  it('is said where it is entered, with what is taken', async () => {
    const { user, text } = await shown();
    fill('Snow temperature', '-6');
    await user.click(screen.getByRole('radio', { name: /^Very wet/ }));
    expect(text()).toContain('The wetness is taken. Check the probe');
    await user.click(screen.getByRole('radio', { name: /Machine-made MM|Machine.*MM/ }));
    await user.click(screen.getByRole('radio', { name: 'Natural' }));
    expect(text()).toContain('Machine-made grains on natural snow.');
    await user.click(screen.getByRole('radio', { name: 'Glazed or icy' }));
    expect(text()).toContain('A glazed track is frozen, but the snow is soaked.');
    await user.click(screen.getByRole('radio', { name: /^Dry/ }));
    expect(text()).not.toContain('A glazed track is frozen');
  });
});

describe('grooming and traffic', () => {
  const kept = () => listTrackEvents(db, 'demo-relay');
  const when = (value: string) =>
    fireEvent.change(screen.getByLabelText('When (CET)'), { target: { value } });

  it('says what is usual here, takes what was seen instead, and takes it back', async () => {
    const { user, text } = await shown();
    expect(text()).toContain('Groomed every night at 05:30, as set for the venue.');
    expect(text()).toContain('Nothing entered for this outing.');
    await user.click(screen.getByRole('radio', { name: 'Skied on' }));
    when('2027-01-13T09:15');
    fill('How many passes', '120');
    await user.click(screen.getByRole('button', { name: 'Add' }));
    await waitFor(async () => expect(await kept()).toHaveLength(1));
    expect((await kept())[0]).toMatchObject({
      at: '2027-01-13T08:15:00.000Z',
      kind: 'skied',
      passes: 120,
    });
  });

  it('lists what was entered; what is removed can be put back', async () => {
    const event = { id: 'e', outingId: 'demo-relay', at: '2027-01-13T03:00:00.000Z' };
    await addTrackEvent(db, { ...event, kind: 'groomed' });
    const { user, text } = await shown();
    expect(screen.getByTestId('track-events').textContent).toContain('Groomed');
    await user.click(screen.getByRole('button', { name: /^Delete: .*Groomed/ }));
    await waitFor(async () => expect(await kept()).toEqual([]));
    expect(text()).toContain('Deleted:');
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(async () => expect(await kept()).toHaveLength(1));
  });

  it('asks for a time', async () => {
    const { user, text } = await shown();
    when('');
    await user.click(screen.getByRole('button', { name: 'Add' }));
    await waitFor(() => expect(text()).toContain('Say when it was.'));
    expect(await kept()).toEqual([]);
  });
});
