import { readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { sql } from 'kysely';
import { localFromInstant } from '@/core/time';
import { restoreRow, withdrawRows } from '@/data/append-only';
import { listChoices } from '@/data/choices';
import { FolderRefusal, openDatabase } from '@/data/database';
import { copyDatabase } from '@/data/storage/copies';
import { migrateStorage } from '@/data/storage/migrate';
import { loadCourse } from '@/data/course';
import { seedDemo } from '@/data/demo/seed';
import { lanternDay } from '@/data/demo/weekend';
import { listOutings, nextOuting } from '@/data/outings';
import { listProducts } from '@/data/products';
import { addReadings, listReadings } from '@/data/readings';
import { listStations, removeWeather, saveWeather } from '@/data/weather';
import { placeStarts, planCourse } from '@/core/choice';
import { fewMembers } from './few-members';
import { migrated, temporaryDatabase, temporaryFolder } from './temporary-database';

let made = 0;
const stamp = { newId: () => `made-${(made += 1)}`, at: '2027-01-13T13:00:00.000Z' };

describe('the database', () => {
  it('syncs every commit, keeps foreign keys, and writes ahead', async () => {
    const db = await temporaryDatabase(false);
    const pragma = async (name: string) =>
      Object.values((await sql.raw(`pragma ${name}`).execute(db)).rows[0] as object)[0];
    expect(await pragma('journal_mode')).toBe('wal');
    expect(await pragma('synchronous')).toBe(2);
    expect(await pragma('foreign_keys')).toBe(1);
  });

  it('is read by its owner alone, with its log and its copies', async () => {
    const folder = temporaryFolder();
    const db = await migrated(folder);
    await seedDemo(db, new Date(stamp.at));
    await copyDatabase(folder, { at: new Date(stamp.at), kind: 'hand' });
    const files = readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .map((name) => path.join(folder, name))
      .filter((file) => statSync(file).isFile());
    expect(files.length).toBeGreaterThan(2);
    const open = files.filter((file) => (statSync(file).mode & 0o077) !== 0);
    await db.destroy();
    expect(open).toEqual([]);
  });

  it('refuses a database that a newer version has written', async () => {
    const folder = temporaryFolder();
    const db = await migrated(folder);
    await sql`insert into kysely_migration values ('9999-from-the-future', '2030')`.execute(db);
    await db.destroy();
    const again = migrateStorage(openDatabase(folder), folder, new Date());
    await expect(again).rejects.toMatchObject({ code: 'newer' });
  });

  it('refuses a folder that is a file, with a sentence', async () => {
    expect(() => openDatabase('/dev/null/data')).toThrow(FolderRefusal);
  });

  it('refuses to change or delete a reading or a choice', async () => {
    const db = await temporaryDatabase();
    for (const table of ['reading', 'choice']) {
      await expect(sql.raw(`update ${table} set note = 'x'`).execute(db)).rejects.toThrow(
        /append-only/,
      );
      await expect(sql.raw(`delete from ${table}`).execute(db)).rejects.toThrow(/append-only/);
    }
  });
});

describe('readings and choices that stand', () => {
  it('show a correction instead of what it corrects', async () => {
    const db = await temporaryDatabase();
    const [latest] = await listReadings(db, 'demo-relay');
    const correction = { ...latest!, id: 'better', correctsId: latest!.id, temperatureC: -9.1 };
    await addReadings(db, [correction]);
    const standing = await listReadings(db, 'demo-relay');
    expect(standing).toHaveLength(3);
    expect(standing.find((one) => one.id === 'better')?.temperatureC).toBe(-9.1);
    expect(standing.some((one) => one.id === latest!.id)).toBe(false);
  });

  it('leave out what was withdrawn, and take it back', async () => {
    const db = await temporaryDatabase();
    const [latest] = await listReadings(db, 'demo-relay');
    expect(
      await withdrawRows(db, { table: 'reading', column: 'id', value: latest!.id, stamp }),
    ).toBe(1);
    expect(
      await withdrawRows(db, { table: 'reading', column: 'id', value: latest!.id, stamp }),
    ).toBe(0);
    expect(await listReadings(db, 'demo-relay')).toHaveLength(2);
    const restoredId = await restoreRow(db, { table: 'reading', id: latest!.id, stamp });
    expect(restoredId).toBe(`made-${made}`);
    expect(await restoreRow(db, { table: 'reading', id: latest!.id, stamp })).toBeUndefined();
    const [back] = await listReadings(db, 'demo-relay');
    expect(back).toMatchObject({ temperatureC: latest!.temperatureC, spot: latest!.spot });
    expect(await restoreRow(db, { table: 'reading', id: 'nobody', stamp })).toBeUndefined();
  });

  it('work for choices too', async () => {
    const db = await temporaryDatabase();
    const [choice] = await listChoices(db);
    expect(choice!.lines.length).toBeGreaterThanOrEqual(7);
    await withdrawRows(db, { table: 'choice', column: 'id', value: choice!.id, stamp });
    expect(await listChoices(db)).toHaveLength(0);
    await restoreRow(db, { table: 'choice', id: choice!.id, stamp });
    expect(await listChoices(db)).toHaveLength(1);
  });

  it('take in all rows or none', async () => {
    const db = await temporaryDatabase();
    const [latest] = await listReadings(db, 'demo-relay');
    const twice = ['a', 'b', 'a'].map((id) => ({ ...latest!, id }));
    await expect(addReadings(db, twice)).rejects.toThrow();
    expect(await listReadings(db, 'demo-relay')).toHaveLength(3);
  });
});

describe('the demo', () => {
  it.each([
    ...Array.from({ length: 12 }, (_, i) => `2026-11-23T${String(2 * i).padStart(2, '0')}:20:00Z`),
    '2027-02-28T23:50:00Z',
    '2027-07-09T15:00:00Z',
    '2026-12-31T22:59:00Z',
  ])('starts at any hour of any day: %s', async (moment) => {
    const db = await temporaryDatabase(false);
    await seedDemo(db, new Date(moment));
    for (const outing of await listOutings(db)) {
      const readings = await listReadings(db, outing.id);
      expect(readings.length).toBeGreaterThan(0);
      for (const reading of readings) {
        expect(reading.temperatureC).toBeLessThanOrEqual(0);
        expect(reading.temperatureC).toBeGreaterThan(-30);
        expect(Date.parse(reading.takenAt)).toBeLessThanOrEqual(Date.parse(outing.startAt));
      }
    }
    await db.destroy();
  });

  it('seeds once: three outings, a shelf of about twenty, readings and a choice', async () => {
    const db = await temporaryDatabase();
    expect((await listOutings(db)).map((one) => one.startAt)).toEqual([
      '2027-01-12T17:30:00.000Z',
      '2027-01-13T16:00:00.000Z',
      '2027-01-14T08:00:00.000Z',
    ]);
    expect((await listProducts(db)).length).toBeGreaterThanOrEqual(20);
  });

  it('has its relay today in winter, tomorrow when it is late, and in January from other seasons', () => {
    const day = (moment: string) =>
      localFromInstant(lanternDay(new Date(moment)).toISOString(), 'CET');
    expect(day('2026-11-23T08:00:00Z')).toBe('2026-11-23T00:00');
    expect(day('2026-11-23T15:00:00Z')).toBe('2026-11-24T00:00');
    expect(day('2026-07-01T08:00:00Z')).toBe('2027-01-16T00:00');
  });

  it('opens on the next outing, or one just under way, else the last', async () => {
    const outings = await listOutings(await temporaryDatabase());
    const at = (iso: string) => nextOuting(outings, Date.parse(iso))?.id;
    expect(at('2027-01-10T00:00:00Z')).toBe('demo-slalom');
    expect(at('2027-01-13T18:00:00Z')).toBe('demo-relay');
    expect(at('2027-02-01T00:00:00Z')).toBe('demo-tour');
    expect(nextOuting([], 0)).toBeUndefined();
  });
});

describe('weather', () => {
  const hour = (airTemperatureC: number) => ({
    timeMs: Date.parse('2027-01-13T12:00:00Z'),
    airTemperatureC,
    humidityFraction: 0.7,
    windMPerS: 1,
    cloudFraction: 0,
  });

  it('uses the newest of an hour, whatever came last, and the older again when that is forgotten', async () => {
    const db = await temporaryDatabase();
    const airNow = async () =>
      (await listStations(db, 'demo-loop'))[0]!.weather.find(
        (one) => one.timeMs === hour(0).timeMs,
      )!.airTemperatureC;
    const first = await airNow();
    await saveWeather(db, {
      stationId: 'demo-valley',
      samples: [hour(-21)],
      source: 'newer',
      at: '2027-01-13T13:00:00.000Z',
    });
    await saveWeather(db, {
      stationId: 'demo-valley',
      samples: [hour(-40)],
      source: 'stale',
      at: '2027-01-12T13:00:00.000Z',
    });
    expect(await airNow()).toBe(-21);
    expect(await removeWeather(db, 'demo-valley', '2027-01-13T13:00:00.000Z')).toBe(1);
    expect(await airNow()).toBe(first);
  });

  it('has a course with weather and readings for each outing of the demo', async () => {
    const db = await temporaryDatabase();
    for (const outing of await listOutings(db)) {
      const course = await loadCourse(db, outing);
      expect(course.places.length).toBeGreaterThanOrEqual(3);
      expect(course.readings.length).toBeGreaterThanOrEqual(1);
      const plan = planCourse(course, outing);
      if (!plan.ok) throw new Error(plan.reason.code);
      const [first] = placeStarts(plan, plan.inputs.map(fewMembers));
      const { start } = first!;
      expect(start!.airTemperatureC - start!.snow.contactC.p50).toBeGreaterThan(1);
    }
  });
});
