// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { FrostDatabase } from '@/data/database';
import { listProducts } from '@/data/products';
import { DAY, demoDatabase, outingOf } from '../../../tests/unit/demo-app';
import { chartOf, chooseFrom, AMERICAN, field, fill, showWhole } from '../../../tests/unit/render';
import { ShelfScreen } from './shelf-screen';
import { loadShelf } from './use-cases/load-shelf';

let db: FrostDatabase;
beforeEach(async () => {
  db = await demoDatabase();
});

async function shown(units?: typeof AMERICAN) {
  const outing = await outingOf(db, 'demo-relay');
  const view = await loadShelf(db, outing, DAY.getTime());
  return showWhole(<ShelfScreen outing={outing} view={view} />, units);
}
const named = async (name: string) => (await listProducts(db)).find((one) => one.name === name);

const menuOf = (product: string) =>
  screen.getByRole('button', { name: `What to do with ${product}` });

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
    await chooseFrom(menuOf('Frost'), 'Delete Frost');
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

describe('a product of the shelf', () => {
  const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));

  it('is changed in its place, keeps what was not touched, and says so', async () => {
    const before = (await named('Frost'))!;
    const { text } = await shown();
    await chooseFrom(menuOf('Frost'), 'Change Frost');
    await waitFor(() => expect(field('Name').value).toBe('Frost'));
    fill('Label, cold end', '-15');
    press('Save changes');
    await waitFor(() => expect(text()).toContain('Frost was changed.'));
    const { version: _before, ...was } = before;
    const { version, ...is } = (await named('Frost'))!;
    expect(is).toEqual({ ...was, labelLowC: -15 });
    expect(version).toBe(_before! + 1);
  });

  it('is left as it was when one cancels', async () => {
    const before = await named('Cold');
    await shown();
    await chooseFrom(menuOf('Cold'), 'Change Cold');
    await waitFor(() => expect(field('Name').value).toBe('Cold'));
    fill('Name', 'Colder');
    press('Cancel');
    await waitFor(() => expect(field('Name').value).toBe(''));
    expect(await named('Cold')).toEqual(before);
  });

  it('may not take the name of another', async () => {
    const { text } = await shown();
    fill('Name', 'frost');
    fill('Label, cold end', '-14');
    fill('Label, warm end', '-8');
    press('Add to shelf');
    await waitFor(() => expect(text()).toContain('is already on the shelf'));
    expect(field('Name').value).toBe('frost');
  });

  it('without a label is judged by nail and finger, and gets its ends from that', async () => {
    const { user, text } = await shown();
    press('No label? Try a nail and a finger');
    await user.click(await screen.findByRole('radio', { name: 'Scratch with crumbs' }));
    await waitFor(() => expect(text()).toContain('Hardness about'));
    press('Use these ends');
    await waitFor(() => expect(field('Label, cold end').value).toMatch(/^−\d+/));
    expect(Number(field('Label, cold end').value.replace('−', '-'))).toBeLessThan(
      Number(field('Label, warm end').value.replace('−', '-')),
    );
  });

  it('of grip has ends for new and for old snow', async () => {
    const { user } = await shown();
    const form = within(screen.getByRole('radiogroup', { name: 'What it is for' }));
    await user.click(form.getAllByRole('radio')[4]!);
    await waitFor(() => expect(field('New snow, cold end')).toBeTruthy());
    expect(field('Old snow, warm end')).toBeTruthy();
  });
});

describe('what the shelf covers', () => {
  it('says its gaps with their temperatures, the worst first, and the purchase that helps', async () => {
    const { text } = await shown();
    const said = screen.getByTestId('holes').textContent;
    expect(said).toMatch(/^(No gaps|Gaps, where)/);
    const { data, layout } = chartOf(/^Best expected loss/);
    const { holes, rows } = (await loadShelf(db, await outingOf(db, 'demo-relay'), DAY.getTime()))
      .coverage;
    expect(layout.shapes).toHaveLength(holes.length);
    expect(said.startsWith('No gaps')).toBe(holes.length === 0);
    expect(data[0]!.z!.map((row) => row.length)).toEqual(rows.map(() => data[0]!.x!.length));
    expect(text()).toMatch(/\d+ glide waxes among \d+ products\./);
    expect(screen.getByTestId('purchase').textContent.length).toBeGreaterThan(20);
  });

  it('shows one kind of product, or all', async () => {
    const { user } = await shown();
    const count = () =>
      within(screen.getByRole('table', { name: 'Products on the shelf' })).getAllByRole('row')
        .length - 1;
    const glides = count();
    await user.click(screen.getByRole('radio', { name: 'All' }));
    await waitFor(() => expect(count()).toBeGreaterThan(glides));
    expect(count()).toBe((await listProducts(db)).length);
  });

  it('empty, says so and offers the form', async () => {
    const outing = await outingOf(db, 'demo-relay');
    const view = await loadShelf(db, outing, DAY.getTime());
    const { text } = await showWhole(
      <ShelfScreen outing={outing} view={{ ...view, products: [], low: [], moves: [] }} />,
    );
    expect(text()).toContain('The shelf is empty. Add the first wax below.');
    expect(screen.queryByRole('table', { name: 'Products on the shelf' })).toBeNull();
  });
});

describe('an empty shelf', () => {
  it('is filled with a usual ladder in one tap, without what was unticked', async () => {
    await db.deleteFrom('product').execute();
    const { user } = await shown();
    await user.click(screen.getByRole('checkbox', { name: /^All-round/ }));
    await user.click(screen.getByRole('button', { name: 'Put these on the shelf' }));
    await waitFor(async () => expect(await listProducts(db)).toHaveLength(6));
    expect((await named('Cold (typical)'))!).toMatchObject({
      role: 'glide',
      labelLowC: -14,
      labelHighC: -8,
      applications: ['iron'],
    });
    expect(await named('All-round (typical)')).toBeUndefined();
  });

  it('has grip as well for a classic outing', async () => {
    await db.deleteFrom('product').execute();
    const outing = await outingOf(db, 'demo-tour');
    const view = await loadShelf(db, outing, DAY.getTime());
    const { user } = await showWhole(<ShelfScreen outing={outing} view={view} />);
    await user.click(screen.getByRole('button', { name: 'Put these on the shelf' }));
    await waitFor(async () => expect(await named('Klister wet (typical)')).toBeDefined());
    expect(await named('Grip cold (typical)')).toMatchObject({ role: 'grip_stick', form: 'stick' });
  });
});
