// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { beforeAll, describe, expect, it } from 'vitest';
import type { FrostDatabase } from '@/data/database';
import { listProducts } from '@/data/products';
import { DAY, demoDatabase, outingOf } from '../../../tests/unit/demo-app';
import { AMERICAN, show } from '../../../tests/unit/render';
import { ShelfScreen } from './shelf-screen';
import { loadShelf } from './use-cases/load-shelf';

let db: FrostDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});

async function shown(units?: typeof AMERICAN) {
  const outing = await outingOf(db, 'demo-relay');
  const view = await loadShelf(db, outing, DAY.getTime());
  return show(<ShelfScreen outing={outing} view={view} />, units);
}
const named = async (name: string) => (await listProducts(db)).find((one) => one.name === name);

describe('the Shelf screen', () => {
  it('refuses a label with swapped ends at its field, and saves it the right way round', async () => {
    const { user, text } = await shown();
    await user.type(screen.getByRole('textbox', { name: 'Name' }), 'Found in a drawer');
    await user.type(screen.getByRole('textbox', { name: 'Label, cold end' }), '-4');
    await user.type(screen.getByRole('textbox', { name: 'Label, warm end' }), '-9');
    await user.click(screen.getByRole('button', { name: 'Add to shelf' }));
    expect(text()).toContain('The ends of the label are swapped. Write -9 as the cold end');
    expect(await named('Found in a drawer')).toBeUndefined();
    await user.clear(screen.getByRole('textbox', { name: 'Label, cold end' }));
    await user.type(screen.getByRole('textbox', { name: 'Label, cold end' }), '-12');
    await user.click(screen.getByRole('button', { name: 'Add to shelf' }));
    await waitFor(async () =>
      expect(await named('Found in a drawer')).toMatchObject({ labelLowC: -12, labelHighC: -9 }),
    );
  });

  it('gives a removed product back by undo, with all it had', async () => {
    const before = (await named('Frost'))!;
    const { user } = await shown();
    await user.click(screen.getByRole('button', { name: 'Remove Frost' }));
    await waitFor(async () => expect(await named('Frost')).toBeUndefined());
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(async () => expect(await named('Frost')).toBeDefined());
    const { version: _before, ...was } = before;
    const { version: _after, ...is } = (await named('Frost'))!;
    expect(is).toEqual(was);
  });

  it('takes no more from the stock than there is', async () => {
    const { user, text } = await shown();
    const stock = within(screen.getByRole('region', { name: 'Stock' }));
    await user.click(stock.getByRole('radio', { name: 'Used' }));
    await user.type(stock.getByRole('textbox', { name: 'Grams' }), '90000');
    await user.click(stock.getByRole('button', { name: 'Save stock change' }));
    await waitFor(() => expect(text()).toMatch(/There are only \d+ g. Correct the stock first./));
  });

  it('writes labels and purchases in the units of the device', async () => {
    const { text } = await shown(AMERICAN);
    expect(text()).not.toMatch(/\d °C/);
    expect(text()).toMatch(/\d °F/);
  });
});
