import { beforeEach, describe, expect, it } from 'vitest';
import type { StepRecord, RenderedSheet } from '@/core/bench';
import type { Job, KeptEvent, KeptFinding } from '@/core/model';
import { KeyReused } from '@/core/faults';
import type { WeatherSample } from '@/core/snow/outlook';
import { SKATE_PAIR } from '../../tests/unit/fixtures';
import { temporaryDatabase } from '../../tests/unit/temporary-database';
import { bySki } from './by-ski';
import type { FrostDatabase } from './database';
import { insertMany } from './insert-many';
import {
  addJob,
  findJob,
  listDoneJobs,
  listOpenJobs,
  markJob,
  removeStepRecords,
  saveStepRecord,
  workedSteps,
} from './jobs';
import { eachInTurns } from './next-turn';
import { findOuting, listOutings } from './outings';
import { inPages } from './pages';
import { listSegments, saveSegments } from './segments';
import {
  addFinding,
  addSkiEvent,
  clearFindings,
  eventsOnRack,
  listFindings,
  listSkiEvents,
  removeSkiEvent,
  restoreFinding,
  undoJobEvents,
} from './ski-events';
import {
  addSkiPhoto,
  findSki,
  findSkiPhoto,
  listSkiPhotos,
  listSkis,
  removeSki,
  restoreSki,
  saveSkis,
} from './skis';
import { addStockMove, listStockMoves, remainingGrams } from './stock';
import { loadTeamSettings, saveTeamSettings, TEAM_DEFAULTS } from './team-settings';
import { listTimers } from './timers';
import {
  listStations,
  removeWeather,
  saveStation,
  saveWeather,
  summariseStations,
} from './weather';
import { forgetOldKeys, writeOnce } from './write-once';

const AT = '2027-01-13T12:00:00.000Z';
const NOON = Date.parse(AT);
const MINUTE = 60_000;
let db: FrostDatabase;
beforeEach(async () => {
  db = await temporaryDatabase(false);
});

describe('skis', () => {
  it('come back with every field, and one more version each time they are saved', async () => {
    const ski = { ...SKATE_PAIR, id: 's', note: 'Long arch', grindMm: 0.75, sideBevelDeg: 3 };
    await saveSkis(db, [ski]);
    expect(await findSki(db, 's')).toEqual({ ...ski, version: 1, isRemoved: false });
    await saveSkis(db, [{ ...ski, note: undefined }]);
    const again = (await findSki(db, 's'))!;
    expect(again.version).toBe(2);
    expect(again.note).toBeUndefined();
  });

  it('that are off the rack stay off when they are saved, and come back once', async () => {
    await saveSkis(db, [{ ...SKATE_PAIR, id: 's' }]);
    expect(await removeSki(db, 's', AT)).toBe(true);
    expect(await removeSki(db, 's', AT)).toBe(false);
    await saveSkis(db, [{ ...SKATE_PAIR, id: 's', owner: 'Other' }]);
    expect(await listSkis(db)).toEqual([]);
    expect((await findSki(db, 's'))!.owner).toBe('Other');
    expect(await restoreSki(db, 's')).toBe(true);
    expect(await restoreSki(db, 's')).toBe(false);
    expect(await listSkis(db)).toHaveLength(1);
  });

  it('are listed by name', async () => {
    const named = (name: string) => ({ ...SKATE_PAIR, id: name, name });
    await saveSkis(db, ['Red', 'Blue', 'Green'].map(named));
    expect((await listSkis(db)).map(({ name }) => name)).toEqual(['Blue', 'Green', 'Red']);
  });

  it('keep their photos in the order in which they came', async () => {
    await saveSkis(db, [{ ...SKATE_PAIR, id: 's' }]);
    const photo = (id: string, minute: number) => ({
      id,
      skiId: 's',
      jpeg: Buffer.from(id),
      at: new Date(NOON + minute * MINUTE).toISOString(),
    });
    await addSkiPhoto(db, photo('later', 5));
    await addSkiPhoto(db, photo('first', 0));
    expect(await listSkiPhotos(db, 's')).toEqual(['first', 'later']);
    expect((await findSkiPhoto(db, 'first'))!.toString()).toBe('first');
    expect(await findSkiPhoto(db, 'none')).toBeUndefined();
  });
});

describe('the life of a ski', () => {
  const event = (id: string, minute: number, more: Partial<KeptEvent> = {}) =>
    ({ id, skiId: 's', kind: 'skied', km: 12, atMs: NOON + minute * MINUTE, ...more }) as KeptEvent;
  const mark = (id: string, positionCm: number, kind: KeptFinding['kind'] = 'dry') =>
    ({ id, skiId: 's', kind, positionCm, side: 'left', foundAt: AT }) as KeptFinding;
  const job = (id: string): Job => ({
    id,
    outingId: 'demo-relay',
    skiId: 's',
    choiceId: undefined,
    sheet: { title: 's', steps: [] } as unknown as RenderedSheet,
    startedAt: AT,
    records: [],
  });
  beforeEach(async () => {
    db = await temporaryDatabase();
    await saveSkis(db, [{ ...SKATE_PAIR, id: 's', name: 'One more' }]);
  });

  it('is told from its beginning, with what each event says', async () => {
    await addSkiEvent(db, event('b', 10));
    await addSkiEvent(db, event('a', 0, { kind: 'repaired', km: undefined }));
    const events = await listSkiEvents(db, 's');
    expect(events.map(({ id }) => id)).toEqual(['a', 'b']);
    expect(events[1]).toMatchObject({ kind: 'skied', km: 12, atMs: NOON + 10 * MINUTE });
    expect((await eventsOnRack(db)).get('s')).toHaveLength(2);
  });

  it('gives back the event that is removed, once', async () => {
    await addSkiEvent(db, event('a', 0));
    expect(await removeSkiEvent(db, 'a')).toMatchObject({ id: 'a', kind: 'skied' });
    expect(await removeSkiEvent(db, 'a')).toBeUndefined();
  });

  it('loses by the undo of a job what that job wrote, and nothing else', async () => {
    await addJob(db, job('j'));
    await addFinding(db, mark('m1', 40));
    await addFinding(db, mark('m2', 80));
    await addSkiEvent(db, event('own', 0));
    await addSkiEvent(db, event('jobs', 1, { jobId: 'j' }));
    await clearFindings(db, { id: 'm1' }, AT);
    await clearFindings(db, { skiId: 's', kinds: ['dry'], jobId: 'j' }, AT);
    expect(await listFindings(db, 's')).toEqual([]);
    await undoJobEvents(db, 'j');
    expect((await listSkiEvents(db, 's')).map(({ id }) => id)).toEqual(['own']);
    expect((await listFindings(db, 's')).map(({ id }) => id)).toEqual(['m2']);
    await restoreFinding(db, 'm1');
    expect((await listFindings(db, 's')).map(({ id }) => id)).toEqual(['m1', 'm2']);
  });

  it('clears nothing for a job that mended nothing', async () => {
    await addJob(db, job('j'));
    await addFinding(db, mark('m', 40));
    await clearFindings(db, { skiId: 's', kinds: [], jobId: 'j' }, AT);
    expect(await listFindings(db, 's')).toHaveLength(1);
  });

  it('is grouped by ski in one walk', () => {
    const rows = [mark('a', 1), { ...mark('b', 2), skiId: 't' }, mark('c', 3)];
    const groups = bySki(rows);
    expect(groups.get('s')!.map(({ id }) => id)).toEqual(['a', 'c']);
    expect(groups.get('t')).toHaveLength(1);
    expect(groups.get('none')).toBeUndefined();
  });
});

describe('jobs', () => {
  const step = (key: string, kind: string) => ({ key, kind, title: `Step ${key}`, figures: {} });
  const job = (id: string, minute = 0): Job => ({
    id,
    outingId: 'demo-relay',
    skiId: 'demo-ski-ilo-skate',
    choiceId: undefined,
    sheet: {
      title: `Job ${id}`,
      steps: [step('a', 'iron'), step('b', 'cool'), step('c', 'brush')],
    } as unknown as RenderedSheet,
    startedAt: new Date(NOON + minute * MINUTE).toISOString(),
    records: [],
  });
  const record = (position: number, more: Partial<StepRecord> = {}): StepRecord => ({
    position,
    startedMs: NOON,
    ...more,
  });
  const save = (jobId: string, kind: 'iron' | 'cool' | 'brush', one: StepRecord) =>
    saveStepRecord(db, { jobId, kind, record: one });
  beforeEach(async () => {
    db = await temporaryDatabase();
  });

  it('keep their sheet and the records of their steps, the latest of each', async () => {
    await addJob(db, job('one'));
    await save('one', 'iron', record(0));
    await save('one', 'iron', record(0, { endedMs: NOON + MINUTE, outcome: 'done', grams: 6.5 }));
    const { records, sheet } = (await findJob(db, 'one'))!;
    expect(sheet.title).toBe('Job one');
    expect(records).toEqual([
      expect.objectContaining({ position: 0, outcome: 'done', grams: 6.5, endedMs: NOON + MINUTE }),
    ]);
    await removeStepRecords(db, 'one', 0);
    expect((await findJob(db, 'one'))!.records).toEqual([]);
  });

  it('are open until they are done or stopped, in the order in which they began', async () => {
    await addJob(db, job('later', 5));
    await addJob(db, job('first', 0));
    expect((await listOpenJobs(db)).map(({ id }) => id)).toEqual(['first', 'later']);
    await markJob(db, 'first', { endedAt: AT });
    await markJob(db, 'later', { droppedAt: AT });
    expect(await listOpenJobs(db)).toEqual([]);
    await markJob(db, 'later', {});
    expect((await listOpenJobs(db)).map(({ id }) => id)).toEqual(['later']);
  });

  it('that are done are summed: grams of what was done, early ends, skips with their reason', async () => {
    await addJob(db, job('one'));
    const ended = { endedMs: NOON + 4 * MINUTE };
    await save('one', 'iron', record(0, { ...ended, outcome: 'done', grams: 6 }));
    await save('one', 'cool', record(1, { ...ended, outcome: 'ended_early', dueMs: NOON + 1e7 }));
    await save('one', 'brush', record(2, { ...ended, outcome: 'skipped', skipReason: 'brushed' }));
    await markJob(db, 'one', { endedAt: AT });
    const [done] = await listDoneJobs(db, 'demo-relay', 10);
    expect(done).toMatchObject({
      title: 'Job one',
      steps: 3,
      grams: 6,
      waitsEndedEarly: 1,
      skipped: [{ title: 'Step c', reason: 'brushed' }],
    });
    expect(await listDoneJobs(db, 'demo-slalom', 10)).toEqual([]);
  });

  it('count as worked what was done by hand, and no wait', async () => {
    await addJob(db, job('one'));
    const ended = { endedMs: NOON + 4 * MINUTE, outcome: 'done' as const };
    await save('one', 'iron', record(0, ended));
    await save('one', 'cool', record(1, { ...ended, dueMs: NOON + MINUTE }));
    await save('one', 'brush', record(2, { ...ended, outcome: 'skipped' }));
    expect(await workedSteps(db)).toEqual([{ kind: 'iron', activeMin: 4 }]);
  });

  it('that wait are timers, the one that needs hands first before the others', async () => {
    const wait = (due: number) => ({ dueMs: NOON + due * MINUTE, leastMs: NOON });
    for (const [id, due] of [
      ['late', 30],
      ['soon', 5],
    ] as const) {
      await addJob(db, { ...job(id), skiId: id === 'late' ? 'gone' : 'demo-ski-ilo-skate' }).catch(
        () => addJob(db, job(id)),
      );
      await save(id, 'cool', record(0, wait(due)));
    }
    const timers = await listTimers(db);
    expect(timers.map(({ jobId }) => jobId)).toEqual(['soon', 'late']);
    expect(timers[0]).toMatchObject({ title: 'Step a', dueMs: NOON + 5 * MINUTE });
  });
});

describe('stock', () => {
  const move = (id: string, grams: number, minute: number, productId = 'demo-frost') =>
    addStockMove(db, {
      id,
      productId,
      kind: grams > 0 ? 'bought' : 'used',
      grams,
      at: new Date(NOON + minute * MINUTE).toISOString(),
    });

  it('is the sum of its moves; what was never weighed in is absent', async () => {
    db = await temporaryDatabase();
    const before = (await remainingGrams(db))['demo-frost'] ?? 0;
    await move('a', 60, 0);
    await move('b', -12.5, 1);
    expect((await remainingGrams(db))['demo-frost']).toBeCloseTo(before + 47.5, 9);
    expect((await remainingGrams(db)).never).toBeUndefined();
    const moves = await listStockMoves(db, 'demo-frost', 2);
    expect(moves.map(({ id }) => id)).toEqual(['b', 'a']);
  });
});

describe('the team’s settings', () => {
  it('are the house’s until they are set, each on its own', async () => {
    expect(await loadTeamSettings(db)).toEqual(TEAM_DEFAULTS);
    await saveTeamSettings(db, { ventilated: false });
    await saveTeamSettings(db, { tools: ['riller'] });
    await saveTeamSettings(db, {});
    expect(await loadTeamSettings(db)).toEqual({
      ...TEAM_DEFAULTS,
      ventilated: false,
      tools: ['riller'],
    });
  });
});

describe('the course of an outing', () => {
  it('is kept in its order and replaced whole', async () => {
    db = await temporaryDatabase();
    const [outing] = await listOutings(db);
    const venueId = outing!.venue.id;
    const before = await listSegments(db, venueId);
    expect(before.length).toBeGreaterThan(1);
    await saveSegments(db, venueId, [...before].reverse());
    expect((await listSegments(db, venueId)).map(({ name }) => name)).toEqual(
      before.map(({ name }) => name).reverse(),
    );
    await saveSegments(db, venueId, before.slice(0, 1));
    expect(await listSegments(db, venueId)).toHaveLength(1);
    expect((await findOuting(db, outing!.id))!.name).toBe(outing!.name);
  });
});

describe('weather', () => {
  const hour = (at: number, airTemperatureC: number): WeatherSample => ({
    timeMs: NOON + at * 60 * MINUTE,
    airTemperatureC,
    humidityFraction: 0.8,
    windMPerS: 1,
    cloudFraction: 0.5,
  });
  const take = (samples: WeatherSample[], at: string) =>
    saveWeather(db, { stationId: 'mast', samples, source: 'file', at });
  const later = '2027-01-13T18:00:00.000Z';
  let venueId: string;
  beforeEach(async () => {
    db = await temporaryDatabase();
    venueId = (await listOutings(db))[0]!.venue.id;
    await saveStation(db, { id: 'mast', name: 'Mast', altitudeM: 980 }, [venueId]);
  });
  const mast = async (from?: string) =>
    (await listStations(db, venueId, from)).find(({ id }) => id === 'mast')!;

  it('of an hour that came twice is the newest; forgetting it brings the older back', async () => {
    await take([hour(0, -5), hour(1, -6)], AT);
    await take([hour(1, -9)], later);
    expect((await mast()).weather.map((one) => one.airTemperatureC)).toEqual([-5, -9]);
    expect((await mast()).takenInAt).toBe(later);
    await removeWeather(db, 'mast', later);
    expect((await mast()).weather.map((one) => one.airTemperatureC)).toEqual([-5, -6]);
  });

  it('is given from an hour on, in the order of time', async () => {
    await take([hour(3, -3), hour(0, 0), hour(2, -2)], AT);
    expect((await mast()).weather.map((one) => one.airTemperatureC)).toEqual([0, -2, -3]);
    const from = new Date(NOON + 120 * MINUTE).toISOString();
    expect((await mast(from)).weather).toHaveLength(2);
  });

  it('is summed up by station, from lowest to highest', async () => {
    await take([hour(0, 0), hour(1, 0), hour(1, 1)], AT);
    const stations = await summariseStations(db, venueId);
    expect(stations.find(({ id }) => id === 'mast')).toMatchObject({ name: 'Mast', hours: 2 });
    const heights = stations.map(({ altitudeM }) => altitudeM);
    expect(heights).toEqual([...heights].sort((a, b) => a - b));
  });

  it('stays when its station is named or placed anew, at one venue or at two', async () => {
    await take([hour(0, -5)], AT);
    await saveStation(db, { id: 'mast', name: 'High mast', altitudeM: 990 }, [venueId]);
    expect(await mast()).toMatchObject({ name: 'High mast', altitudeM: 990 });
    expect((await mast()).weather).toHaveLength(1);
  });
});

describe('a write that is done once', () => {
  const write = (key: string, name: string, work: () => { ok: boolean; n?: number }) =>
    writeOnce(db, { key, name, at: AT }, () => Promise.resolve(work()));

  it('gives its first answer again and does nothing the second time', async () => {
    let count = 0;
    const work = () => ({ ok: true, n: (count += 1) });
    expect(await write('k', 'ski.save s', work)).toEqual({ ok: true, n: 1 });
    expect(await write('k', 'ski.save s', work)).toEqual({ ok: true, n: 1 });
    expect(count).toBe(1);
  });

  it('leaves nothing behind when it is refused, and may be tried again with its key', async () => {
    expect(await write('k', 'd', () => ({ ok: false }))).toEqual({ ok: false });
    expect(await write('k', 'd', () => ({ ok: true }))).toEqual({ ok: true });
  });

  it('takes back what it wrote before it was refused', async () => {
    const refused = await writeOnce(db, { key: 'k', name: 'd', at: AT }, async (transaction) => {
      await saveTeamSettings(transaction, { ventilated: false });
      return { ok: false };
    });
    expect(refused.ok).toBe(false);
    expect((await loadTeamSettings(db)).ventilated).toBe(true);
  });

  it('refuses a key that did something else before', async () => {
    await write('k', 'd', () => ({ ok: true }));
    await expect(write('k', 'other', () => ({ ok: true }))).rejects.toThrow(KeyReused);
  });

  it('forgets what was answered a month ago, and no key', async () => {
    await write('k', 'd', () => ({ ok: true }));
    const answers = async () =>
      (await db.selectFrom('write_key').select('answer').execute()).map(({ answer }) => answer);
    await forgetOldKeys(db, new Date(NOON + 29 * 24 * 60 * MINUTE));
    expect(await answers()).toEqual(['{"ok":true}']);
    await forgetOldKeys(db, new Date(NOON + 31 * 24 * 60 * MINUTE));
    expect(await answers()).toEqual(['{"ok":true,"value":null}']);
  });
});

describe('many rows', () => {
  it.each([0, 1, 39, 40, 41, 80, 950])(
    '%d of them are stored, in order, none twice',
    async (count) => {
      const rows = Array.from({ length: count }, (_, i) => ({ key: `k${i}`, value: String(i) }));
      await insertMany(db, 'team_setting', rows);
      const kept = await db.selectFrom('team_setting').selectAll().execute();
      expect(kept).toHaveLength(count);
      expect(new Set(kept.map(({ key }) => key)).size).toBe(count);
      if (count > 0)
        expect(kept.find(({ key }) => key === `k${count - 1}`)!.value).toBe(`${count - 1}`);
    },
  );

  it.each([0, 1, 50, 51, 125])('%d of them are read in pages, each once', async (count) => {
    const keys = Array.from({ length: count }, (_, i) => i);
    const read: number[] = [];
    let pages = 0;
    for await (const page of inPages(
      () => Promise.resolve(keys),
      (some) => Promise.resolve(some),
    )) {
      pages += 1;
      expect(page.length).toBeLessThanOrEqual(50);
      read.push(...page);
    }
    expect(read).toEqual(keys);
    expect(pages).toBe(Math.ceil(count / 50));
  });

  it('are worked in their order, and others are served in between', async () => {
    const seen: number[] = [];
    let others = 0;
    const timer = setImmediate(function tick() {
      others += 1;
      if (others < 50) setImmediate(tick);
    });
    await eachInTurns(
      Array.from({ length: 450 }, (_, i) => i),
      (i) => {
        seen.push(i);
        return Promise.resolve();
      },
    );
    clearImmediate(timer);
    expect(seen).toEqual([...seen].sort((a, b) => a - b));
    expect(others).toBeGreaterThan(2);
  });
});
