// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { FrostDatabase } from '@/data/database';
import { listSegments, saveSegments } from '@/data/segments';
import { findVenue } from '@/data/venues';
import { summariseStations } from '@/data/weather';
import { DAY, demoDatabase, outingOf } from '../../../tests/unit/demo-app';
import { AMERICAN, field, fill, showWhole } from '../../../tests/unit/render';
import { VenueScreen } from './venue-screen';

let db: FrostDatabase;
beforeEach(async () => {
  db = await demoDatabase();
});

const LOOP = 'demo-loop';

async function shown(units?: typeof AMERICAN) {
  const outing = await outingOf(db, 'demo-relay');
  return showWhole(
    <VenueScreen
      outing={outing}
      segments={await listSegments(db, LOOP)}
      stations={await summariseStations(db, LOOP)}
      nowMs={DAY.getTime()}
    />,
    units,
  );
}
const segments = () => listSegments(db, LOOP);
const names = async () => (await segments()).map(({ name }) => name);
const nameFields = () => screen.getAllByRole<HTMLInputElement>('textbox', { name: 'Segment' });
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));

describe('the course', () => {
  it('is changed row by row and saved whole; undo brings the old one back', async () => {
    const before = await names();
    const { text } = await shown();
    fireEvent.change(nameFields()[1]!, { target: { value: 'Cold hollow' } });
    press('Save course');
    await waitFor(() => expect(text()).toContain('Course saved.'));
    expect((await names())[1]).toBe('Cold hollow');
    press('Undo');
    await waitFor(() => expect(text()).toContain('The old course is back.'));
    expect(await names()).toEqual(before);
  });

  it('keeps each row’s own field when a row before it is removed', async () => {
    const { user } = await shown();
    const [, , third] = nameFields();
    await user.click(third!);
    press('Delete Stadium');
    expect(nameFields().map(({ value }) => value)).not.toContain('Stadium');
    expect(document.activeElement).toBe(third);
    await user.keyboard('!');
    expect(nameFields()[1]!.value).toContain('!');
  });

  it('takes a new segment, says what is wrong with it at its field, and can be left alone', async () => {
    const before = await segments();
    const { text } = await shown();
    press('Add a segment');
    expect(nameFields().at(-1)!.value).toBe(`Segment ${before.length + 1}`);
    const slopes = screen.getAllByRole<HTMLInputElement>('textbox', { name: 'Slope' });
    fireEvent.change(slopes.at(-1)!, { target: { value: '91' } });
    press('Save course');
    await waitFor(() => expect(text()).toContain('Fix the marked fields.'));
    expect(slopes.at(-1)!.getAttribute('aria-invalid')).toBe('true');
    expect(await segments()).toHaveLength(before.length);
    press('Cancel');
    expect(nameFields()).toHaveLength(before.length);
  });

  it('has eight segments at most, and none is a place too', async () => {
    const { text } = await shown();
    for (let i = nameFields().length; i < 8; i += 1) press('Add a segment');
    expect(screen.queryByRole('button', { name: 'Add a segment' })).toBeNull();
    while (screen.queryAllByRole('button', { name: /^Delete / }).length > 0) {
      fireEvent.click(screen.getAllByRole('button', { name: /^Delete / })[0]!);
    }
    expect(text()).toContain('The whole course counts as one flat, groomed place');
    press('Save course');
    await waitFor(async () => expect(await segments()).toHaveLength(0));
  });

  it('is merged with what others changed, or shows theirs where it cannot be', async () => {
    const { text } = await shown();
    fireEvent.change(nameFields()[0]!, { target: { value: 'Mine' } });
    await saveSegments(db, LOOP, (await segments()).slice(0, 2));
    press('Save course');
    await waitFor(() => expect(text()).toContain('Someone else changed the course'));
    press('Show theirs');
    expect(nameFields()).toHaveLength(2);
    fireEvent.change(nameFields()[1]!, { target: { value: 'Agreed' } });
    press('Save course');
    await waitFor(async () => expect(await names()).toEqual(['Stadium', 'Agreed']));
  });
});

describe('weather', () => {
  const hour = async () => (await summariseStations(db, LOOP))[0]!.hours;

  it('is pasted as reports; the line that is none is named', async () => {
    const before = await hour();
    const { text, user } = await shown();
    await user.click(screen.getByRole('radio', { name: 'METAR or TAF' }));
    fill(/Paste METARs/, 'METAR LXXX 231150Z 24008KT M03/M06 Q1013\nnonsense');
    press('Import reports');
    await waitFor(() => expect(text()).toContain('What to fix'));
    expect(within(screen.getByRole('region', { name: 'What to fix' })).getByText('2')).toBeTruthy();
    fill(/Paste METARs/, 'METAR LXXX 231150Z 24008KT M03/M06 Q1013');
    press('Import reports');
    await waitFor(() => expect(text()).toContain('1 hour imported.'));
    expect(await hour()).toBe(before + 1);
    press('Undo');
    await waitFor(async () => expect(await hour()).toBe(before));
  });

  it('is two lines of a forecast, day and night, which become hours', async () => {
    const before = await hour();
    const { text, user } = await shown();
    expect(text()).toContain('By day, Wed 13 Jan');
    fill('Low by day', '-3');
    fill('High by day', '-9');
    fill('Low by night', '-14');
    press('Use this forecast');
    await waitFor(() => expect(text()).toContain('The low is above the high.'));
    expect(text()).toContain('High by night is missing.');
    fill('High by day', '-1');
    fill('High by night', '-5');
    await user.click(screen.getByRole('radio', { name: 'Likely' }));
    await user.click(screen.getByRole('radio', { name: 'Heavy' }));
    press('Use this forecast');
    await waitFor(() => expect(text()).toContain('25 hours imported.'));
    const rows = await db
      .selectFrom('weather')
      .selectAll()
      .where('source', '=', 'simple')
      .orderBy('time')
      .execute();
    expect(rows).toHaveLength(25);
    expect(rows[0]).toMatchObject({ time: '2027-01-13T05:00:00.000Z', air_temperature_c: -3 });
    expect(rows.at(-1)!.air_temperature_c).toBeCloseTo(-14, 6);
    press('Undo');
    await waitFor(async () => expect(await hour()).toBe(before));
  });

  it('of a venue without a station makes one', async () => {
    await db.deleteFrom('venue_station').execute();
    const { text } = await shown();
    for (const name of ['Low by day', 'High by day', 'Low by night', 'High by night']) {
      fill(name, '-6');
    }
    press('Use this forecast');
    await waitFor(() => expect(text()).toContain('25 hours imported.'));
    expect(await summariseStations(db, LOOP)).toMatchObject([
      { name: 'Oskra Basin, Lantern Loop' },
    ]);
  });

  it('is typed by hand, in the units of the device', async () => {
    const { text, user } = await shown(AMERICAN);
    await user.click(screen.getByRole('radio', { name: 'By hand' }));
    press('Add this hour');
    await waitFor(() => expect(text()).toContain('What to fix'));
    fireEvent.change(screen.getByLabelText('Hour (CET)'), {
      target: { value: '2027-01-20T08:00' },
    });
    fill('Air', '14');
    fill('Humidity', '80');
    press('Add this hour');
    await waitFor(() => expect(text()).toContain('1 hour imported.'));
    const taken = await db
      .selectFrom('weather')
      .selectAll()
      .where('time', 'like', '2027-01-20T07:%')
      .execute();
    expect(taken[0]).toMatchObject({ air_temperature_c: -10 });
  });

  it('comes from a service that may be late, stale or down; then other ways stay open', async () => {
    const { text, user } = await shown();
    await user.click(screen.getByRole('radio', { name: 'Weather service' }));
    await user.click(screen.getByRole('radio', { name: 'Down' }));
    press('Get forecast');
    await waitFor(() => expect(text()).toContain('The weather service is down'));
    await user.click(screen.getByRole('radio', { name: 'Stale' }));
    press('Get forecast');
    await waitFor(() => expect(text()).toContain('h old. Hours with newer weather keep theirs.'));
    await user.click(screen.getByRole('radio', { name: 'By hand' }));
    expect(screen.getByRole('button', { name: 'Add this hour' })).toBeTruthy();
  });

  it.each([
    ['08:00;-5;80;1,5;10', '1 hour imported.', 1],
    ['08:00;-5;80;1,5;10\nnever;-5;80;1,5;10', 'Nothing was imported.', 0],
  ])('is read from a file in one go, all or nothing: %j', async (rows, rendered, more) => {
    const before = await hour();
    const { text, user } = await shown();
    await user.click(screen.getByRole('radio', { name: 'CSV file' }));
    const csv = `time;air temperature [°C];humidity [%];wind [m/s];cloud [%]\n2027-01-21 ${rows}`;
    const field = await waitFor(() => {
      const found = document.querySelector<HTMLInputElement>('#weather-file');
      expect(found).not.toBeNull();
      return found!;
    });
    await user.upload(field, new File([csv], 'w.csv', { type: 'text/csv' }));
    await waitFor(() => expect(text()).toContain(rendered));
    expect(await hour()).toBe(before + more);
  });
});

describe('stations and place', () => {
  it('a station needs a name and an altitude, and stands in the list then', async () => {
    await shown();
    press('Add a station');
    press('Add station');
    await waitFor(() =>
      expect(field('Name of the station').getAttribute('aria-invalid')).toBe('true'),
    );
    fill('Name of the station', 'Ridge mast');
    fill('Altitude of the station', '1010');
    press('Add station');
    await waitFor(async () =>
      expect((await summariseStations(db, LOOP)).map(({ name }) => name)).toContain('Ridge mast'),
    );
  });

  it('a place refuses a clock that does not exist, and keeps a correction in °C', async () => {
    const { text } = await shown(AMERICAN);
    fill('Time zone', 'Lantern/Time');
    press('Save place');
    await waitFor(() => expect(field('Time zone').getAttribute('aria-invalid')).toBe('true'));
    fill('Time zone', 'CET');
    fill('Your own correction here', '1.8');
    press('Save place');
    await waitFor(() => expect(text()).toContain('Place saved.'));
    expect((await findVenue(db, LOOP))!.ownCorrectionC).toBeCloseTo(1, 9);
  });
});
