// @vitest-environment happy-dom
import { cleanup, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Choice, Outcome } from '@/core/model';
import { addChoice, listChoices } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { listReadings } from '@/data/readings';
import { ownOf } from '@/server/learning';
import { ledger } from '@/core/wax';
import { listOutings } from '@/data/outings';
import { demoDatabase } from '../../../tests/unit/demo-app';
import { show } from '../../../tests/unit/render';
import { PastPart } from './past-part';
import { loadPast } from './use-cases/load-past';

const OUTING = 'demo-slalom';
let db: FrostDatabase;
let chosen: Choice;
beforeEach(async () => {
  db = await demoDatabase();
  [chosen] = (await listChoices(db, OUTING, 1)) as [Choice];
});

const past = async (said: Record<string, Outcome> = {}, outingId = OUTING) => {
  const outings = await listOutings(db);
  return loadPast(
    db,
    outings.find(({ id }) => id === outingId)!,
    { outings, said },
  );
};
const chose = (id: string, change: Partial<Choice>) => addChoice(db, { ...chosen, id, ...change });

describe('days like this one', () => {
  it('are none where there is no other day', async () => {
    const found = await past();
    expect(found).toEqual([]);
  });

  it('are told with by what they differ, what was taken and how it turned out', async () => {
    const { snow } = chosen.inputs;
    await chose('moist', {
      outingId: 'demo-relay',
      productName: 'Black frost',
      inputs: {
        ...chosen.inputs,
        snow: { ...snow, humidityFraction: snow.humidityFraction - 0.2 },
      },
    });
    await chose('far', { outingId: 'demo-tour', equivalentTemperatureC: -30 });
    const outcome: Outcome = {
      id: 'o',
      choiceId: 'moist',
      glide: 'slow',
      feel: 'dry',
      createdAt: chosen.createdAt,
    };
    const { text } = show(<PastPart past={(await past({ moist: outcome }))!} />);
    expect(screen.getAllByTestId('past-day')).toHaveLength(1);
    expect(text()).toContain('Lantern dusk relay');
    expect(text()).toContain('like this one, taken: Black frost');
    expect(text()).toContain('Turned out: slow. Dry: too hard.');
    expect(text()).toMatch(/Differs: air \d+ %\./);
  });

  it('are one for each outing, of its last choice, and never of the outing itself', async () => {
    await chose('first', { outingId: 'demo-relay' });
    await chose('again', { outingId: 'demo-relay', createdAt: '2099-01-01T00:00:00.000Z' });
    const found = (await past())!;
    expect(found.map(({ id }) => id)).toEqual(['again']);
    const { text } = show(<PastPart past={found} />);
    expect(text()).toContain('Not rated. Same snow and air.');
    cleanup();
  });

  it('go by the last reading where nothing is chosen yet', async () => {
    const [reading] = await listReadings(db, 'demo-relay', 1);
    const outing = (await listOutings(db)).find(({ id }) => id === 'demo-relay')!;
    const { equivalentTemperatureC } = ledger(reading!, outing, await ownOf(db, outing));
    await chose('near', {
      outingId: 'demo-slalom',
      equivalentTemperatureC: equivalentTemperatureC + 1,
      inputs: { ...chosen.inputs, snow: reading! },
    });
    const [found] = (await past({}, 'demo-relay'))!;
    expect(found!.id).toBe('near');
    expect(found!.likeness.distance).toBeCloseTo(0.5, 6);
  });
});
