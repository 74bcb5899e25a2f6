// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { FrostDatabase } from '@/data/database';
import { addGlideRun, addGlideTest } from '@/data/glide-tests';
import { listReadings } from '@/data/readings';
import { listSkiers, listStarters } from '@/data/starters';
import { outingPairs } from '@/server/pairs';
import { DAY, demoDatabase, outingOf } from '../../../tests/unit/demo-app';
import { chooseFrom, fill, show } from '../../../tests/unit/render';
import {
  addStarter,
  changeSkier,
  changeStarter,
  putBack,
  takeOff,
} from './use-cases/change-starters';
import { PairsScreen } from './pairs-screen';

const OUTING = 'demo-relay';
let db: FrostDatabase;
beforeEach(async () => {
  db = await demoDatabase();
});

async function shown() {
  const outing = await outingOf(db, OUTING);
  const { day, rows } = await outingPairs(db, outing, DAY.getTime());
  return { ...show(<PairsScreen outing={outing} day={day} rows={rows} />), rows };
}
const rowOf = (name: string) =>
  screen.getAllByTestId('starter').find((row) => row.textContent?.startsWith(name))!;
const takenBy = (name: string) => within(rowOf(name)).getByTestId('pair-taken').textContent;
const openDetails = async (name: string) => {
  fireEvent.click(
    within(rowOf(name)).getByRole('button', { name: `Change pair, wish or weight of ${name}` }),
  );
  return screen.findByRole('combobox', { name: `Pair for ${name}` });
};

describe('the pairs of an outing', () => {
  it('gives everybody one, none to two, with reasons in sentences', async () => {
    const { rows, text } = await shown();
    expect(screen.getByTestId('pairs-given').textContent).toBe(`All ${rows.length} have a pair`);
    const taken = rows.map(({ skiId }) => skiId);
    expect(new Set(taken).size).toBe(rows.length);
    expect(text()).toContain('Its flex for 84 kg suits 83 kg on firm snow.');
    expect(text()).not.toMatch(/undefined|NaN/);
  });

  it('keeps the pair that a person gives, with the reason, and gives it back on undo', async () => {
    const first = await shown();
    const before = takenBy('Ilo');
    const other = before === 'Ilo skate' ? 'demo-ski-ilo-skate-2' : 'demo-ski-ilo-skate';
    const select = await openDetails('Ilo');
    fireEvent.change(select, { target: { value: other } });
    await screen.findByText('Saved for Ilo.');
    const ilo = async () =>
      (await listStarters(db, OUTING)).find(({ skierId }) => skierId === 'demo-skier-ilo')!;
    expect((await ilo()).skiId).toBe(other);
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(async () => expect((await ilo()).skiId).toBeUndefined());
    await changeStarter(db, (await ilo()).id, { skiId: other, why: 'felt faster on the loop' });
    first.unmount();
    const { text } = await shown();
    expect(takenBy('Ilo')).not.toBe(before);
    expect(text()).toContain('Why: felt faster on the loop');
    expect(text()).toContain('given by hand');
  });

  it('keeps a wish and a weight, each by itself', async () => {
    await shown();
    await openDetails('Ilo');
    const other = 'demo-ski-ilo-skate-2';
    fireEvent.change(screen.getByRole('combobox', { name: 'Ilo would take' }), {
      target: { value: other },
    });
    await screen.findByText('Saved for Ilo.');
    const ilo = async () =>
      (await listStarters(db, OUTING)).find(({ skierId }) => skierId === 'demo-skier-ilo')!;
    expect((await ilo()).likesSkiId).toBe(other);
    const weight = async () =>
      (await db.selectFrom('skier').selectAll().where('id', '=', 'demo-skier-ilo').execute())[0]!
        .weight_kg;
    const before = await weight();
    // Nothing typed is nothing written.
    fireEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(await weight()).toBe(before);
    fill('Weight of Ilo', String(before! + 3));
    fireEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(async () => expect(await weight()).toBe(before! + 3));
  });

  it('takes somebody off the list and puts them back', async () => {
    await shown();
    const menu = screen.getByRole('button', { name: 'What to do with Tivia' });
    await chooseFrom(menu, 'Take Tivia off the list');
    await screen.findByText('Tivia is off the list.');
    expect(await listStarters(db, OUTING)).toHaveLength(7);
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(async () => expect(await listStarters(db, OUTING)).toHaveLength(8));
  });

  it('puts a new skier on the list by name, and says who is there already', async () => {
    await shown();
    fill('Name of the skier', 'Nuri');
    fireEvent.click(screen.getByRole('button', { name: 'Add to the list' }));
    await screen.findByText('One skier added.');
    expect((await listSkiers(db)).map(({ name }) => name)).toContain('Nuri');
    fill('Name of the skier', 'ilo');
    fireEvent.click(screen.getByRole('button', { name: 'Add to the list' }));
    await screen.findByText(/Ilo is on the list already/);
  });

  it('says first what to do where nobody is on it, and adds all owners at one press', async () => {
    await takeOff(
      db,
      (await listStarters(db, OUTING)).map(({ id }) => id),
    );
    const { text } = await shown();
    expect(text()).toContain('Nobody is on the start list yet');
    fireEvent.click(screen.getByRole('button', { name: /^Add all owners of/ }));
    await screen.findByText('8 skiers added.');
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(async () => expect(await listStarters(db, OUTING)).toHaveLength(0));
  });
});

describe('what comes from outside', () => {
  it('is refused with a sentence', async () => {
    const newId = () => crypto.randomUUID();
    const [starter] = await listStarters(db, OUTING);
    const refusals = await Promise.all([
      addStarter(db, {}, { newId }),
      addStarter(db, { outingId: 'gone', skier: { name: 'A' } }, { newId }),
      addStarter(db, { outingId: OUTING, skierId: 'gone' }, { newId }),
      changeStarter(db, 'gone', {}),
      changeStarter(db, starter!.id, { skiId: 'gone' }),
      changeStarter(db, starter!.id, { why: '<b>' }),
      changeSkier(db, 'gone', {}),
      changeSkier(db, starter!.skierId, { weightKg: 900 }),
      takeOff(db, ['gone']),
      putBack(db, [{ id: 'x' }]),
    ]);
    for (const refusal of refusals) {
      expect(refusal.ok).toBe(false);
      if (!refusal.ok) expect(refusal.error.message).toMatch(/\.$/);
    }
  });
});

describe('a glide test of pairs', () => {
  it('on snow like that of the day speaks for the pair that glided better', async () => {
    const outing = await outingOf(db, OUTING);
    const before = await shown();
    const { starter, skier, ranking } = before.rows.find((row) => row.ranking.length > 1)!;
    const [first, second] = ranking as [(typeof ranking)[0], (typeof ranking)[0]];
    const [reading] = await listReadings(db, OUTING, 1);
    await addGlideTest(db, {
      id: 'pairs-test',
      outingId: OUTING,
      startedAt: DAY.toISOString(),
      measure: 'seconds',
      skis: [first.skiName, second.skiName],
      hill: { dropM: 5, lengthM: 90, fromRest: true },
      snow: { ...reading!, temperatureC: -9 },
    });
    // The second pair is clearly the faster one.
    for (const [k, seconds] of [27.9, 27.4, 27.42, 27.91, 27.92, 27.41].entries()) {
      await addGlideRun(db, {
        id: `pairs-run-${k}`,
        testId: 'pairs-test',
        ski: [0, 3, 4].includes(k) ? first.skiName : second.skiName,
        value: seconds,
        ranAt: new Date(DAY.getTime() + k * 240_000).toISOString(),
      });
    }
    const { rows } = await outingPairs(db, outing, DAY.getTime());
    const after = rows.find((row) => row.starter.id === starter.id)!.ranking;
    const reasons = (skiId: string) =>
      after.find((pair) => pair.skiId === skiId)!.reasons.map(({ reason }) => reason.code);
    expect(reasons(second.skiId)).toContain('tested_faster');
    expect(reasons(first.skiId)).toContain('tested_slower');
    const points = (pairs: typeof ranking, skiId: string) =>
      pairs.find((pair) => pair.skiId === skiId)!.points;
    expect(points(after, second.skiId)).toBeGreaterThan(points(ranking, second.skiId));
    expect(points(after, first.skiId)).toBeLessThan(points(ranking, first.skiId));
    const { text } = await shown();
    expect(text()).toContain(skier.name);
    expect(text()).toMatch(/it tested \d\.\d % faster, .*That is \d+\.\d s over this course/);
  });
});
