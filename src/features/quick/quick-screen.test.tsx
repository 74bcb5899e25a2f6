// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { USUAL_INPUT } from '@/core/quick';
import type { FrostDatabase } from '@/data/database';
import { listProducts } from '@/data/products';
import { demoDatabase, pushed } from '../../../tests/unit/demo-app';
import { AMERICAN, fill, show, arrived } from '../../../tests/unit/render';
import { keepBlocks } from '@/server/keep-blocks';
import { askQuick } from './quick-lab';
import { QuickScreen } from './quick-screen';

let db: FrostDatabase;
beforeEach(async () => {
  db = await demoDatabase();
});

async function shown(units?: typeof AMERICAN) {
  const screenShown = show(
    <QuickScreen first={USUAL_INPUT} firstAnswer={askQuick(USUAL_INPUT)} outing={undefined} />,
    units,
  );
  await arrived();
  return screenShown;
}
const label = () => screen.getByTestId('quick-label').textContent;
const tap = (name: string | RegExp) => screen.getByRole('radio', { name });

describe('the quick answer', () => {
  it('stands there before anything is touched, in full', async () => {
    const { text } = await shown();
    expect(label()).toMatch(/^−\d.* °C$/);
    expect(text()).toContain('no additive needed');
    expect(text()).toMatch(
      /Of the blocks in a shop this one is the best \d times in 10|once in 10/,
    );
    expect(text()).toMatch(/Over 10 km, the next softer block costs about .* s/);
    expect(within(screen.getByTestId('quick-job')).getAllByRole('listitem').length).toBeLessThan(
      11,
    );
    expect(text()).toContain('It must never smoke');
  });

  it('follows each tap and each figure, and its address with it', async () => {
    const { user, text } = await shown();
    const before = label();
    fill('Snow temperature', '-15');
    expect(label()).not.toBe(before);
    expect(window.location.search).toContain('snow=-15');
    await user.click(tap(/Machine-made/));
    expect(text()).toContain('with dry lubricant');
    await user.click(tap('Humid'));
    expect(window.location.search).toContain('humidity=90');
    await user.click(tap('Classic'));
    expect(screen.getByTestId('quick-grip').textContent).toMatch(/^For grip: a grip stick of −20/);
    fill('Snow temperature', '');
    expect(text()).toContain('Enter a temperature to get an answer.');
    fill('Snow temperature', '-80');
    expect(text()).toContain('Snow temperature must be from −60 to 0 °C.');
    expect(screen.queryByTestId('quick-label')).toBeNull();
  });

  it('is faint, and its address of what it answers, until what is typed is worked out', async () => {
    const { container } = show(
      <QuickScreen first={USUAL_INPUT} firstAnswer={askQuick(USUAL_INPUT)} outing={undefined} />,
    );
    const before = label();
    const isFaint = () => screen.getByTestId('quick-label').closest('[aria-busy="true"]') !== null;
    expect(isFaint()).toBe(false);
    fill('Snow temperature', '-15');
    expect([isFaint(), label()]).toEqual([true, before]);
    expect(window.location.search).not.toContain('snow=-15');
    await arrived();
    expect(isFaint()).toBe(false);
    expect(label()).not.toBe(before);
    expect(window.location.search).toContain('snow=-15');
    expect(container.querySelector('[aria-busy="true"]')).toBeNull();
  });

  it('guesses from the air alone, and says that it does', async () => {
    const { user, text } = await shown();
    await user.click(tap('Only the air'));
    expect(text()).toContain('Snow guessed at');
    const cloudy = label();
    await user.click(tap('Clear'));
    await user.click(tap('Night'));
    expect(label()).not.toBe(cloudy);
    expect(window.location.search).toContain('by=air');
  });

  it('is in °F and miles for who reads them', async () => {
    const { text } = await shown(AMERICAN);
    expect(text()).not.toMatch(/\d °C|\d km/);
    expect(label()).toContain('°F');
  });

  it('is copied in three lines', async () => {
    const { user, text } = await shown();
    const write = vi.spyOn(navigator.clipboard, 'writeText').mockResolvedValue();
    await user.click(screen.getByRole('button', { name: 'Copy answer' }));
    expect(write.mock.calls[0]![0].split('\n')).toHaveLength(3);
    await waitFor(() => expect(text()).toContain('Answer copied.'));
  });
});

describe('what one has got', () => {
  it('is ranked at once, typed or ticked, and kept on the shelf once', async () => {
    const before = (await listProducts(db)).length;
    const { user, text } = await shown();
    await user.click(screen.getByRole('button', { name: 'Add block' }));
    expect(text()).toContain('Enter both ends of the range.');
    fill('From', '-2');
    fill('To', '-6');
    await user.click(screen.getByRole('button', { name: 'Add block' }));
    expect(text()).toContain('The cold end must be colder than the warm end.');
    fill('From', '-7');
    fill('To', '-2');
    fill('Name (optional)', 'My red');
    await user.click(screen.getByRole('button', { name: 'Add block' }));
    await user.click(screen.getByRole('checkbox', { name: /^Very cold/ }));
    const rows = within(screen.getByRole('table', { name: 'Your blocks, best first' }))
      .getAllByRole('row')
      .slice(1);
    expect(rows.map((row) => row.textContent.slice(0, 6))).toEqual(['My red', 'Very c']);
    await user.click(screen.getByRole('button', { name: 'Keep these on my shelf' }));
    await waitFor(() => expect(text()).toContain('2 blocks added to the shelf.'));
    expect(await listProducts(db)).toHaveLength(before + 2);
    await user.click(screen.getByRole('button', { name: 'Put it in the log' }));
    await waitFor(() => expect(pushed()).toHaveLength(1));
    expect(pushed()[0]).toMatch(/^\/outing\/new\?snow=.*&grain=.*&then=pick$/);
    await user.click(screen.getByRole('button', { name: 'Delete Very cold' }));
    expect(text()).not.toContain('+');
  });

  it('refuses what is no block, and leaves what stands on the shelf', async () => {
    let id = 0;
    const newId = () => `new-${(id += 1)}`;
    const bad = await keepBlocks(db, [{ name: 'x', labelLowC: 2, labelHighC: -4 }], newId);
    expect(bad).toMatchObject({ ok: false, error: { code: 'invalid_input' } });
    const frost = { name: 'FROST', labelLowC: -14, labelHighC: -8 };
    expect(await keepBlocks(db, [frost], newId)).toEqual({ ok: true, value: { kept: 0 } });
    // What is no list is refused, not taken as an empty one.
    const none = await keepBlocks(db, 'no list', newId);
    expect(none).toMatchObject({ ok: false, error: { code: 'invalid_input' } });
  });
});
