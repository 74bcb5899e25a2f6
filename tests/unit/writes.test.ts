import { describe, expect, it } from 'vitest';
import sharp from 'sharp';
import { leftOf } from '@/core/bench';
import { KeyReused } from '@/core/faults';
import { addChoice, listChoices } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { findOuting } from '@/data/outings';
import { findProduct } from '@/data/products';
import { findReading, listReadings } from '@/data/readings';
import { findSki, listSkis } from '@/data/skis';
import { listStockMoves } from '@/data/stock';
import { loadTeamSettings } from '@/data/team-settings';
import { findVenue } from '@/data/venues';
import { listSegments } from '@/data/segments';
import { answerRepeated, forgetOldKeys, writeOnce } from '@/data/write-once';
import { keepFacts } from '@/features/pick/use-cases/keep-facts';
import { restoreChoice, withdrawChoice } from '@/features/log/use-cases/withdraw-choice';
import { changeTeam } from '@/features/settings/use-cases/change-team';
import { moveStock } from '@/features/shelf/use-cases/move-stock';
import { saveProduct, takeOffShelf } from '@/features/shelf/use-cases/save-product';
import { putBackOnRack, saveSki, takeOffRack } from '@/features/skis/use-cases/save-ski';
import { keepPhoto, showPhoto } from '@/features/snow/use-cases/reading-photo';
import { saveReading } from '@/features/snow/use-cases/save-reading';
import { restoreReading, withdrawReading } from '@/features/snow/use-cases/withdraw-reading';
import { saveCourse } from '@/features/venue/use-cases/save-course';
import { saveVenueFacts } from '@/features/venue/use-cases/save-venue';
import type { ChangedMeanwhile } from '@/formats/meanwhile';
import { invalidInput, type WireResult } from '@/formats/wire';
import { temporaryDatabase, writingTo } from './temporary-database';

const AT = '2027-01-13T13:00:00.000Z';
const once = { key: 'key-of-this-write', name: 'a write', at: AT };
let made = 0;
const stamp = () => ({ newId: () => `row-${(made += 1)}`, at: AT });
const valueOf = <T>(result: WireResult<T>): T => {
  if (!result.ok) throw new Error(result.error.message);
  return result.value;
};
const errorOf = (result: WireResult<unknown>) => {
  if (result.ok) throw new Error('not refused');
  return result.error;
};
const changedOf = (result: WireResult<unknown>) => errorOf(result).details[0] as ChangedMeanwhile;

describe('a write with a key', () => {
  const book = (db: FrostDatabase, id: string) => (transaction: FrostDatabase) =>
    moveStock(
      transaction,
      { productId: 'demo-frost', kind: 'used', grams: 5 },
      { id, at: AT },
    ).then((done) => (done.ok ? { ...done, value: id } : done));

  it('is done once, and sent again gives its first answer', async () => {
    const db = await temporaryDatabase();
    const before = (await listStockMoves(db, 'demo-frost')).length;
    const first = await writeOnce(db, once, book(db, 'move-one'));
    const again = await writeOnce(db, once, book(db, 'move-two'));
    expect(again).toEqual(first);
    expect(await listStockMoves(db, 'demo-frost')).toHaveLength(before + 1);
  });

  it('leaves nothing behind when it is refused half-way, not even its key', async () => {
    const db = await temporaryDatabase();
    const before = (await listStockMoves(db, 'demo-frost')).length;
    const refused = await writeOnce(db, once, async (transaction): Promise<WireResult<string>> => {
      await book(db, 'half')(transaction);
      return invalidInput([{ field: 'x', message: 'No.' }]);
    });
    expect(refused.ok).toBe(false);
    expect(await listStockMoves(db, 'demo-frost')).toHaveLength(before);
    expect((await writeOnce(db, once, book(db, 'whole'))).ok).toBe(true);
  });

  it('refuses a key that stood for something else, and knows it after months', async () => {
    const db = await temporaryDatabase();
    await writeOnce(db, once, book(db, 'one'));
    const other = writeOnce(db, { ...once, name: 'another' }, book(db, 'two'));
    await expect(other).rejects.toThrow(KeyReused);
    await forgetOldKeys(db, new Date('2027-09-01T00:00:00Z'));
    const before = (await listStockMoves(db, 'demo-frost')).length;
    expect((await writeOnce(db, once, book(db, 'one'))).ok).toBe(true);
    expect(await listStockMoves(db, 'demo-frost')).toHaveLength(before);
  });

  it('is done where its record came by another way, and refused where another one has its id', async () => {
    const db = await temporaryDatabase();
    const key = 'a-run-of-a-phone';
    const write = (words: string) => async (transaction: FrostDatabase, id: string) => {
      const note = { id, outing_id: 'demo-tour', words, created_at: AT };
      await transaction.insertInto('note').values(note).execute();
      return { ok: true as const, value: { id } };
    };
    const sent = (words: string) =>
      writeOnce(db, { key, name: 'note.write', at: AT }, (t) => write(words)(t, key)).catch(
        (error: unknown) => answerRepeated(db, { key, error, newId: 'of-a-trial' }, write(words)),
      );
    expect(await sent('Skied in')).toMatchObject({ ok: true });
    await db.deleteFrom('write_key').execute();
    expect(await sent('Skied in')).toEqual({ ok: true, value: { id: key } });
    await expect(sent('Something else')).rejects.toThrow(KeyReused);
    const notes = await db
      .selectFrom('note')
      .select('id')
      .where('words', '=', 'Skied in')
      .execute();
    expect(notes).toEqual([{ id: key }]);
  });
});

describe('taking back and restoring', () => {
  it('restores a withdrawal that stands, once', async () => {
    const db = await temporaryDatabase();
    const [choice] = await listChoices(db);
    valueOf(await withdrawChoice(db, choice!.id, stamp()));
    valueOf(await restoreChoice(db, choice!.id, stamp()));
    expect(errorOf(await restoreChoice(db, choice!.id, stamp())).code).toBe('not_found');
    expect(await listChoices(db)).toHaveLength(1);
  });

  it('keeps a reading’s photo with the reading, through a correction and a restored withdrawal', async () => {
    const db = await temporaryDatabase();
    const [reading] = await listReadings(db, 'demo-relay');
    const picture = await sharp({
      create: { width: 20, height: 20, channels: 3, background: '#789' },
    })
      .png()
      .toBuffer();
    valueOf(await keepPhoto(db, { readingId: reading!.id, bytes: picture, write: writingTo(db) }));
    const { takenAt, temperatureSdC, humidityFraction, origin, wetness, dirt, glazed } = reading!;
    const fields = { takenAt, temperatureSdC, humidityFraction, origin, wetness, dirt, glazed };
    const input = { ...fields, source: 'probe', temperatureC: -9 };
    const target = { outingId: 'demo-relay', correctsId: reading!.id };
    const better = valueOf(
      await saveReading(db, { target, input, stamp: { id: 'better', at: AT } }),
    );
    expect((await showPhoto(db, better.id)).ok).toBe(true);
    valueOf(await withdrawReading(db, 'better', stamp()));
    valueOf(await restoreReading(db, 'better', stamp()));
    const [back] = await listReadings(db, 'demo-relay');
    expect(back!.temperatureC).toBe(-9);
    expect((await showPhoto(db, back!.id)).ok).toBe(true);
    expect((await findReading(db, 'better')) === undefined).toBe(true);
  });
});

describe('a clock that was set back', () => {
  it('does not make an older choice the current one', async () => {
    const db = await temporaryDatabase();
    const [first] = await listChoices(db, 'demo-slalom');
    const later = { ...first!, id: 'later', createdAt: '2020-01-01T00:00:00.000Z' };
    await addChoice(db, later);
    expect((await listChoices(db, 'demo-slalom', 1))[0]!.id).toBe('later');
  });

  it('never makes a wait longer than it is', () => {
    const wait = { startedMs: 10 * 3_600_000, dueMs: 10 * 3_600_000 + 25 * 60_000 };
    expect(leftOf(wait, wait.startedMs + 60_000)).toBe(24 * 60_000);
    expect(leftOf(wait, wait.startedMs - 3_600_000)).toBe(25 * 60_000);
    expect(leftOf(wait, wait.dueMs + 1)).toBe(-1);
  });
});

describe('two people who change the same', () => {
  const given = (fields: object) =>
    Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined));
  const skiFields = async (db: FrostDatabase, id: string) => {
    const { version, isRemoved, ...fields } = (await findSki(db, id))!;
    expect([version, isRemoved]).toEqual([expect.any(Number), false]);
    return given(fields);
  };

  it('keep both changes of a pair when they are of different fields', async () => {
    const db = await temporaryDatabase();
    const base = await skiFields(db, 'demo-ski-ilo-skate');
    valueOf(await saveSki(db, { input: { ...base, grindMm: 1.25 }, base, newId: 'new' }));
    const second = valueOf(
      await saveSki(db, { input: { ...base, note: 'Second tab.' }, base, newId: 'new' }),
    );
    expect(second.taken).toEqual(['grindMm']);
    expect(await findSki(db, base.id as string)).toMatchObject({
      grindMm: 1.25,
      note: 'Second tab.',
      version: 3,
    });
  });

  it('are shown what differs, and nothing is saved until it is settled', async () => {
    const db = await temporaryDatabase();
    const base = await skiFields(db, 'demo-ski-ilo-skate');
    valueOf(await saveSki(db, { input: { ...base, grindMm: 1.25 }, base, newId: 'new' }));
    const refused = await saveSki(db, {
      input: { ...base, grindMm: 0.5, note: 'Mine.' },
      base,
      newId: 'new',
    });
    expect(errorOf(refused).code).toBe('changed_meanwhile');
    const changed = changedOf(refused);
    expect(changed.clashes).toEqual([{ field: 'grindMm', theirs: 1.25 }]);
    expect((await findSki(db, base.id as string))!.note).not.toBe('Mine.');
    const settled = { ...base, ...changed.current };
    valueOf(
      await saveSki(db, {
        input: { ...settled, grindMm: 0.5, note: 'Mine.' },
        base: settled,
        newId: 'new',
      }),
    );
    expect(await findSki(db, base.id as string)).toMatchObject({ grindMm: 0.5, note: 'Mine.' });
  });

  it('do not put a pair back that was taken off meanwhile', async () => {
    const db = await temporaryDatabase();
    const base = await skiFields(db, 'demo-ski-ilo-skate');
    valueOf(await takeOffRack(db, base.id as string, AT));
    expect(
      errorOf(await saveSki(db, { input: { ...base, note: 'x' }, base, newId: 'new' })).code,
    ).toBe('conflict');
    expect((await listSkis(db)).some((ski) => ski.id === base.id)).toBe(false);
    valueOf(await putBackOnRack(db, base.id as string));
    expect((await listSkis(db)).some((ski) => ski.id === base.id)).toBe(true);
    expect((await putBackOnRack(db, base.id as string)).ok).toBe(false);
  });

  it('merge a product, a place, a course and the facts of an outing the same way', async () => {
    const db = await temporaryDatabase();
    const { version, ...product } = (await findProduct(db, 'demo-frost'))!;
    expect(version).toBe(1);
    const base = given(product);
    valueOf(await saveProduct(db, { input: { ...base, price: 33 }, base, newId: 'new' }));
    valueOf(await saveProduct(db, { input: { ...base, ironC: 131 }, base, newId: 'new' }));
    expect(await findProduct(db, 'demo-frost')).toMatchObject({ price: 33, ironC: 131 });
    valueOf(await takeOffShelf(db, 'demo-frost'));
    expect(errorOf(await saveProduct(db, { input: base, base, newId: 'new' })).code).toBe(
      'conflict',
    );

    const venue = (await findVenue(db, 'demo-loop'))!;
    const { name, altitudeM, latitude, longitude, timeZone, ownCorrectionC } = venue;
    const place = { name, altitudeM, latitude, longitude, timeZone, ownCorrectionC };
    valueOf(
      await saveVenueFacts(db, {
        id: venue.id,
        input: { ...place, ownCorrectionC: 1 },
        base: place,
      }),
    );
    valueOf(
      await saveVenueFacts(db, { id: venue.id, input: { ...place, altitudeM: 640 }, base: place }),
    );
    expect(await findVenue(db, venue.id)).toMatchObject({ ownCorrectionC: 1, altitudeM: 640 });

    const course = await listSegments(db, venue.id);
    const changed = (at: number, change: object) =>
      course.map((segment, i) => (i === at ? { ...segment, ...change } : segment));
    valueOf(
      await saveCourse(db, {
        venueId: venue.id,
        segments: changed(0, { shadeFraction: 0.9 }),
        base: course,
      }),
    );
    valueOf(
      await saveCourse(db, {
        venueId: venue.id,
        segments: changed(1, { exposure: 0.3 }),
        base: course,
      }),
    );
    const merged = await listSegments(db, venue.id);
    expect([merged[0]!.shadeFraction, merged[1]!.exposure]).toEqual([0.9, 0.3]);
    const fewer = await saveCourse(db, {
      venueId: venue.id,
      segments: course.slice(1),
      base: course,
    });
    expect(errorOf(fewer).code).toBe('changed_meanwhile');

    const outing = (await findOuting(db, 'demo-relay'))!;
    const { discipline, distanceKm, purpose, fluorocarbonsAllowed, hoursOnSnow } = outing;
    const facts = { discipline, distanceKm, purpose, fluorocarbonsAllowed, hoursOnSnow };
    const before = { ...facts, startAt: outing.startAt };
    const change = { facts: { ...facts, distanceKm: 12 }, startAt: outing.startAt, base: before };
    await keepFacts(db, outing.id, change);
    const old = { facts: { ...facts, purpose: 'training' as const }, base: before };
    await keepFacts(db, outing.id, { ...old, startAt: outing.startAt });
    expect(await findOuting(db, outing.id)).toMatchObject({ distanceKm: 12, purpose: 'training' });
  });

  it('save single settings, not whole groups', async () => {
    const db = await temporaryDatabase();
    valueOf(await changeTeam(db, { methods: { drive: 'rotary' }, tools: { added: ['roller'] } }));
    valueOf(
      await changeTeam(db, { methods: { cooling: 'overnight' }, tools: { removed: ['cork'] } }),
    );
    const team = await loadTeamSettings(db);
    expect(team.methods).toMatchObject({ drive: 'rotary', cooling: 'overnight' });
    expect(team.tools).toEqual(['ski_iron', 'roller']);
    expect(errorOf(await changeTeam(db, { irons: [] })).code).toBe('invalid_input');
  });
});

it('books no stock for a product that is not on the shelf', async () => {
  const db = await temporaryDatabase();
  const move = { productId: 'nobody', kind: 'bought', grams: 5 };
  expect(errorOf(await moveStock(db, move, { id: 'm', at: AT })).code).toBe('not_found');
});
