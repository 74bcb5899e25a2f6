import { readdirSync } from 'node:fs';
import path from 'node:path';
import { beforeAll, describe, expect, it } from 'vitest';
import { MODEL_VERSION } from '@/core/model-version';
import { seedDemo } from '@/data/demo/seed';
import { pickResponseSchema } from '@/formats/schemas/pick';
import { migrated, temporaryFolder } from './temporary-database';

type Route = (request: Request) => Promise<Response>;
let pick: Route;
let readReadings: Route;
let writeReadings: Route;
let readChoices: Route;
let openApi: () => Response;

beforeAll(async () => {
  const folder = temporaryFolder();
  process.env.FROST_PICK_DATA = folder;
  const db = await migrated(folder);
  await seedDemo(db, new Date('2027-01-13T12:00:00Z'));
  // One that is left to the collector is closed some time later, and takes the log of the others with it.
  await db.destroy();
  ({ POST: pick } = await import('../../app/api/v1/pick/route'));
  ({ GET: readReadings, POST: writeReadings } = await import('../../app/api/v1/readings/route'));
  ({ GET: readChoices } = await import('../../app/api/v1/choices/route'));
  ({ GET: openApi } = await import('../../app/api/v1/openapi.json/route'));
});

/** Every API route there is, as OpenAPI writes it. */
const routesOnDisk = () =>
  readdirSync('app/api', { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('route.ts') && !file.includes('openapi'))
    .map((file) => `/api/${path.dirname(file).replace(/\[(\w+)\]/g, '{$1}')}`);

const snow = {
  temperatureC: -12,
  humidityFraction: 0.4,
  origin: 'natural',
  sharpness: 0.95,
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
};
const outing = { discipline: 'skate', distanceKm: 10, purpose: 'race' };
const wax = (more: object = {}) => ({
  id: 'w',
  name: 'Wax',
  labelLowC: -18,
  labelHighC: -12,
  additives: [],
  form: 'block',
  ...more,
});
const post = (route: Route, body: unknown, query = '') =>
  route(
    new Request(`http://localhost/api${query}`, {
      method: 'POST',
      headers: { 'content-type': route === writeReadings ? 'text/csv' : 'application/json' },
      body: typeof body === 'string' ? body : JSON.stringify(body),
    }),
  );
const problemsOf = async (body: unknown) => {
  const response = await post(pick, body);
  expect(response.status).toBe(422);
  const error = (await response.json()) as {
    code: string;
    details: { field: string; message: string }[];
  };
  expect(error.code).toBe('invalid_input');
  return Object.fromEntries(error.details.map((one) => [one.field, one.message]));
};

describe('POST /api/v1/pick', () => {
  it('answers in the shape its schema promises, and nothing more', async () => {
    const response = await post(pick, { snow, outing, products: [wax()] });
    expect(response.status).toBe(200);
    const body: unknown = await response.json();
    const answer = pickResponseSchema.validateSync(body, { strict: true });
    expect(answer.equivalentTemperatureC).toBeCloseTo(-15.8286, 3);
    expect(answer.hardness).toBeCloseTo(64.32, 6);
    expect(answer.additives).toEqual(['dry_lubricant']);
    expect(answer.structure).toMatchObject({
      widthMm: 0.25,
      kind: 'fine',
      code: 'structure_cold',
    });
  });

  it('takes the stored shelf when products are absent', async () => {
    const answer = (await (await post(pick, { snow, outing })).json()) as { ranking: unknown[] };
    expect(answer.ranking.length).toBeGreaterThanOrEqual(20);
  });

  it('reads grain codes in any case, and dirt as yes or no', async () => {
    const rest = { ...snow, sharpness: undefined };
    const answers = await Promise.all(
      [
        { ...rest, grain: 'pp', dirt: false },
        { ...rest, grain: 'PP', dirt: 'clean' },
      ].map(async (one) => (await post(pick, { snow: one, outing })).json()),
    );
    expect(answers[0]).toEqual(answers[1]);
  });

  it('lists every problem at its field with a sentence', async () => {
    const problems = await problemsOf({
      snow: {
        ...snow,
        temperatureC: 2,
        temperatureSdC: 40,
        humidityFraction: 1.2,
        grain: 'MF',
        wetness: 'damp',
        glazed: 'no',
      },
      outing: { discipline: 'curling', distanceKm: 1e6 },
      products: [wax({ labelLowC: -4, labelHighC: -10, name: '<b>Wax</b>' }), wax()],
    });
    expect(problems['snow.temperatureC']).toContain('never warmer than 0 °C');
    expect(problems['snow.temperatureSdC']).toContain('Spread');
    expect(problems['snow.humidityFraction']).toContain('Humidity');
    expect(problems['snow.sharpness']).toContain('contradicts grain MF');
    expect(problems['snow.wetness']).toContain('dry, moist');
    expect(problems['snow.glazed']).toBeDefined();
    expect(problems['outing.discipline']).toContain('skate');
    expect(problems['outing.distanceKm']).toContain('Distance');
    expect(problems['outing.purpose']).toContain('missing');
    expect(problems['products[0].labelHighC']).toContain('swapped');
    expect(problems['products[0].name']).toContain('<');
    expect(problems['products[1].id']).toContain('Two products');
  });

  it('refuses a spread of zero, an empty shelf, and bodies that are no object', async () => {
    expect(await problemsOf({ snow: { ...snow, temperatureSdC: 0 }, outing })).toHaveProperty([
      'snow.temperatureSdC',
    ]);
    expect((await problemsOf({ snow, outing, products: [] })).products).toContain('empty');
    for (const body of [null, [], 3, 'text', { snow: null }, { snow: [], outing: 7 }, {}]) {
      expect((await post(pick, JSON.stringify(body))).status).toBe(422);
    }
  });

  it('answers 400 for what is not JSON and 413 for more than 1 MB', async () => {
    expect((await post(pick, '{"snow":')).status).toBe(400);
    const huge = await post(pick, { snow, outing, padding: 'x'.repeat(1_100_000) });
    expect(huge.status).toBe(413);
    expect(await huge.json()).toMatchObject({ code: 'too_large' });
  });
});

describe('the OpenAPI document', () => {
  it('is 3.1, names every route, and describes the request by the schema that checks it', async () => {
    const document = (await openApi().json()) as {
      openapi: string;
      paths: Record<string, Record<string, { requestBody?: { content: object } }>>;
    };
    expect(document.openapi).toBe('3.1.0');
    expect(Object.keys(document.paths)).toEqual(expect.arrayContaining(routesOnDisk()));
    const text = JSON.stringify(document.paths['/api/v1/pick']!.post!.requestBody);
    expect(text).toContain('"temperatureC":{"type":"number","minimum":-60,"maximum":0');
    expect(text).toContain('"enum":["dry","moist","wet","very_wet","soaked"]');
    expect(text).toContain(
      '"required":["temperatureC","humidityFraction","origin","wetness","dirt","glazed"]',
    );
    expect(text).toContain('"required":["outing"]');
  });
});

describe('files over HTTP', () => {
  const get = (route: Route, query: string) => route(new Request(`http://localhost/api?${query}`));

  it('gives readings and choices as CSV and JSON, and says which formats there are', async () => {
    const csv = await get(readReadings, 'outing=demo-relay&format=csv');
    expect(csv.headers.get('content-disposition')).toContain('readings.csv');
    expect((await csv.text()).split('\r\n')[0]).toContain('snow temperature [°C]');
    expect(await (await get(readReadings, 'format=json')).json()).toHaveLength(5);
    const choices = (await (await get(readChoices, 'format=json')).json()) as object[];
    expect(choices[0]).toMatchObject({ modelVersion: MODEL_VERSION });
    expect(await (await get(readChoices, '')).text()).toContain('expected loss [%]');
    expect((await get(readChoices, 'format=xml')).status).toBe(422);
  });

  it('takes a file in whole or not at all, and refuses 10 MB', async () => {
    const to = '?outing=demo-tour';
    const good = 'time,snow temperature [°C],humidity [%]\n2027-01-17T06:00,-9,70\n';
    const done = await post(writeReadings, good, to);
    expect(await done.json()).toMatchObject({ count: 1 });
    const bad = await post(writeReadings, `${good}2027-01-17T07:00,3,70\n`, to);
    expect(bad.status).toBe(422);
    expect(await bad.json()).toMatchObject({
      code: 'invalid_file',
      details: [{ line: 3, field: 'snow temperature' }],
    });
    expect(await (await get(readReadings, 'outing=demo-tour&format=json')).json()).toHaveLength(2);
    expect((await post(writeReadings, 'x'.repeat(10_000_000), to)).status).toBe(413);
    expect((await post(writeReadings, good, '?outing=none')).status).toBe(404);
  });
});
