// @vitest-environment happy-dom
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { listChoices } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { loadTeamSettings } from '@/data/team-settings';
import { WorkerFailure } from '@/workers/failure';
import { demoDatabase } from '../../../tests/unit/demo-app';
import { standInPools } from '../../../tests/unit/stand-in-pools';
import { AMERICAN, chartOf, field, fill, showWhole } from '../../../tests/unit/render';
import { IronScreen } from './iron-screen';
import { loadIron } from './use-cases/load-iron';

let db: FrostDatabase;
beforeEach(async () => {
  db = await demoDatabase();
});

const shown = async (units?: typeof AMERICAN) =>
  showWhole(<IronScreen view={await loadIron(db, 'demo-slalom')} />, units);
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));
const advice = () => screen.getByTestId('iron-advice').textContent.replace(/[\u202f\u00a0]/g, ' ');

describe('the waxes of the lab', () => {
  it('are those that go on with the iron, without what must never be heated', async () => {
    const { products, start } = await loadIron(db, 'demo-slalom');
    const [chosen] = await listChoices(db, 'demo-slalom', 1);
    expect(products.length).toBeGreaterThan(10);
    expect(products.every(({ applications }) => applications.includes('iron'))).toBe(true);
    expect(products.some(({ additives }) => additives.includes('fluorocarbon'))).toBe(false);
    expect(start.productId).toBe(chosen!.productId);
    expect(products.some(({ id }) => id === start.productId)).toBe(true);
  });
});

describe('the Iron lab', () => {
  it('says how hot and how fast first, and every figure in the units of the device', async () => {
    const { text } = await shown(AMERICAN);
    expect(advice()).toMatch(/^\d{3} °F, (passes of [\d, ]+ s|[\d.]+ s a pass)$/);
    await waitFor(() => expect(text()).toContain('Warmest base'));
    expect(text()).not.toMatch(/\d °C/);
    // What the chart says of itself in °F is what it draws.
    const { label, data } = chartOf(/^Temperature of the base/);
    const drawn = Math.max(...(data.at(-1)!.y as number[]));
    expect(Math.abs(drawn - Number(/(\d+) °F/.exec(label)![1]))).toBeLessThan(2);
  });

  it('follows what is typed, and says at its field what cannot be', async () => {
    const { text } = await shown();
    const before = advice();
    fill('Film of wax', '70');
    await waitFor(() => expect(advice()).not.toBe(before));
    fill('Set temperature', '300');
    await waitFor(() =>
      expect(text()).toContain('Set temperature must be a number from 60 to 200 °C.'),
    );
    fill('Set temperature', '');
    await waitFor(() => expect(screen.queryByTestId('iron-advice')).toBeNull());
  });

  it('takes the temperature of the label with the wax that is chosen', async () => {
    const { user } = await shown();
    const select = screen.getByRole<HTMLSelectElement>('combobox', { name: 'Wax' });
    await user.selectOptions(select, 'Deep frost');
    expect(field('Set temperature').value).toBe('150');
    await user.selectOptions(select, 'Mild');
    expect(field('Set temperature').value).toBe('121');
  });

  it('fits itself to the trail that was seen', async () => {
    const { text } = await shown();
    fill('Trail you saw', '3');
    fill('After pass', '1');
    await waitFor(() => expect(text()).toMatch(/Heat contact fitted to [\d ,]+ W\/m²K ± \d+ %/));
  });

  it('draws its map row by row, and says why where it cannot, with a way to try again', async () => {
    const broken = vi.spyOn(standInPools, 'ironRowPool').mockReturnValueOnce({
      run: () => ({
        result: Promise.reject(new WorkerFailure({ code: 'broke' })),
        cancel: () => undefined,
      }),
      close: () => undefined,
    } as never);
    const { text } = await shown();
    await waitFor(() => expect(text()).toContain('The map could not be computed.'), {
      timeout: 10_000,
    });
    broken.mockRestore();
    press('Compute it again');
    await waitFor(() => expect(text()).toContain('Map of set temperature and pace'), {
      timeout: 20_000,
    });
    const [map, today] = chartOf(/^Map of set temperature/).data;
    await waitFor(() =>
      expect(chartOf(/^Map of set temperature/).data[0]!.z!.flat()).not.toContain(null),
    );
    expect(map!.z).toHaveLength(map!.y!.length);
    expect(map!.z!.every((row) => row.length === map!.x!.length)).toBe(true);
    expect(today!.y).toEqual([Number(field('Set temperature').value)]);
  });
});

describe('an iron of the team’s own', () => {
  it('is kept by its figures, used at once, and deleted with a way back', async () => {
    const first = await shown();
    press('Your own iron');
    fireEvent.click(await screen.findByRole('button', { name: 'Save this iron' }));
    await waitFor(() =>
      expect(field('Name of the iron').getAttribute('aria-invalid')).toBe('true'),
    );
    fill('Name of the iron', 'Old brass one');
    fill('Plate along the ski', '14');
    fill('Plate across', '6');
    fill('Mass of the plate', '1.4');
    fill('Power', '850');
    press('Save this iron');
    await waitFor(async () => {
      const { irons } = await loadTeamSettings(db);
      expect(irons.map(({ name }) => name)).toEqual(['Old brass one']);
      expect(irons[0]!.plateLengthM).toBeCloseTo(0.14, 9);
    });
    first.unmount();
    await shown();
    expect(screen.getByRole('radio', { name: 'Old brass one' })).toBeTruthy();
    press('Your own iron');
    fireEvent.click(await screen.findByRole('button', { name: 'Delete Old brass one' }));
    await waitFor(async () => expect((await loadTeamSettings(db)).irons).toEqual([]));
    press('Undo');
    await waitFor(async () => expect((await loadTeamSettings(db)).irons).toHaveLength(1));
  });
});
