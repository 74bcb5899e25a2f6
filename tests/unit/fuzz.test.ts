import { beforeAll, describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { seedDemo } from '@/data/demo/seed';
import { migrated, temporaryFolder } from './temporary-database';

type Route = (request: Request) => Promise<Response>;
const routes: Record<string, Route> = {};

beforeAll(async () => {
  process.env.FROST_PICK_DATA = temporaryFolder();
  const db = await migrated(process.env.FROST_PICK_DATA);
  await seedDemo(db, new Date('2027-01-13T12:00:00Z'));
  // One that is left to the collector is closed some time later, and takes the log of the others with it.
  await db.destroy();
  routes.pick = (await import('../../app/api/v1/pick/route')).POST;
  routes.outlook = (await import('../../app/api/v1/outlook/route')).POST;
  routes.grip = (await import('../../app/api/v1/grip/route')).POST;
  routes.glide = (await import('../../app/api/v1/glide/route')).POST;
  routes.iron = (await import('../../app/api/v1/iron/route')).POST;
  routes.products = (await import('../../app/api/v1/products/route')).POST;
  routes.plan = (await import('../../app/api/v1/plan/route')).POST;
  routes.ensemble = routes.pick;
  routes.readings = (await import('../../app/api/v1/readings/route')).POST;
});

const call = (name: string, body: string) =>
  routes[name]!(
    new Request('http://localhost/api?outing=demo-relay', {
      method: 'POST',
      headers: { 'content-type': name === 'readings' ? 'text/csv' : 'application/json' },
      body,
    }),
  );

const snow = {
  temperatureC: -8,
  humidityFraction: 0.6,
  origin: 'natural',
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
};
const good: Record<string, object> = {
  ensemble: {
    snow,
    outing: { discipline: 'skate', distanceKm: 10, purpose: 'race' },
    members: [
      { temperatureC: -9, humidityFraction: 0.6, weight: 1 },
      { temperatureC: -6, humidityFraction: 0.7, sharpness: 0.4, liquidWaterPercent: 0 },
    ],
  },
  grip: {
    snow,
    outing: { distanceKm: 10, purpose: 'race' },
    fit: { skiLengthCm: 200, feeler: { backCm: -4, frontCm: 45 } },
    laterTemperatureC: -3,
    trouble: { complaint: 'slipping', tried: [{ complaint: 'slipping', key: 'longer' }] },
  },
  glide: {
    runs: [0, 4, 8, 12, 16].map((minute, k) => ({
      minute,
      ski: 'ABBAA'[k],
      seconds: 31 + 0.1 * k,
    })),
    hill: { dropM: 6, lengthM: 80, fromRest: true },
    snow: { temperatureC: -6, wetness: 'dry' },
  },
  iron: {
    wax: { meltingC: 58, ironC: 120 },
    ski: { lengthM: 1.9, widthM: 0.05, startC: 20 },
    iron: { setC: 120, plateLengthM: 0.1, massKg: 1, powerW: 500 },
    passS: 8,
    passes: 3,
    roomC: 15,
    filmMicrometre: 50,
  },
  plan: {
    start: '2027-01-16T08:00:00Z',
    secondsToSearch: 0,
    technicians: [
      { id: 'ada', from: '2027-01-16T08:00:00Z', to: '2027-01-16T12:00:00Z', skills: ['edges'] },
    ],
    irons: [{ id: 'one' }],
    vices: 1,
    pairs: [
      {
        id: 'a',
        dueAt: '2027-01-16T11:00:00Z',
        steps: [
          { key: 'iron', activeMin: 5, waitMin: 20, needs: ['technician', 'iron'], ironC: 130 },
        ],
      },
    ],
  },
  pick: { snow, outing: { discipline: 'skate', distanceKm: 10, purpose: 'race' } },
  outlook: {
    site: { latitude: 46, longitude: 10, altitudeM: 700 },
    surface: { kind: 'groomed' },
    weather: [0, 1].map((h) => ({
      time: new Date(Date.UTC(2027, 0, 16, h)).toISOString(),
      airTemperatureC: -4,
      humidityFraction: 0.7,
      windMPerS: 1,
      cloudFraction: 0,
    })),
    members: 10,
  },
};

/** The same object with one value, anywhere in it, replaced. */
function replacedOnce(value: unknown, at: { left: number }, by: unknown): unknown {
  if (at.left-- === 0) return by;
  if (Array.isArray(value)) return value.map((one) => replacedOnce(one, at, by));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, one]) => [key, replacedOnce(one, at, by)]),
  );
}

const strange = fc.oneof(
  fc.jsonValue({ maxDepth: 2 }),
  fc.constantFrom(1e308, -1e308, 1e-320, '', 'NaN', '__proto__', '\u0000', '9999-99-99T99:99:99Z'),
);

describe.each(['pick', 'ensemble', 'outlook', 'grip', 'glide', 'iron', 'plan'])(
  'POST /api/v1/%s',
  (name) => {
    it('answers 200 or 422 with a sentence to a body with anything anywhere', async () => {
      await fc.assert(
        fc.asyncProperty(fc.integer({ min: 0, max: 24 }), strange, async (left, by) => {
          const response = await call(
            name,
            JSON.stringify(replacedOnce(good[name], { left }, by)) ?? '',
          );
          expect([200, 400, 422]).toContain(response.status);
          const body = (await response.json()) as { message?: string };
          if (response.status !== 200) expect(body.message!.length).toBeGreaterThan(5);
        }),
        { numRuns: 250, seed: 3 },
      );
    }, 60_000);

    it('never fails on text that is no JSON', async () => {
      await fc.assert(
        fc.asyncProperty(fc.string({ maxLength: 200 }), async (text) => {
          expect([400, 422]).toContain((await call(name, text)).status);
        }),
        { numRuns: 60, seed: 4 },
      );
    });
  },
);

it('takes no file of readings that is not one, and never fails on it', async () => {
  const cell = fc.constantFrom(
    'time',
    'snow temperature [°C]',
    '-3',
    '2027-01-16 15:00',
    '"',
    ';',
    '\n',
    '\uFEFF',
    '=1+1',
    '70',
  );
  await fc.assert(
    fc.asyncProperty(fc.array(cell, { maxLength: 30 }), async (cells) => {
      expect((await call('readings', cells.join(';'))).status).toBe(422);
    }),
    { numRuns: 150, seed: 5 },
  );
});
