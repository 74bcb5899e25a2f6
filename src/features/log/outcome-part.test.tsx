// @vitest-environment happy-dom
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { FrostDatabase } from '@/data/database';
import { listOutings } from '@/data/outings';
import { listOutcomes } from '@/data/outcomes';
import { loadLearning } from '@/server/learning';
import { demoDatabase } from '../../../tests/unit/demo-app';
import { show } from '../../../tests/unit/render';
import { OutcomePart } from './outcome-part';
import { loadOutcomes } from './use-cases/load-outcomes';
import { act } from '@/writes/act';

let db: FrostDatabase;
let count = 0;
const key = () => `outcome-test-${(count += 1)}`;
const DAY_MS = 86_400_000;

beforeEach(async () => {
  db = await demoDatabase();
});

/** What is asked a day after the last outing of the demo. */
async function asked() {
  const outings = await listOutings(db);
  const lastMs = Math.max(...outings.map(({ startAt }) => Date.parse(startAt)));
  return loadOutcomes(db, outings, lastMs + DAY_MS);
}

describe('how a choice turned out', () => {
  it('is asked once the outing is over, of its last choice, and kept by two taps', async () => {
    const before = await loadOutcomes(db, await listOutings(db), 0);
    expect(before.asked).toEqual([]);
    const { asked: open } = await asked();
    expect(open.length).toBeGreaterThan(0);
    const { user } = show(<OutcomePart asked={open} />);
    const [line] = screen.getAllByTestId('asked-outcome');
    await user.click(within(line!).getByRole('radio', { name: 'Slow' }));
    expect(await listOutcomes(db)).toEqual([]);
    await user.click(within(line!).getByRole('radio', { name: 'Grabbed: too soft' }));
    await screen.findByText(`Noted how ${open[0]!.wax} turned out.`);
    const [outcome] = await listOutcomes(db);
    expect(outcome).toMatchObject({ choiceId: open[0]!.choiceId, glide: 'slow', feel: 'grabbed' });
    const after = await asked();
    expect(after.asked).toHaveLength(open.length - 1);
    expect(after.said[open[0]!.choiceId]!.feel).toBe('grabbed');
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await screen.findByText('Deleted. You will be asked again.');
    expect(await listOutcomes(db)).toEqual([]);
    cleanup();
  });

  it('moves the ledger the way it was felt, and no more once the choice is withdrawn', async () => {
    const { asked: open } = await asked();
    const { choiceId } = open[0]!;
    const learnedC = async () => {
      const { learned } = await loadLearning(db);
      return learned.moves.filter(({ kind }) => kind === 'outcome').map(({ by }) => by);
    };
    for (const [feel, sign] of [
      ['grabbed', -1],
      ['dry', 1],
    ] as const) {
      const said = await act('outcome.say', key(), { choiceId, glide: 'slow', feel });
      expect(said.ok).toBe(true);
      const [by] = await learnedC();
      // The offset that holds everywhere comes after the five lines.
      expect(Math.sign(by![5]!)).toBe(sign);
    }
    await act('outcome.say', key(), { choiceId, glide: 'fair', feel: 'cannot_tell' });
    expect(await learnedC()).toEqual([]);
    await act('outcome.say', key(), { choiceId, glide: 'slow', feel: 'dry' });
    // Said again, the newer one stands.
    expect(await listOutcomes(db)).toHaveLength(1);
    await act('choice.withdraw', key(), { id: choiceId });
    expect(await learnedC()).toEqual([]);
  });

  it('gets a sentence where it makes no sense', async () => {
    const { asked: open } = await asked();
    const { choiceId } = open[0]!;
    const wrong = await act('outcome.say', key(), { choiceId, glide: 'quick', feel: 'right' });
    expect(wrong.ok).toBe(false);
    const gone = await act('outcome.say', key(), { choiceId: 'x', glide: 'fast', feel: 'right' });
    expect(!gone.ok && gone.error.message).toMatch(/was deleted/);
    expect((await act('outcome.back', key(), { id: choiceId })).ok).toBe(false);
  });
});
