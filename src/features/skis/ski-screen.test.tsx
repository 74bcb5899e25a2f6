// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import { beforeAll, describe, expect, it } from 'vitest';
import type { FrostDatabase } from '@/data/database';
import { listFindings, listSkiEvents } from '@/data/ski-events';
import { findSki, listSkis, saveSkis } from '@/data/skis';
import { DAY, demoDatabase } from '../../../tests/unit/demo-app';
import { inApp, show } from '../../../tests/unit/render';
import { SkiForm } from './ski-form';
import { SkiScreen } from './ski-screen';
import { loadSki } from './use-cases/load-skis';

let db: FrostDatabase;
beforeAll(async () => {
  db = await demoDatabase();
});

async function screenOf(skiId: string) {
  const view = (await loadSki(db, { id: skiId, nowMs: DAY.getTime(), isSouthern: false }))!;
  return <SkiScreen view={view} outingId="demo-relay" timeZone="CET" qr="" />;
}
const shown = async (skiId: string) => show(await screenOf(skiId));
const anySki = async () => (await listSkis(db)).find((ski) => ski.type === 'skate')!;

describe('a pair of skis', () => {
  it('is put on the rack once its name and its sizes are given', async () => {
    let doneId: string | undefined;
    const { user, text } = show(<SkiForm onDone={(id) => (doneId = id)} />);
    await user.click(screen.getByRole('button', { name: 'Add to rack' }));
    expect(text()).toContain('Give the pair a name.');
    await user.type(screen.getByRole('textbox', { name: 'Name of the pair' }), 'Loaner 7');
    await user.type(screen.getByRole('textbox', { name: 'Length' }), '900');
    await user.type(screen.getByRole('textbox', { name: 'Waist' }), '44');
    await user.click(screen.getByRole('button', { name: 'Add to rack' }));
    expect(text()).toContain('Length must be a number from 70 to 240 cm.');
    expect((await listSkis(db)).some((ski) => ski.name === 'Loaner 7')).toBe(false);
    await user.clear(screen.getByRole('textbox', { name: 'Length' }));
    await user.type(screen.getByRole('textbox', { name: 'Length' }), '190');
    await user.click(screen.getByRole('button', { name: 'Add to rack' }));
    await waitFor(() => expect(doneId).toBeDefined());
    expect(await findSki(db, doneId!)).toMatchObject({ name: 'Loaner 7', lengthCm: 190 });
  });

  it('keeps its name to itself: a second of the same is told at its field', async () => {
    const { name } = await anySki();
    const { user, text } = show(<SkiForm onDone={() => undefined} />);
    await user.type(screen.getByRole('textbox', { name: 'Name of the pair' }), name);
    await user.type(screen.getByRole('textbox', { name: 'Length' }), '190');
    await user.type(screen.getByRole('textbox', { name: 'Waist' }), '44');
    await user.click(screen.getByRole('button', { name: 'Add to rack' }));
    await waitFor(() => expect(text()).toContain('is already on the rack'));
  });

  it('is marked where one says, and the mark says what it means', async () => {
    const { id } = await anySki();
    const { user, text } = await shown(id);
    await user.click(screen.getByRole('radio', { name: 'Rust (Ru)' }));
    await user.click(screen.getByRole('button', { name: 'Add mark' }));
    expect(text()).toContain('Tap a place on the base first');
    const before = (await listFindings(db, id)).length;
    await user.type(screen.getByRole('textbox', { name: 'From the tip' }), '20');
    await user.click(screen.getByRole('button', { name: 'Add mark' }));
    await waitFor(async () => expect(await listFindings(db, id)).toHaveLength(before + 1));
    const again = await shown(id);
    expect(again.text()).toContain('Rust on the edge.');
    expect(again.text()).toContain('This type of ski has no steel edge.');
  });

  it('has a history: kilometres need a distance, and what is removed can be put back', async () => {
    const { id } = await anySki();
    const { user, text } = await shown(id);
    const history = within(await screen.findByRole('region', { name: 'History' }));
    await user.click(history.getByRole('radio', { name: 'Kilometres' }));
    await user.click(history.getByRole('button', { name: 'Add to history' }));
    await waitFor(() => expect(text()).toContain('Say how many kilometres.'));
    const before = (await listSkiEvents(db, id)).length;
    await user.type(history.getByRole('textbox', { name: 'Distance' }), '12');
    await user.click(history.getByRole('button', { name: 'Add to history' }));
    await waitFor(async () => expect(await listSkiEvents(db, id)).toHaveLength(before + 1));
    const again = await shown(id);
    await again.user.click(
      (
        await within(again.container).findAllByRole('button', { name: 'Delete: 12 km, usual snow' })
      )[0]!,
    );
    await waitFor(async () => expect(await listSkiEvents(db, id)).toHaveLength(before));
    await again.user.click(within(again.container).getByRole('button', { name: 'Undo' }));
    await waitFor(async () => expect(await listSkiEvents(db, id)).toHaveLength(before + 1));
  });

  it('asks whose length holds, and still asks when the page has brought theirs', async () => {
    const { id } = await anySki();
    const { user, text, rerender } = await shown(id);
    await user.click(screen.getByRole('button', { name: 'Change' }));
    const length = await screen.findByRole('textbox', { name: 'Length' });
    await user.clear(length);
    await user.type(length, '187');
    const theirs = { ...(await findSki(db, id))!, lengthCm: 191 };
    await saveSkis(db, [theirs]);
    await user.click(screen.getByRole('button', { name: 'Save changes' }));
    await waitFor(() => expect(text()).toContain('they entered 191'));
    rerender(inApp(await screenOf(id)));
    expect(text()).toContain('191 cm');
    await user.click(screen.getByRole('button', { name: 'Use theirs' }));
    await user.click(screen.getByRole('button', { name: 'Save changes' }));
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Save changes' })).toBeNull());
    expect(await findSki(db, id)).toMatchObject({ lengthCm: 191 });
  });
});
