import { beforeEach, describe, expect, it } from 'vitest';
import type { FrostDatabase } from '@/data/database';
import { findOuting } from '@/data/outings';
import { listProducts } from '@/data/products';
import { addStockMove, listStockMoves, remainingGrams } from '@/data/stock';
import { loadTeamSettings, saveTeamSettings } from '@/data/team-settings';
import { adviseGrip } from '@/features/grip/use-cases/advise-grip';
import { loadGrip } from '@/features/grip/use-cases/load-grip';
import { pickWax } from '@/features/pick/use-cases/pick-wax';
import { loadShelf } from '@/features/shelf/use-cases/load-shelf';
import { exportProducts, importProducts } from '@/features/shelf/use-cases/products-files';
import { gripResponseSchema } from '@/formats/schemas/grip';
import { pickResponseSchema } from '@/formats/schemas/pick';
import { teamChangeSchema } from '@/formats/schemas/team';
import { validate } from '@/formats/schemas/validation';
import type { WireResult } from '@/formats/wire';
import { textOf } from '@/formats/out-file';
import { temporaryDatabase, writingTo } from './temporary-database';

const HOUR = 3_600_000;
const START = Date.parse('2027-01-16T04:00:00Z');
const weather = Array.from({ length: 24 }, (_, h) => ({
  time: new Date(START + h * HOUR).toISOString(),
  airTemperatureC: -4,
  humidityFraction: 0.6,
  windMPerS: 1,
  cloudFraction: 0.1,
}));
const snow = {
  temperatureC: -8,
  humidityFraction: 0.6,
  origin: 'natural',
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
};
const outing = { discipline: 'skate', distanceKm: 10, purpose: 'race' };
const outlook = {
  site: { latitude: 46.6, longitude: 10.2, altitudeM: 700 },
  surface: { kind: 'groomed' },
  weather,
  members: 40,
  startAt: new Date(START + 18 * HOUR).toISOString(),
  hoursOnSnow: 2,
};
const valueOf = <T>(result: WireResult<T>): T => {
  if (!result.ok) throw new Error(JSON.stringify(result.error));
  return result.value;
};
const fieldsOf = (result: WireResult<unknown>) =>
  result.ok ? [] : (result.error.details as { field: string }[]).map((one) => one.field);

let db: FrostDatabase;
beforeEach(async () => {
  db = await temporaryDatabase();
});

describe('the pick over more than one reading', () => {
  it('takes the air between two hours by a straight line, not the nearer hour', async () => {
    // Air of 84 % lays hoar at −15 °C, not at the −10 °C that it has twenty minutes later.
    const warming = weather.map((hour, h) => ({
      ...hour,
      airTemperatureC: h < 19 ? -15 : 0,
      humidityFraction: 0.84,
    }));
    const additives = async (startAt: string) =>
      valueOf(
        await pickWax(db, {
          outing,
          outlook: { ...outlook, weather: warming, members: 200, startAt, hoursOnSnow: 0.1 },
        }),
      ).additives;
    expect(await additives('2027-01-16T22:00:00Z')).toContain('water_repellent');
    expect(await additives('2027-01-16T22:20:00Z')).not.toContain('water_repellent');
  });

  it('adds layers, regret and alternatives to the answer of one reading', async () => {
    const answer = valueOf(await pickWax(db, { snow, outing }));
    expect(validate(pickResponseSchema, answer)).toMatchObject({ ok: true });
    expect(answer.layers.map((one) => one.place)).toContain('glide');
    expect(answer.regret[0]!.regretPercent.likely).toBeCloseTo(0, 6);
    expect(answer.alternatives[0]!.extraLossPercent).toBeGreaterThanOrEqual(0);
  });

  it('takes the weather about a start, and readings pull it', async () => {
    const free = valueOf(await pickWax(db, { outing, outlook }));
    expect(free.equivalentTemperatureC).toBeLessThan(-6);
    expect(free.window.length).toBeGreaterThan(1);
    const time = new Date(START + 17 * HOUR).toISOString();
    const readings = [{ time, temperatureC: -4.5, sdC: 0.3 }];
    const pulled = valueOf(await pickWax(db, { outing, outlook, readings }));
    expect(pulled.equivalentTemperatureC).toBeGreaterThan(free.equivalentTemperatureC);
    const seen = { ...snow, grain: 'PP' };
    const sharp = valueOf(await pickWax(db, { outing, outlook, snow: seen }));
    expect(sharp.lines.find((one) => one.key === 'sharpness')!.valueC).toBeLessThan(-1);
  });

  it('takes an ensemble of the caller’s own, by weight', async () => {
    const members = [
      { temperatureC: -14, humidityFraction: 0.6, weight: 0 },
      { temperatureC: -3, humidityFraction: 0.6, weight: 2 },
    ];
    const answer = valueOf(await pickWax(db, { outing, members }));
    expect(answer.lines[0]!.valueC).toBeCloseTo(-3, 5);
  });

  it('refuses what is missing, alone or outside, at its field', async () => {
    expect(fieldsOf(await pickWax(db, { outing }))).toEqual(['snow']);
    expect(fieldsOf(await pickWax(db, { outing, snow, readings: [] }))).toEqual(['readings']);
    const late = { ...outlook, startAt: '2027-02-01T00:00:00Z' };
    expect(fieldsOf(await pickWax(db, { outing, outlook: late }))).toEqual(['outlook.startAt']);
    const readings = [{ time: '2027-02-01T00:00:00Z', temperatureC: -4, sdC: 1 }];
    expect(fieldsOf(await pickWax(db, { outing, outlook, readings }))).toEqual([
      'outlook.readings[0].time',
    ]);
    const members = [{ temperatureC: -3, humidityFraction: 0.6, weight: 0 }];
    expect(fieldsOf(await pickWax(db, { outing, members }))).toEqual(['members']);
    expect(fieldsOf(await pickWax(db, { outing, members: [] }))).toEqual(['members']);
  });
});

describe('grip', () => {
  const gaps = [
    { positionCm: -5, halfMm: 0.1, fullMm: 0 },
    { positionCm: 10, halfMm: 0.9, fullMm: 0.1 },
    { positionCm: 30, halfMm: 0.8, fullMm: 0.05 },
    { positionCm: 55, halfMm: 0.05, fullMm: 0 },
  ];
  const classic = { distanceKm: 42, purpose: 'touring' };

  it('answers with zone, wax, layers and the next step', async () => {
    const answer = valueOf(
      await adviseGrip(db, {
        snow,
        outing: classic,
        fit: { skiLengthCm: 200, gaps },
        laterTemperatureC: -1,
        trouble: { complaint: 'slipping', tried: [{ complaint: 'slipping', key: 'longer' }] },
      }),
    );
    expect(validate(gripResponseSchema, answer)).toMatchObject({ ok: true });
    expect(answer.fit).toMatchObject({ basis: 'gaps', stiffness: 'right' });
    expect(answer.kind).toBe('stick');
    expect(answer.carry).toContain('warmer');
    expect(answer.trouble).toMatchObject({ key: 'more_layers' });
    expect(answer.binderId).toBe('demo-grip-binder');
  });

  it('refuses gaps that grow, a missing snow and an empty shelf, at their fields', async () => {
    const grows = gaps.map((gap) => ({ ...gap, fullMm: gap.halfMm + 1 }));
    const fit = { skiLengthCm: 200, gaps: grows };
    expect(fieldsOf(await adviseGrip(db, { snow, outing: classic, fit }))).toEqual(['fit.gaps']);
    expect(fieldsOf(await adviseGrip(db, { outing: classic }))).toEqual(['snow']);
    expect(fieldsOf(await adviseGrip(db, { snow, outing: classic, products: [] }))).toEqual([
      'products',
    ]);
  });

  it('is loaded for an outing with its snow at start and end', async () => {
    const tour = (await findOuting(db, 'demo-tour'))!;
    const view = await loadGrip(db, tour);
    expect(view.snow!.temperatureC).toBeLessThanOrEqual(0);
    expect(view.laterC).toBeLessThanOrEqual(0);
    expect(view.products.length).toBeGreaterThan(5);
  });
});

describe('the shelf', () => {
  const header = 'name;label cold end [°C];label warm end [°C];role;form;additives;container [g]';

  it('goes out as CSV and comes in again the same', async () => {
    const before = await listProducts(db);
    const file = valueOf(await exportProducts(db, 'csv'));
    for (const product of before)
      await db.deleteFrom('product').where('id', '=', product.id).execute();
    expect(valueOf(await importProducts(db, await textOf(file), writingTo(db))).count).toBe(
      before.length,
    );
    const after = await listProducts(db);
    const facts = (all: typeof before) => all.map((one) => ({ ...one, id: '' }));
    expect(facts(after)).toEqual(facts(before));
  });

  it('reports doubles and swapped labels by line, and takes nothing in', async () => {
    const count = (await listProducts(db)).length;
    const text = `${header}\nNew one;-9;-4;glide;block;graphite;60\nnew one;-8;-3;;;;\nFrost;-14;-8;;;;\nBack;0;-6;;;;`;
    const done = await importProducts(db, text, writingTo(db));
    expect(done.ok).toBe(false);
    const swapped = done.ok ? '' : JSON.stringify(done.error.details);
    expect(swapped).toContain('swapped');
    const named = `${header}\nNew one;-9;-4;;;;\nnew one;-8;-3;;;;\nFrost;-14;-8;;;;`;
    const doubles = await importProducts(db, named, writingTo(db));
    const problems = doubles.ok
      ? []
      : (doubles.error.details as { line: number; message: string }[]);
    expect(problems.map((one) => one.line)).toEqual([3, 4]);
    expect(problems[1]!.message).toContain('already exists');
    expect(await listProducts(db)).toHaveLength(count);
  });

  it('keeps stock as moves that add up and cannot be changed', async () => {
    const at = '2027-01-16T10:00:00Z';
    const move = { productId: 'demo-frost', at };
    const before = (await remainingGrams(db))['demo-frost']!;
    await addStockMove(db, { ...move, id: 'a', kind: 'bought', grams: 60 });
    await addStockMove(db, { ...move, id: 'b', kind: 'used', grams: -11 });
    expect((await remainingGrams(db))['demo-frost']).toBe(before + 49);
    expect((await listStockMoves(db, 'demo-frost')).map((one) => one.id)).toContain('b');
    await expect(db.deleteFrom('stock_move').where('id', '=', 'a').execute()).rejects.toThrow(
      /append-only/,
    );
  });

  it('says what it serves, what to buy and what runs out', async () => {
    const relay = (await findOuting(db, 'demo-relay'))!;
    const view = await loadShelf(db, relay, Date.parse('2027-01-13T12:00:00Z'));
    expect(view.coverage.rows).toHaveLength(4);
    expect(view.weatherHours).toBeGreaterThan(24);
    expect(view.purchase!.afterPercent).toBeLessThan(view.purchase!.beforePercent);
    expect(Object.keys(view.remaining).length).toBe(view.products.length);
  });
});

describe('the team’s own ways', () => {
  it('are kept, and only known ones pass', async () => {
    await saveTeamSettings(db, { methods: { drive: 'rotary' }, ventilated: false });
    expect(await loadTeamSettings(db)).toMatchObject({
      methods: { drive: 'rotary' },
      ventilated: false,
      baseType: 'sintered',
    });
    expect(validate(teamChangeSchema, { methods: { drive: 'magic' } }).ok).toBe(false);
    expect(validate(teamChangeSchema, { methods: { other: 'x' } }).ok).toBe(false);
    expect(validate(teamChangeSchema, { tools: { added: ['cork'] } }).ok).toBe(true);
  });
});
