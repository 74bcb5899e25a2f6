import { sql } from 'kysely';
import { beforeEach, describe, expect, it } from 'vitest';
import { temporaryDatabase } from '../../tests/unit/temporary-database';
import { restoreRow, withdrawRows } from './append-only';
import type { FrostDatabase } from './database';
import { seedDemo } from './demo/seed';
import { markJob } from './jobs';
import { pageOfLog } from './log-entries';
import { addNote, markNote } from './notes';
import { addOutcome, takeOutcomesBack } from './outcomes';
import { addReadings, listReadings } from './readings';
import { addSkiEvent, removeSkiEvent } from './ski-events';

const NOW = new Date('2027-01-13T12:00:00Z');
const AT = NOW.toISOString();
let stamps = 0;
const stamp = { newId: () => `made-${(stamps += 1)}`, at: AT };
let db: FrostDatabase;
beforeEach(async () => {
  db = await temporaryDatabase();
  await seedDemo(db, NOW);
});

const found = async (words: string, rest: { outingId?: string } = {}) =>
  (await pageOfLog(db, { words, page: 1, most: 1000, ...rest })).marks;
const refs = async (words: string) => (await found(words)).map(({ refId }) => refId);
const note = (id: string, words: string) =>
  addNote(db, { id, outingId: 'demo-tour', words, createdAt: AT });

describe('the log follows its tables', () => {
  it('a corrected reading stands once, a withdrawn one not at all, and comes back', async () => {
    const [reading] = await listReadings(db, 'demo-relay', 1);
    const before = await refs('');
    await addReadings(db, [
      { ...reading!, id: 'better', correctsId: reading!.id, note: 'Probe was iced' },
    ]);
    expect(await refs('iced')).toEqual(['better']);
    expect(await refs('')).toHaveLength(before.length);
    expect(await refs('')).not.toContain(reading!.id);
    await withdrawRows(db, { table: 'reading', column: 'id', value: 'better', stamp });
    expect(await refs('')).toHaveLength(before.length - 1);
    const back = await restoreRow(db, { table: 'reading', id: 'better', stamp });
    expect(await refs('iced')).toEqual([back]);
  });

  it('readings of a file are one entry, but for those with a note of their own', async () => {
    const [reading] = await listReadings(db, 'demo-relay', 1);
    const many = Array.from({ length: 20 }, (_, i) => ({
      ...reading!,
      id: `logged-${i}`,
      importId: 'a-file',
      note: i === 3 ? 'Sensor in the sun' : undefined,
    }));
    const before = await refs('');
    await addReadings(db, many);
    const after = await found('');
    expect(after).toHaveLength(before.length + 2);
    expect(after.filter(({ kind }) => kind === 'import')).toMatchObject([{ refId: 'a-file' }]);
    expect(await refs('sensor sun')).toEqual(['logged-3']);
  });

  it('a job stands from its end on, unless it is put away or opened again', async () => {
    const [ski] = await db.selectFrom('ski').select('id').limit(1).execute();
    const row = { id: 'a-job', outing_id: 'demo-tour', ski_id: ski!.id, choice_id: null };
    const sheet = JSON.stringify({
      title: 'Grip and glide',
      steps: [{ title: 'Clean' }, { title: 'Cork it' }],
    });
    await db
      .insertInto('job')
      .values({ ...row, sheet, started_at: AT, ended_at: null, dropped_at: null })
      .execute();
    expect(await refs('cork')).toEqual([]);
    await markJob(db, 'a-job', { endedAt: AT });
    expect(await refs('cork clean grip')).toEqual(['a-job']);
    await markJob(db, 'a-job', {});
    expect(await refs('cork')).toEqual([]);
    await markJob(db, 'a-job', { droppedAt: AT });
    expect(await refs('cork')).toEqual([]);
  });

  it('outcomes, notes and events of a pair go and come back', async () => {
    const choice = await db
      .selectFrom('choice')
      .select(['id', 'product_name'])
      .executeTakeFirstOrThrow();
    await addOutcome(db, {
      id: 'o',
      choiceId: choice.id,
      glide: 'slow',
      feel: 'dry',
      createdAt: AT,
    });
    expect(await found(`slow ${choice.product_name}`)).toMatchObject([
      { kind: 'outcome', outingId: 'demo-slalom' },
    ]);
    await takeOutcomesBack(db, choice.id, AT);
    expect(await refs('slow dry')).toEqual([]);
    await note('n', 'Sled track crosses');
    await markNote(db, 'n', AT);
    expect(await refs('sled')).toEqual([]);
    await markNote(db, 'n', null);
    expect(await refs('sled')).toEqual(['n']);
    const [ski] = await db.selectFrom('ski').select('id').limit(1).execute();
    await addSkiEvent(db, {
      id: 'e',
      skiId: ski!.id,
      kind: 'ground',
      note: 'Fine stone',
      atMs: NOW.getTime(),
    });
    expect(await found('fine stone')).toMatchObject([{ kind: 'ski', skiId: ski!.id }]);
    await removeSkiEvent(db, 'e');
    expect(await refs('fine stone')).toEqual([]);
  });
});

describe('the search of the log', () => {
  it('finds by beginnings of words, in any order, without accents and signs', async () => {
    await note('n', 'Öl auf der Straße, très glacé: 3.5 km "zenith"');
    for (const words of ['ol stra', 'GLACE tres', 'zenith, km', '3.5', '"zenith"*', 'glac -- ol']) {
      expect(await refs(words)).toEqual(['n']);
    }
    expect(await refs('orth')).toEqual([]);
    expect(await refs('ol nothere')).toEqual([]);
  });

  it('takes words of the search language as plain words', async () => {
    for (const words of [
      'zz OR qq',
      'NOT qq',
      'words:qq',
      "'; drop table note",
      'qq\u0000zz',
      'NEAR(qq zz)',
    ]) {
      expect(await refs(words)).toEqual([]);
    }
  });

  it('finds by the name of the outing or the pair as it is now', async () => {
    await note('n', 'Wind');
    await db
      .updateTable('outing')
      .set({ name: 'Moonlit tour' })
      .where('id', '=', 'demo-tour')
      .execute();
    expect(await refs('moonlit wind')).toEqual(['n']);
    expect(await found('', { outingId: 'demo-tour' })).toEqual(await found('moonlit'));
    expect((await found('tivia')).every(({ kind }) => kind === 'ski')).toBe(true);
    expect((await found('tivia')).length).toBeGreaterThan(0);
  });

  it('gives pages that do not overlap, the latest first', async () => {
    const page = (at: number) => pageOfLog(db, { words: '', page: at, most: 7 });
    const [first, second] = [await page(1), await page(2)];
    const times = [...first.marks, ...second.marks].map(({ at }) => at);
    expect(times).toEqual([...times].sort().reverse());
    expect(new Set([...first.marks, ...second.marks].map((one) => one.refId)).size).toBe(14);
    expect(first.count).toBe(second.count);
  });

  it('is whole after all that', async () => {
    await sql`insert into log_text (log_text) values ('integrity-check')`.execute(db);
  });
});
