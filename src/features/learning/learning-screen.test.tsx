// @vitest-environment happy-dom
import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { FrostDatabase } from '@/data/database';
import { listGlideTests } from '@/data/glide-tests';
import { loadTeamSettings } from '@/data/team-settings';
import { learnedFor, ownOf } from '@/server/learning';
import { DAY, demoDatabase, outingOf } from '../../../tests/unit/demo-app';
import { show } from '../../../tests/unit/render';
import { LearningScreen } from './learning-screen';
import { loadLearningView } from './use-cases/load-learning';
import { act } from '@/writes/act';

/** The outing of the demo with a glide test, and another at another venue. */
const OUTING = 'demo-relay';
let db: FrostDatabase;
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['Date'], now: DAY });
  db = await demoDatabase();
});
afterEach(() => {
  vi.useRealTimers();
});

async function shown(outingId = OUTING) {
  cleanup();
  const outing = await outingOf(db, outingId);
  const view = await loadLearningView(db, outing);
  return { ...show(<LearningScreen outing={outing} view={view} />), view, outing };
}
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));

describe('learning', () => {
  it('says by how much this venue differs, from what, and which result moved it', async () => {
    const { text, view } = await shown();
    expect(view.count).toBe(1);
    expect(screen.getByTestId('learned-offset').textContent).toMatch(/^[+−]?[\d.]+ ± [\d.]+ °C$/);
    expect(text()).toContain('From 1 test here.');
    expect(text()).not.toContain('No result yet.');
    const [result] = screen.getAllByTestId('result');
    expect(result!.textContent).toMatch(/[+−][\d.]+/);
    expect(result!.textContent).toMatch(/^Test: Cold, Hard frost \(8 runs\)/);
    expect(view.results[0]!.movedC).toBeCloseTo(view.offset.now, 3);
    expect(view.spread.now).toBeLessThan(view.spread.before);
    expect(screen.getAllByRole('table')).toHaveLength(2);
    expect(text()).not.toMatch(/undefined|NaN/);
  });

  it('takes over at a new venue what holds everywhere, and says that it is from elsewhere', async () => {
    const there = (await shown()).view;
    const { text, view } = await shown('demo-tour');
    expect(view.here.tests).toBe(0);
    expect(text()).toContain('No results here yet. This comes from 1 result elsewhere.');
    expect(text()).toContain('elsewhere');
    expect(Math.abs(view.offset.now)).toBeLessThan(Math.abs(there.offset.now));
    expect(view.offset.sd).toBeGreaterThan(there.offset.sd);
  });

  it('leaves a result out at one press and counts it again by undo', async () => {
    await shown();
    press(/^Do not count: Test: Cold/);
    await screen.findByText('No longer counted.');
    expect(await learnedFor(db, (await outingOf(db, OUTING)).venue.id)).toBeUndefined();
    press('Undo');
    await screen.findByText('Counted again.');
    const { view } = await shown();
    expect(view.count).toBe(1);
  });

  it('forgets all so far at one press, and remembers it again by undo', async () => {
    await shown();
    press('Ignore all so far');
    await screen.findByText('Only results from now on count.');
    expect((await loadTeamSettings(db)).learning?.sinceAt).toBeTruthy();
    const { text } = await shown();
    expect(text()).toContain('Nothing yet');
    expect(within(screen.getByTestId('result')).getByText('ignored')).toBeTruthy();
    press('Count all again');
    await screen.findByText('All results count again.');
    expect((await loadTeamSettings(db)).learning?.sinceAt).toBeUndefined();
    const wrong = await act('learning.remember', 'learning-test-1', { sinceAt: 'yesterday' });
    expect(wrong.ok).toBe(false);
    const first = await act('learning.forget', 'learning-test-2', {});
    expect(first).toMatchObject({ ok: true, value: { sinceAt: null } });
  });

  it('says what a test must have to teach anything', async () => {
    const [test] = await listGlideTests(db, OUTING);
    await db
      .updateTable('glide_test')
      .set({ skis: JSON.stringify(['Left pair', 'Right pair']) })
      .where('id', '=', test!.id)
      .execute();
    const { text } = await shown();
    expect(text()).toContain('Teaches nothing. It needs two waxes from the shelf');
    expect(text()).toContain('Nothing yet');
    expect((await ownOf(db, await outingOf(db, OUTING))).learned).toBeUndefined();
  });
});
