import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { jobState } from '@/core/bench';
import { careOf } from '@/core/ski';
import { DEFAULT_UNITS } from '@/words/units';
import type { FrostDatabase } from '@/data/database';
import { findJob, listOpenJobs, workedSteps } from '@/data/jobs';
import { findOuting } from '@/data/outings';
import { listFindings, listSkiEvents } from '@/data/ski-events';
import { listSkis } from '@/data/skis';
import { listStockMoves, remainingGrams } from '@/data/stock';
import { listTimers } from '@/data/timers';
import { loadBench } from '@/features/bench/use-cases/load-bench';
import { planSheet } from '@/server/job/plan-sheet';
import { dropJob, moveJob, startJob } from '@/server/job/run-job';
import { exportSkis, importSkis } from '@/features/skis/use-cases/skis-files';
import { originOf, skiQr } from '@/server/qr';
import { keepSkiPhoto, showSkiPhoto } from '@/features/skis/use-cases/ski-photos';
import { loadRack, loadSki } from '@/features/skis/use-cases/load-skis';
import { textOf } from '@/formats/out-file';
import { temporaryDatabase, writingTo } from './temporary-database';

const NOW = Date.parse('2027-01-13T13:00:00Z');
const MINUTE = 60_000;
const SLALOM = { outingId: 'demo-slalom', skiId: 'demo-ski-wessa-slalom' };

/** A clock and ids for moves, each move a minute after the last. */
function bench(db: FrostDatabase) {
  let [nowMs, count] = [NOW, 0];
  const stamp = () => {
    nowMs += MINUTE;
    return { nowMs, newId: () => `id-${(count += 1)}` };
  };
  const starting = () => {
    const { nowMs: at, newId } = stamp();
    const write = writingTo(db, { nowMs: at, at: new Date(at).toISOString(), newId });
    return { nowMs: at, write, units: DEFAULT_UNITS };
  };
  const move = async (jobId: string, kind: 'next' | 'back' | 'skip', more: object = {}) => {
    const job = (await findJob(db, jobId))!;
    const { position } = jobState(job.sheet, job.records);
    return moveJob(db, { jobId, position, move: kind, ...more }, stamp());
  };
  const start = async (input: object = SLALOM) => {
    const started = await startJob(db, input, starting());
    if (!started.ok) throw new Error(started.error.message);
    return started.value.id;
  };
  const runTo = async (jobId: string, key: string) => {
    for (let i = 0; i < 80; i += 1) {
      const job = (await findJob(db, jobId))!;
      const { current, isDone } = jobState(job.sheet, job.records);
      if (isDone || current!.key === key) return;
      await move(jobId, 'next');
    }
  };
  return { stamp, starting, move, start, runTo, now: () => nowMs };
}

describe('a sheet for a ski of the rack', () => {
  it('stands on its look-over, the choice, the shelf, the iron lab and its grind', async () => {
    const db = await temporaryDatabase();
    const planned = await planSheet(db, SLALOM, NOW);
    if (!planned.ok) throw new Error(planned.error.message);
    const { sheet, suggested, choiceName } = planned.value;
    expect(suggested.map((one) => one.key)).toContain('edges');
    expect(sheet.steps.map((one) => one.kind)).toContain('repair');
    const iron = sheet.steps.find(
      ({ work }) => work.code === 'iron' && work.product === choiceName,
    )!;
    expect(iron.reason?.code).toMatch(/lab_below_label|lab_as_label|by_label/);
    expect(iron.figures.temperatureC).toBeGreaterThan(90);
    expect(sheet.steps.some((one) => one.productId?.startsWith('demo-'))).toBe(true);
    expect(sheet.notes).toContainEqual(
      expect.objectContaining({ code: 'grind_too_coarse', grindMm: 1 }),
    );
    const own = await planSheet(db, { ...SLALOM, programmes: ['storage'], roomC: 5 }, NOW);
    expect(own.ok && own.value.sheet.programmes).toEqual(['storage']);
  });

  it('minds this base alone: soft wax and hardener where it is burnt', async () => {
    const db = await temporaryDatabase();
    const keys = async (skiId: string) => {
      const planned = await planSheet(db, { outingId: 'demo-slalom', skiId }, NOW);
      if (!planned.ok) throw new Error(planned.error.message);
      return planned.value.sheet.steps.map((one) => one.key);
    };
    expect(await keys('demo-ski-ilo-skate')).toContain('condition.on');
    expect(await keys('demo-ski-ilo-skate-2')).not.toContain('condition.on');
    expect(await keys('demo-ski-tivia-skate')).toContain('condition.on');
  });

  it('has grip for a classic ski, and says what is wrong with the request', async () => {
    const db = await temporaryDatabase();
    const classic = { outingId: 'demo-tour', skiId: 'demo-ski-ilo-classic' };
    const planned = await planSheet(db, classic, NOW);
    expect(planned.ok && planned.value.suggested.map((one) => one.key)).toContain('grip');
    expect(planned.ok && planned.value.choiceName).toBeUndefined();
    for (const bad of [
      { ...SLALOM, skiId: 'gone' },
      { ...SLALOM, outingId: 'gone' },
      { ...SLALOM, programmes: ['polish'] },
      { ...SLALOM, roomC: 80 },
      null,
    ])
      expect((await planSheet(db, bad, NOW)).ok).toBe(false);
  });
});

describe('running a job', () => {
  it('takes wax from the shelf when a step is done, gives it back on undo', async () => {
    const db = await temporaryDatabase();
    const { start, runTo, move } = bench(db);
    const id = await start();
    const { sheet } = (await findJob(db, id))!;
    const step = sheet.steps.find((one) => one.productId)!;
    const before = (await remainingGrams(db))[step.productId!]!;
    await runTo(id, step.key);
    await move(id, 'next', { grams: 7.5 });
    expect((await remainingGrams(db))[step.productId!]).toBeCloseTo(before - 7.5, 9);
    await move(id, 'back');
    expect((await remainingGrams(db))[step.productId!]).toBeCloseTo(before, 9);
    const moves = await listStockMoves(db, step.productId);
    expect(moves.map((one) => one.kind)).toEqual(['corrected', 'used', 'bought']);
    expect(moves.map((one) => one.isUndo)).toEqual([true, false, false]);
    const skipped = await move(id, 'skip', { reason: ' ' });
    expect(skipped).toMatchObject({ ok: false, error: { code: 'invalid_input' } });
    expect((await move(id, 'skip', { reason: 'None left' })).ok).toBe(true);
    expect((await remainingGrams(db))[step.productId!]).toBeCloseTo(before, 9);
  });

  it('keeps a wait with its own end through back and forth, and notes an early end', async () => {
    const db = await temporaryDatabase();
    const { start, runTo, move, now } = bench(db);
    const id = await start();
    const { sheet } = (await findJob(db, id))!;
    const cool = sheet.steps.find((one) => one.kind === 'cool')!;
    await runTo(id, cool.key);
    const [timer] = await listTimers(db);
    expect(timer).toMatchObject({ jobId: id, skiName: 'Wessa slalom', title: 'Cool' });
    expect(timer!.dueMs).toBe(now() + cool.waitMin! * MINUTE);
    await move(id, 'next');
    expect(await listTimers(db)).toEqual([]);
    await move(id, 'back');
    expect((await listTimers(db))[0]).toEqual(timer);
    await move(id, 'next');
    const record = (await findJob(db, id))!.records.find((one) => one.dueMs !== undefined);
    expect(record).toMatchObject({ outcome: 'ended_early', dueMs: timer!.dueMs });
  });

  it('moves reserve, events, findings and log when it is done, and all of it back', async () => {
    const db = await temporaryDatabase();
    const { start, runTo, move } = bench(db);
    const reserveOf = async () => {
      const [events, findings] = [
        await listSkiEvents(db, SLALOM.skiId),
        await listFindings(db, SLALOM.skiId),
      ];
      return careOf('alpine', { events, findings, nowMs: NOW }).reserve;
    };
    const before = await reserveOf();
    const id = await start();
    await runTo(id, 'the end');
    const job = (await findJob(db, id))!;
    expect(job.endedAt).toBeDefined();
    expect(await reserveOf()).toBeGreaterThan(before + 0.1);
    expect(await listFindings(db, SLALOM.skiId)).toEqual([]);
    const kinds = (await listSkiEvents(db, SLALOM.skiId)).filter((one) => one.jobId === id);
    expect(kinds.map((one) => one.kind).sort()).toEqual(['repaired', 'waxed']);
    const outing = (await findOuting(db, 'demo-slalom'))!;
    expect((await loadBench(db, outing, NOW)).done.map((one) => one.id)).toEqual([id]);
    expect((await workedSteps(db)).every((one) => one.activeMin === 1)).toBe(true);
    expect(await move(id, 'next')).toMatchObject({ ok: false, error: { code: 'conflict' } });
    await move(id, 'back');
    expect(await reserveOf()).toBeCloseTo(before, 9);
    expect(await listFindings(db, SLALOM.skiId)).toHaveLength(2);
    expect((await findJob(db, id))!.endedAt).toBeUndefined();
  });

  it('learns its minutes from what was recorded', async () => {
    const db = await temporaryDatabase();
    const { start, runTo, now } = bench(db);
    const scrapeOf = async () => {
      const planned = await planSheet(db, SLALOM, now());
      if (!planned.ok) throw new Error(planned.error.message);
      return planned.value.sheet.steps.find((one) => one.kind === 'scrape')!.activeMin;
    };
    const house = await scrapeOf();
    await runTo(await start(), 'the end');
    // Three scrapes of one minute each, against the weight of three of the house's.
    expect(await scrapeOf()).toBeLessThan(house - 1);
    expect(await scrapeOf()).toBeGreaterThan(1);
  });

  it('lets one device be ahead: the other moves nothing and is told', async () => {
    const db = await temporaryDatabase();
    const { start, stamp } = bench(db);
    const id = await start();
    const next = { jobId: id, position: 0, move: 'next' };
    expect((await moveJob(db, next, stamp())).ok).toBe(true);
    expect(await moveJob(db, next, stamp())).toMatchObject({
      ok: false,
      error: { code: 'conflict' },
    });
    const back = { jobId: id, position: 1, move: 'back' };
    expect((await moveJob(db, back, stamp())).ok).toBe(true);
    expect((await moveJob(db, { ...back, position: 0 }, stamp())).ok).toBe(false);
    expect((await moveJob(db, { jobId: 'gone', position: 0, move: 'next' }, stamp())).ok).toBe(
      false,
    );
    expect((await moveJob(db, { jobId: id, position: -1, move: 'jump' }, stamp())).ok).toBe(false);
  });

  it('has one job a ski, which can be put away and taken out again', async () => {
    const db = await temporaryDatabase();
    const { start, starting, now } = bench(db);
    const id = await start();
    expect(await startJob(db, SLALOM, starting())).toMatchObject({
      ok: false,
      error: { code: 'conflict' },
    });
    expect((await dropJob(db, { jobId: id, isDropped: true, nowMs: now() })).ok).toBe(true);
    expect(await listOpenJobs(db)).toEqual([]);
    expect((await dropJob(db, { jobId: id, isDropped: false, nowMs: now() })).ok).toBe(true);
    expect(await listOpenJobs(db)).toHaveLength(1);
    expect((await dropJob(db, { jobId: 'gone', isDropped: true, nowMs: now() })).ok).toBe(false);
  });
});

describe('the rack of skis', () => {
  it('goes out and comes back the same, and refuses what is there or wrong by its line', async () => {
    const db = await temporaryDatabase();
    const file = await exportSkis(db, 'csv');
    if (!file.ok) throw new Error('no file');
    const text = await textOf(file.value);
    const again = await importSkis(db, text, writingTo(db));
    expect(again).toMatchObject({ ok: false, error: { code: 'invalid_file' } });
    const empty = await temporaryDatabase(false);
    const taken = await importSkis(empty, text, writingTo(empty));
    expect(taken.ok).toBe(true);
    const strip = (skis: Awaited<ReturnType<typeof listSkis>>) =>
      skis.map((one) => ({ ...one, id: '' }));
    expect(strip(await listSkis(empty))).toEqual(strip(await listSkis(db)));
    const few = await importSkis(
      empty,
      'name,type,length [cm],waist [mm]\nPlain,classic,200,44\n',
      writingTo(empty, { newId: () => 'p' }),
    );
    expect(few.ok).toBe(true);
    expect((await listSkis(empty)).find((one) => one.id === 'p')).toMatchObject({
      owner: '',
      baseType: 'sintered',
      hasBrakes: false,
    });
    const bad = 'name,type,length [cm],waist [mm]\nA,skate,190,44\nB,sledge,500,44\n';
    const refused = await importSkis(empty, bad, writingTo(empty));
    expect(!refused.ok && refused.error.details).toMatchObject([
      { line: 3, field: 'type' },
      { line: 3, field: 'length' },
    ]);
  });

  it('keeps photos of a ski without what they say of place and device', async () => {
    const db = await temporaryDatabase();
    const image = await sharp({
      create: { width: 40, height: 30, channels: 3, background: '#777' },
    })
      .withExif({ IFD0: { Copyright: 'someone' } })
      .jpeg()
      .toBuffer();
    const write = writingTo(db, { id: 'photo' });
    const kept = await keepSkiPhoto(db, { skiId: SLALOM.skiId, bytes: image, write });
    expect(kept).toMatchObject({ ok: true, value: { id: 'photo' } });
    const shown = await showSkiPhoto(db, 'photo');
    if (!shown.ok) throw new Error('no photo');
    expect((await sharp(shown.value).metadata()).exif).toBeUndefined();
    expect(
      (await loadSki(db, { id: SLALOM.skiId, nowMs: NOW, isSouthern: false }))!.photoIds,
    ).toEqual(['photo']);
    const text = new TextEncoder().encode('no picture');
    expect((await keepSkiPhoto(db, { skiId: SLALOM.skiId, bytes: text, write })).ok).toBe(false);
    expect((await keepSkiPhoto(db, { skiId: 'gone', bytes: image, write })).ok).toBe(false);
    expect((await showSkiPhoto(db, 'gone')).ok).toBe(false);
  });

  it('makes labels that lead to the ski under the address that was asked', async () => {
    const headers = new Headers({ host: 'cabin.local:3210', 'x-forwarded-proto': 'https' });
    expect(originOf(headers)).toBe('https://cabin.local:3210');
    const [one, other] = [await skiQr('http://a', 'x'), await skiQr('http://a', 'y')];
    expect(one).toMatch(/^<svg/);
    expect(one).not.toBe(other);
    expect(await skiQr('http://a', 'x')).toBe(one);
  });

  it('knows what is due, and everything about one ski', async () => {
    const db = await temporaryDatabase();
    const rack = await loadRack(db, NOW, false);
    expect(rack.length).toBeGreaterThanOrEqual(28);
    const due = rack.filter((one) => one.care.due.length > 0);
    expect(due.length).toBeGreaterThan(3);
    expect(due.length).toBeLessThan(rack.length);
    const ski = await loadSki(db, { id: 'demo-ski-ilo-skate', nowMs: NOW, isSouthern: false });
    expect(ski!.look.baseState).toBe('burnt');
    expect(ski!.events[0]!.atMs).toBeGreaterThan(ski!.events.at(-1)!.atMs);
    expect(await loadSki(db, { id: 'gone', nowMs: NOW, isSouthern: false })).toBeUndefined();
  });
});
