// @vitest-environment happy-dom
import { screen, within } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { FrostDatabase } from '@/data/database';
import { addSkiEvent } from '@/data/ski-events';
import { addStockMove } from '@/data/stock';
import { textOf } from '@/formats/out-file';
import { DAY, demoDatabase, outingOf } from '../../../tests/unit/demo-app';
import { chartOf, show } from '../../../tests/unit/render';
import { SeasonScreen } from './season-screen';
import { exportSeason } from './use-cases/export-season';
import { loadSeason } from './use-cases/load-season';

const OUTING = 'demo-slalom';
const SKI = 'demo-ski-wessa-slalom';
let db: FrostDatabase;
beforeEach(async () => {
  db = await demoDatabase();
});

async function shown() {
  const outing = await outingOf(db, OUTING);
  const view = await loadSeason(db, outing);
  return { ...show(<SeasonScreen outing={outing} view={view} />), view, outing };
}
const at = DAY.toISOString();
/** What went on skis, or was given back. */
const moved = (id: string, grams: number, isUndo = false) =>
  addStockMove(db, {
    id,
    productId: 'demo-cold',
    kind: grams < 0 ? 'used' : 'corrected',
    grams,
    isUndo,
    at,
  });

describe('the season', () => {
  it('says what it held, how good its choices were, and what to take next year', async () => {
    const { text, view } = await shown();
    expect(view.outings).toBeGreaterThan(0);
    expect(screen.getByTestId('season-answer').textContent).toMatch(/^\d+ days?, \d+ pairs?$/);
    expect(view.choices.length).toBeGreaterThan(0);
    const table = within(screen.getByRole('table', { name: /^Choices/ }));
    const rows = table.getAllByRole('row').slice(1);
    view.choices.forEach(({ lostSeconds, best, wax }, i) => {
      expect(lostSeconds).toBeGreaterThanOrEqual(0);
      const said = within(rows[i]!)
        .getAllByRole('cell')
        .map((cell) => cell.textContent.replace(/[\u2009\u202f\u00a0]/g, ' '));
      expect(said[2]).toBe(best === wax ? 'the same' : best);
      expect(said[3]).toMatch(/^[\d.]+ s$/);
    });
    const chart = screen.getByRole('region', { name: /^Dry snow/ });
    expect(within(chart).getAllByRole('row')).toHaveLength(11);
    expect(text()).toContain('Next year’s chart for Oskra Basin');
    expect(text()).not.toMatch(/undefined|NaN/);
  });

  it('adds up grams, coats and kilometres, less what was undone and what lies outside it', async () => {
    const before = await loadSeason(db, await outingOf(db, OUTING));
    const gramsOf = (view: typeof before) =>
      view.products.find(({ id }) => id === 'demo-cold')?.grams ?? 0;
    const ski = (view: typeof before) => view.skis.find(({ id }) => id === SKI);
    await moved('m1', -6);
    await moved('m2', -4);
    await moved('m3', 4, true);
    await moved('m4', 50);
    await addStockMove(db, {
      id: 'm5',
      productId: 'demo-cold',
      kind: 'used',
      grams: -30,
      at: '2020-01-01T00:00:00.000Z',
    });
    const event = { skiId: SKI, atMs: DAY.getTime() };
    await addSkiEvent(db, { ...event, id: 'e1', kind: 'waxed', waxing: 'hot', coats: 2 });
    await addSkiEvent(db, { ...event, id: 'e2', kind: 'kilometres', km: 12, snow: 'usual' });
    const after = await loadSeason(db, await outingOf(db, OUTING));
    expect(gramsOf(after) - gramsOf(before)).toBeCloseTo(6, 6);
    expect(ski(after)!.coats - (ski(before)?.coats ?? 0)).toBe(2);
    expect(ski(after)!.km - (ski(before)?.km ?? 0)).toBe(12);
  });

  it('draws what was used and what choices lost once there is something to compare', async () => {
    const LOST = 'Seconds that each choice lost against the best known today, by outing';
    const GRAMS = 'Grams used of each product';
    const first = await shown();
    expect(first.text()).not.toContain(LOST);
    expect(first.text()).not.toContain(GRAMS);
    first.unmount();
    await moved('g1', -6);
    await addStockMove(db, { id: 'g2', productId: 'demo-frost', kind: 'used', grams: -11, at });
    const row = await db.selectFrom('choice').selectAll().executeTakeFirstOrThrow();
    await db
      .insertInto('choice')
      .values({ ...row, id: 'other', outing_id: 'demo-relay' })
      .execute();
    const { view } = await shown();
    // The most used first, each bar as long as the table says.
    const used = [...view.products].sort((a, b) => b.grams - a.grams);
    const grams = chartOf(GRAMS);
    expect(grams.data[0]!.x).toEqual(used.map((one) => one.grams));
    expect(grams.layout.yaxis).toMatchObject({
      ticktext: used.map(({ name }) => name),
      autorange: 'reversed',
    });
    expect(used[0]!.grams).toBe(11);
    const lost = chartOf(LOST);
    const judged = view.choices.filter(({ lostSeconds }) => lostSeconds !== undefined);
    expect(judged.length).toBeGreaterThan(1);
    expect(lost.data[0]!.x).toEqual(judged.map(({ lostSeconds }) => lostSeconds));
    expect(lost.layout.yaxis!.ticktext).toEqual(
      judged.map(({ outingName }) => expect.stringContaining(outingName)),
    );
  });

  it('goes out as CSV, and says of which outing where none is named', async () => {
    const csv = await exportSeason(db, OUTING, 'csv');
    if (!csv.ok) throw new Error(csv.error.message);
    const lines = (await textOf(csv.value)).split('\r\n');
    expect(lines[0]).toContain('kind,name,grams [g]');
    expect(lines.some((line) => line.startsWith('choice,'))).toBe(true);
    const none = await exportSeason(db, null, 'csv');
    expect(!none.ok && none.error.message).toContain('That outing does not exist');
  });
});
