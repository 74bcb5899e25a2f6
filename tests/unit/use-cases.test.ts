import { describe, expect, it } from 'vitest';
import { listChoices } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { findOuting } from '@/data/outings';
import { listProducts, removeProduct, saveProducts } from '@/data/products';
import { listReadings } from '@/data/readings';
import { addStockMove, remainingGrams } from '@/data/stock';
import { listStations } from '@/data/weather';
import { listVenues, saveVenue } from '@/data/venues';
import { exportChoices } from '@/features/log/use-cases/export-choices';
import { pickWax } from '@/features/pick/use-cases/pick-wax';
import { wallLines, wallText } from '@/features/pick/wall-text';
import { saveChoice } from '@/features/pick/use-cases/save-choice';
import { loadShelf } from '@/features/shelf/use-cases/load-shelf';
import { exportReadings } from '@/features/snow/use-cases/export-readings';
import { importReadings } from '@/features/snow/use-cases/import-readings';
import { saveReading } from '@/features/snow/use-cases/save-reading';
import { outingCalendar } from '@/features/venue/use-cases/outing-calendar';
import { takeWeather } from '@/features/venue/use-cases/take-weather';
import { askService } from '@/features/venue/weather-service';
import { standInTransport } from '@/features/venue/stand-in-service';
import { textOf } from '@/formats/out-file';
import { temporaryDatabase, writingTo } from './temporary-database';

const AT = '2027-01-13T13:00:00.000Z';
const stamp = (id: string) => ({ id, at: AT });
const saving = (db: FrostDatabase, id: string) => ({
  nowMs: Date.parse(AT),
  write: writingTo(db, stamp(id)),
});
const reading = {
  temperatureC: -8.4,
  temperatureSdC: 0.6,
  humidityFraction: 0.7,
  origin: 'machine_made',
  grain: 'MM',
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
  source: 'probe',
  takenAt: '2027-01-13T13:30:00+01:00',
};
const RELAY = { outingId: 'demo-relay' };
const fieldsOf = (answer: { ok: boolean; error?: { details: unknown[] } }) =>
  ((answer.error?.details ?? []) as { field: string }[]).map((one) => one.field);

describe('saving a reading', () => {
  it('keeps it in UTC, and a correction instead of what it corrects', async () => {
    const db = await temporaryDatabase();
    const saved = await saveReading(db, { target: RELAY, input: reading, stamp: stamp('first') });
    expect(saved).toMatchObject({ ok: true, value: { takenAt: '2027-01-13T12:30:00.000Z' } });
    const target = { ...RELAY, correctsId: 'first' };
    const better = { ...reading, temperatureC: -8.9 };
    expect((await saveReading(db, { target, input: better, stamp: stamp('second') })).ok).toBe(
      true,
    );
    const standing = await listReadings(db, 'demo-relay');
    expect(standing.some((one) => one.id === 'first')).toBe(false);
    expect(standing.find((one) => one.id === 'second')?.temperatureC).toBe(-8.9);
    expect(await saveReading(db, { target, input: better, stamp: stamp('third') })).toMatchObject({
      ok: false,
      error: { code: 'not_found' },
    });
  });

  it('refuses every bad field at once, and an outing that is gone', async () => {
    const db = await temporaryDatabase();
    const bad = {
      ...reading,
      temperatureC: 1,
      humidityFraction: NaN,
      note: '<script>',
      takenAt: 'noon',
    };
    const answer = await saveReading(db, { target: RELAY, input: bad, stamp: stamp('bad') });
    expect(fieldsOf(answer).sort()).toEqual([
      'humidityFraction',
      'note',
      'takenAt',
      'temperatureC',
    ]);
    const gone = await saveReading(db, {
      target: { outingId: 'gone' },
      input: reading,
      stamp: stamp('gone'),
    });
    expect(gone).toMatchObject({ ok: false, error: { code: 'not_found' } });
  });
});

describe('files of readings', () => {
  it('go out and come back the same, as one import that can be told apart', async () => {
    const db = await temporaryDatabase();
    const out = await exportReadings(db, 'demo-relay', 'csv');
    if (!out.ok) throw new Error('no file');
    const newId = (() => {
      let n = 0;
      return () => `made-${(n += 1)}`;
    })();
    const report = await importReadings(db, {
      outingId: 'demo-tour',
      text: await textOf(out.value),
      write: writingTo(db, { newId, at: AT }),
    });
    expect(report).toEqual({ ok: true, value: { importId: 'made-1', count: 3 } });
    const taken = (await listReadings(db, 'demo-tour')).filter((one) => one.importId === 'made-1');
    const original = await listReadings(db, 'demo-relay');
    // Every field, but for which one it is, where it stands, and how and when it came.
    const own = ['id', 'outingId', 'importId', 'source', 'createdAt'];
    const figures = (all: typeof original) =>
      all.map((one) => Object.entries(one).filter(([name]) => !own.includes(name)));
    expect(figures(taken)).toEqual(figures(original));
  });
});

describe('saving a choice', () => {
  const facts = {
    discipline: 'skate',
    distanceKm: 9,
    purpose: 'race',
    fluorocarbonsAllowed: false,
  };
  const input = async (db: FrostDatabase, more: object = {}) => ({
    outingId: 'demo-relay',
    readingId: (await listReadings(db, 'demo-relay'))[0]!.id,
    productId: 'demo-frost',
    basis: 'measured',
    facts,
    startAt: '2027-01-13T16:30:00Z',
    handCorrectionC: -0.5,
    note: 'because',
    overrideReason: 'It won here last year.',
    ...more,
  });

  it('computes it anew from the reading, and keeps the outing’s facts as typed', async () => {
    const db = await temporaryDatabase();
    const saved = await saveChoice(db, await input(db), saving(db, 'choice'));
    if (!saved.ok) throw new Error(saved.error.message);
    const { inputs, lines, equivalentTemperatureC } = saved.value;
    expect(inputs.basis).toBe('measured');
    // By hand, and what the demo's test has taught.
    const { learned } = inputs.own;
    expect(learned!.everywhere).toBe(1);
    expect(lines.at(-1)!.key).toBe('own');
    expect(lines.at(-1)!.valueC).toBeCloseTo(learned!.offsetC - 0.5, 9);
    expect(lines.reduce((sum, one) => sum + one.valueC, 0)).toBeCloseTo(equivalentTemperatureC, 9);
    const outing = await findOuting(db, 'demo-relay');
    expect(outing).toMatchObject({ distanceKm: 9, startAt: '2027-01-13T16:30:00.000Z' });
    expect((await listChoices(db, 'demo-relay'))[0]).toMatchObject({
      id: 'choice',
      note: 'because',
      details: {
        override: { insteadOf: 'Black cold', reason: 'It won here last year.' },
        form: { form: 'block' },
      },
    });
  });

  it('computes it from the outlook for the start when that is taken, the same each time', async () => {
    const db = await temporaryDatabase();
    const modelled = await input(db, { basis: 'modelled' });
    const [first, second] = [
      await saveChoice(db, modelled, saving(db, 'one')),
      await saveChoice(db, modelled, saving(db, 'two')),
    ];
    if (!first.ok || !second.ok) throw new Error('not saved');
    const snow = first.value.inputs.snow;
    expect(snow.temperatureC).toBeLessThan(snow.airTemperatureC! - 3);
    expect(second.value.equivalentTemperatureC).toBe(first.value.equivalentTemperatureC);
    const { details, ranking } = first.value;
    expect(details!.outlookVersion).toBe(first.value.modelVersion);
    expect(details!.regret).toHaveLength(5);
    expect(details!.window!.byTime.length).toBeGreaterThanOrEqual(1);
    expect(details!.byAir!.costPercent).toBeGreaterThan(1);
    expect(details!.sentence).toContain('Frost');
    const allowed = ranking.filter((one) => !one.excluded);
    expect(allowed.reduce((sum, one) => sum + one.probabilityBest, 0)).toBeCloseTo(1, 6);
    expect(allowed[0]!.expectedLossSeconds).toBeGreaterThan(0);
  });

  it('refuses what is gone or wrong, and saves nothing of it', async () => {
    const db = await temporaryDatabase();
    const refusals = [
      await saveChoice(db, await input(db, { productId: 'gone' }), saving(db, 'a')),
      await saveChoice(db, await input(db, { readingId: 'gone' }), saving(db, 'b')),
      await saveChoice(db, await input(db, { outingId: 'gone' }), saving(db, 'c')),
      await saveChoice(db, await input(db, { handCorrectionC: 9 }), saving(db, 'd')),
      await saveChoice(db, 'nonsense', saving(db, 'e')),
      await saveChoice(db, await input(db, { overrideReason: ' ' }), saving(db, 'f')),
      await saveChoice(db, await input(db, { productId: 'demo-old-stock-moist' }), saving(db, 'g')),
      await saveChoice(db, await input(db, { productId: 'demo-base-cleaner' }), saving(db, 'h')),
    ];
    for (const refusal of refusals) expect(refusal.ok).toBe(false);
    expect(fieldsOf(refusals[3]!)).toEqual(['handCorrectionC']);
    expect(await listChoices(db, 'demo-relay')).toHaveLength(0);
  });

  it('goes to the team as plain text, line by line', async () => {
    const db = await temporaryDatabase();
    const saved = await saveChoice(
      db,
      await input(db, { baseState: 'burnt' }),
      saving(db, 'choice'),
    );
    if (!saved.ok) throw new Error(saved.error.message);
    expect(saved.value.inputs.baseState).toBe('burnt');
    const outing = (await findOuting(db, 'demo-relay'))!;
    const lines = wallLines(saved.value, (celsius) => `${celsius.toFixed(1)} °C`);
    const text = wallText(outing, 'Wed 17:30', lines).split('\n');
    expect(text[0]).toBe(`${outing.name}, ${outing.venue.name}, start Wed 17:30`);
    expect(text[1]).toBe('Wax: Frost');
    expect(text).toContain('Instead of: Black cold. Reason: It won here last year.');
    expect(text.find((line) => line.startsWith('Snow:'))).toMatch(
      /^Snow: -\d+\.\d °C. Needs a wax at -\d+\.\d °C$/,
    );
    expect(text.find((line) => line.startsWith('Condition the base:'))).toContain('1 ×');
    expect(text.find((line) => line.startsWith('Along the edges:'))).toBeDefined();
    expect(text.at(-1)).toBe('Note: because');
    const old = wallLines({ ...saved.value, details: undefined }, String);
    expect(old.map((line) => line.name)).toEqual(['Wax', 'Snow']);
  });

  it('stands in the file of choices', async () => {
    const db = await temporaryDatabase();
    await saveChoice(db, await input(db), saving(db, 'choice'));
    const file = await exportChoices(db, 'demo-relay', 'csv');
    expect(file.ok && (await textOf(file.value))).toContain('demo-relay,Frost,');
  });
});

describe('the shelf', () => {
  it('says in time what the saved choices of coming outings will use up', async () => {
    const db = await temporaryDatabase();
    const [latest] = await listReadings(db, 'demo-relay');
    const input = {
      outingId: 'demo-relay',
      readingId: latest!.id,
      productId: 'demo-frost',
      basis: 'measured',
      facts: { discipline: 'skate', distanceKm: 9, purpose: 'race' },
      startAt: '2027-01-16T16:30:00Z',
      handCorrectionC: 0,
      overrideReason: 'Low on purpose.',
    };
    const saved = await saveChoice(db, input, saving(db, 'choice'));
    if (!saved.ok) throw new Error(saved.error.message);
    const outing = (await findOuting(db, 'demo-relay'))!;
    const lowOf = async (now: string) =>
      (await loadShelf(db, outing, Date.parse(now))).low.find(
        (one) => one.productId === 'demo-frost',
      );
    const left = (await remainingGrams(db))['demo-frost']!;
    const useAll = { id: 'm1', productId: 'demo-frost', kind: 'used' as const, grams: 5 - left };
    await addStockMove(db, { ...useAll, at: AT });
    const low = await lowOf(AT);
    expect(low).toMatchObject({ name: 'Frost', outingName: outing.name });
    expect(low!.missingG).toBeGreaterThan(20);
    await addStockMove(db, { ...useAll, id: 'm2', kind: 'bought', grams: low!.missingG, at: AT });
    expect(await lowOf(AT)).toBeUndefined();
    await addStockMove(db, { ...useAll, id: 'm3', kind: 'corrected', grams: -1, at: AT });
    expect((await lowOf(AT))!.missingG).toBeCloseTo(1, 6);
    expect(await lowOf('2027-01-20T00:00:00Z')).toBeUndefined();
  });

  it('serves the API until it is empty, and says so then', async () => {
    const db = await temporaryDatabase();
    const body = {
      snow: { ...reading, source: undefined, takenAt: undefined },
      outing: { discipline: 'skate', distanceKm: 8, purpose: 'race' },
    };
    expect((await pickWax(db, body)).ok).toBe(true);
    const all = await listProducts(db);
    for (const product of all) await removeProduct(db, product.id);
    expect(await removeProduct(db, all[0]!.id)).toBeUndefined();
    expect(fieldsOf(await pickWax(db, body))).toEqual(['products']);
    await saveProducts(db, [all[0]!]);
    expect(await listProducts(db)).toEqual([all[0]]);
  });
});

describe('weather for a station', () => {
  const target = { venueId: 'demo-loop', stationId: 'demo-valley' };
  const typed = (sample: object) => ({ kind: 'typed' as const, sample });
  const hour = {
    time: '2027-01-20T12:00:00Z',
    airTemperatureC: -6,
    humidityFraction: 0.7,
    windMPerS: 1,
    cloudFraction: 0.5,
  };

  it('comes in typed, as a file, from reports and from the service', async () => {
    const db = await temporaryDatabase();
    const csv =
      'time;air temperature [°C];humidity [%];wind [m/s];cloud [%]\n2027-01-21 12:00;-5;70;1;20\n2027-01-21 13:00;-4;70;1;20';
    const inputs = [
      typed(hour),
      { kind: 'file' as const, text: csv },
      { kind: 'reports' as const, text: 'METAR LXXX 131150Z 24008KT M03/M06 Q1013' },
      { kind: 'service' as const, mood: 'well' as const },
    ];
    const counts = [];
    for (const input of inputs) {
      const taken = await takeWeather(db, { target, input }, { at: AT, write: writingTo(db) });
      counts.push(taken.ok ? taken.value.hours : taken.error.message);
    }
    expect(counts).toEqual([1, 2, 1, 72]);
    const [valley] = await listStations(db, 'demo-loop', '2027-01-20');
    expect(valley!.weather[0]).toMatchObject({ airTemperatureC: -6, cloudFraction: 0.5 });
  });

  it('makes no station at an altitude that nobody knows', async () => {
    const db = await temporaryDatabase();
    const [venue] = await listVenues(db);
    const { version: _, courseVersion: _course, ...place } = venue!;
    await saveVenue(db, { ...place, altitudeM: undefined });
    await db.deleteFrom('venue_station').where('venue_id', '=', place.id).execute();
    const asked = { target: { venueId: place.id }, input: typed(hour) };
    const taken = await takeWeather(db, asked, { at: AT, write: writingTo(db) });
    expect(taken).toMatchObject({ ok: false, error: { code: 'no_altitude' } });
    expect(await listStations(db, place.id)).toEqual([]);
  });

  it('is refused with the field or the line, and for a station that is gone', async () => {
    const db = await temporaryDatabase();
    const bad = await takeWeather(
      db,
      { target, input: typed({ ...hour, windMPerS: -1, time: 'x' }) },
      {
        at: AT,
        write: writingTo(db),
      },
    );
    expect(fieldsOf(bad).sort()).toEqual(['time', 'windMPerS']);
    const file = await takeWeather(
      db,
      { target, input: { kind: 'file', text: 'time\n1' } },
      { at: AT, write: writingTo(db) },
    );
    expect(file).toMatchObject({ ok: false, error: { code: 'invalid_file' } });
    const gone = await takeWeather(
      db,
      { target: { ...target, stationId: 'gone' }, input: typed(hour) },
      {
        at: AT,
        write: writingTo(db),
      },
    );
    expect(gone).toMatchObject({ ok: false, error: { code: 'not_found' } });
  });
});

describe('a weather service', () => {
  const place = { latitude: 46.6, longitude: 10.2, altitudeM: 700 };
  const now = Date.parse(AT);
  const codeOf = async (answer: Promise<{ ok: boolean; error?: { code: string } }>) =>
    (await answer).error?.code;

  it('is taken at its word only when it answers well and in time', async () => {
    const well = await askService(standInTransport('well', now), place);
    expect(well.ok && well.value.samples).toHaveLength(72);
    expect(await codeOf(askService(standInTransport('down', now), place))).toBe('service_down');
    expect(await codeOf(askService(standInTransport('late', now), place, 50))).toBe('service_late');
    const answering = (body: unknown) => async () => Response.json(body);
    for (const body of [
      null,
      {},
      { issued: 'now', hours: [] },
      { issued: AT, hours: [{ time: AT }] },
    ]) {
      expect(await codeOf(askService(answering(body), place))).toBe('service_unreadable');
    }
    const broken = async () => new Response('<html>', { status: 200 });
    expect(await codeOf(askService(broken, place))).toBe('service_late');
  });
});

it('puts the wax into the calendar entry once it is chosen', async () => {
  const db = await temporaryDatabase();
  const before = await outingCalendar(db, 'demo-relay');
  expect(before.ok && (await textOf(before.value))).toContain('No wax chosen yet.');
  const chosen = await outingCalendar(db, 'demo-slalom');
  expect(chosen.ok && (await textOf(chosen.value))).toContain('Wax: ');
});
