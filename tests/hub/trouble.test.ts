import { sql } from 'kysely';
import * as Y from 'yjs';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { BOOK_NAMES, bookKind, type BookName } from '@/core/book';
import { COUNTERS, fieldsOf, openDocument, setField } from '@/core/shared-book';
import { hubDecisions } from '@/data/hub-decided';
import { hubLink } from '@/data/hub-link';
import { addNote, markNote } from '@/data/notes';
import { loadDocument, packed } from '@/data/shared-book/documents';
import { agreeToRemovals, refuseRemovals } from '@/data/shared-book/removals';
import type { RawValue } from '../../src/core/shared-book/record';
import { problemOf, syncOnce } from '@/server/hub/sync';
import { bookOf, exchange, held, openColumns, settle, threeCabins, type Cabin } from './cabins';
import { fakeClient, type FakeHub } from './fake-hub';

const AT = '2027-01-13T12:00:00.000Z';
let hub: FakeHub;
let [alm, bach, cort] = [] as unknown as [Cabin, Cabin, Cabin];
let cabins: Cabin[];

beforeEach(async () => {
  ({ hub, cabins } = await threeCabins());
  [alm, bach, cort] = cabins as [Cabin, Cabin, Cabin];
});
afterEach(async () => {
  for (const { db } of cabins) await db.destroy();
});

const agree = () => settle(hub, cabins);
const value = async ({ db }: Cabin, table: string, id: string, column: string) =>
  (
    await sql<
      Record<string, unknown>
    >`select ${sql.ref(column)} as found from ${sql.table(table)} where id = ${id}`.execute(db)
  ).rows[0]?.found;
const set = ({ db }: Cabin, table: string, id: string, column: string, to: unknown) =>
  sql`update ${sql.table(table)} set ${sql.ref(column)} = ${to} where id = ${id}`.execute(db);
const ids = async ({ db }: Cabin, table: string) =>
  (await sql<{ id: string }>`select id from ${sql.table(table)} order by id`.execute(db)).rows.map(
    ({ id }) => id,
  );

let evil = 900_000;
/** What a cabin that does not keep to the rules pushes: fields of records in a document. */
async function push(
  by: string,
  document: string,
  records: Record<string, Record<string, unknown>>,
): Promise<void> {
  const known = openDocument(hub.documents.get(document)?.state, (evil += 1));
  const before = Y.encodeStateVector(known);
  for (const [ref, fields] of Object.entries(records)) {
    for (const [name, to] of Object.entries(fields)) setField(known, { ref, name }, to);
  }
  const update = packed(Y.encodeStateAsUpdate(known, before)).toString('base64');
  await fakeClient(hub, by).push(evil, [{ document, update }], false);
}

describe('what one changes', () => {
  const KINDS = BOOK_NAMES.filter((name) => name !== 'course' && openColumns(name).length > 0);

  it.each(KINDS)(
    '%s: every field of it reaches the others, also when it is emptied',
    async (name: BookName) => {
      const { keys } = bookKind(name);
      const { rows } = await sql<
        Record<string, RawValue>
      >`select * from ${sql.table(name)} order by rowid limit 2`.execute(alm.db);
      const [row, other] = [rows[0], rows.at(-1)];
      // Kinds of which the demo has no record.
      if (!row || !other) return;
      const where = sql.join(
        keys.map((key) => sql`${sql.ref(key)} = ${row[key]}`),
        sql` and `,
      );
      const find = async ({ db }: Cabin) =>
        (await sql`select * from ${sql.table(name)} where ${where}`.execute(db))
          .rows[0] as typeof row;
      for (const [column, field] of openColumns(name)) {
        if (COUNTERS.includes(column)) continue;
        const text = field.type === 'text' ? [`new ${column}`] : [];
        const empty = field.isRequired ? [] : [null];
        for (const to of [...text, other[column] ?? null, ...empty]) {
          const change = sql`update ${sql.table(name)} set ${sql.ref(column)} = ${to} where ${where}`;
          const isTaken = await change.execute(alm.db).then(
            () => true,
            () => false,
          );
          if (!isTaken) continue;
          await agree();
          expect([column, (await find(bach))[column]]).toEqual([column, to]);
          expect([column, (await find(cort))[column]]).toEqual([column, to]);
        }
      }
      for (const cabin of cabins) expect(await hubDecisions(cabin.db)).toEqual([]);
    },
  );

  it('is merged field by field, however often each was saved', async () => {
    const id = 'demo-ski-ilo-skate';
    for (const note of ['a', 'b']) await set(alm, 'ski', id, 'note', note);
    await sql`update ski set version = version + 2 where id = ${id}`.execute(alm.db);
    await set(bach, 'ski', id, 'grind_pattern', 'cross');
    await sql`update ski set version = version + 1 where id = ${id}`.execute(bach.db);
    await agree();
    for (const cabin of cabins) {
      expect(await value(cabin, 'ski', id, 'note')).toBe('b');
      expect(await value(cabin, 'ski', id, 'grind_pattern')).toBe('cross');
      expect(await value(cabin, 'ski', id, 'version')).toBe(3);
      expect(await hubDecisions(cabin.db)).toEqual([]);
    }
  });

  it('set by two at once is listed with both values, and stands alike everywhere', async () => {
    await set(alm, 'skier', 'demo-skier-ilo', 'weight_kg', 61);
    await set(bach, 'skier', 'demo-skier-ilo', 'weight_kg', 62);
    await agree();
    const stands = await value(cort, 'skier', 'demo-skier-ilo', 'weight_kg');
    const [difference] = (await hubDecisions(alm.db)).map((one) => one.difference);
    expect(difference).toMatchObject({
      name: 'skier',
      columns: [{ column: 'weight_kg', mine: 61, theirs: 62 }],
      isTaken: stands === 62,
    });
    expect(await hubDecisions(bach.db)).toHaveLength(1);
  });

  it('stands where somebody removed it beside, and both are told', async () => {
    const [id] = await ids(alm, 'product');
    await alm.db.deleteFrom('product').where('id', '=', id!).execute();
    await set(bach, 'product', id!, 'price', 77);
    await agree();
    for (const cabin of cabins) expect(await value(cabin, 'product', id!, 'price')).toBe(77);
    const lists = await Promise.all(cabins.map(({ db }) => hubDecisions(db)));
    expect(lists.flat().map(({ difference }) => difference.columns[0]!.column)).toContain(
      'removed',
    );
    // Set back to what it was when it was removed, it still stands.
    await set(cort, 'product', id!, 'price', 18);
    await agree();
    expect(await value(alm, 'product', id!, 'price')).toBe(18);
  });

  it('and takes back travels: a note put back, a product put back, a job reopened', async () => {
    await addNote(alm.db, { id: 'n', outingId: 'demo-tour', words: 'Wind', createdAt: AT });
    const product = await alm.db
      .selectFrom('product')
      .selectAll()
      .limit(1)
      .executeTakeFirstOrThrow();
    await sql`insert into job (id, outing_id, ski_id, sheet, started_at, ended_at)
      values ('j', 'demo-tour', 'demo-ski-ilo-skate', '{"title":"Wax","steps":[]}', ${AT}, ${AT})`.execute(
      alm.db,
    );
    await markNote(alm.db, 'n', AT);
    await alm.db.deleteFrom('product').where('id', '=', product.id).execute();
    await agree();
    expect(await value(cort, 'note', 'n', 'removed_at')).toBe(AT);
    expect(await ids(cort, 'product')).not.toContain(product.id);
    await markNote(alm.db, 'n', null);
    await alm.db.insertInto('product').values(product).execute();
    await set(alm, 'job', 'j', 'ended_at', null);
    await agree();
    for (const cabin of cabins) {
      expect(await value(cabin, 'note', 'n', 'removed_at')).toBeNull();
      expect(await ids(cabin, 'product')).toContain(product.id);
      expect(await value(cabin, 'job', 'j', 'ended_at')).toBeNull();
    }
  });

  it('one skier entered for one race by two people stands once, and both are told', async () => {
    const enter = ({ db }: Cabin, id: string, why: string) =>
      sql`insert into starter (id, outing_id, skier_id, why) values (${id}, 'demo-tour', 'demo-skier-ilo', ${why})`.execute(
        db,
      );
    await alm.db.deleteFrom('starter').where('skier_id', '=', 'demo-skier-ilo').execute();
    await agree();
    await enter(alm, 'twice-a', 'of Alm');
    await enter(bach, 'twice-b', 'of Bach');
    await agree();
    for (const cabin of cabins) {
      expect((await ids(cabin, 'starter')).filter((id) => id.startsWith('twice'))).toEqual([
        'twice-a',
      ]);
      expect(await held(cabin)).toEqual([]);
    }
    const rendered = JSON.stringify(await Promise.all(cabins.map(({ db }) => hubDecisions(db))));
    expect(rendered).toContain('of Bach');
  });
});

describe('one cabin that errs', () => {
  it('stops nobody: what is sound is taken in, what is not is set aside with its reason', async () => {
    const good = { id: 'good', outing_id: 'demo-tour', words: 'Sound', created_at: AT };
    await push('Evil', 'note/2027', {
      good,
      bad: { ...good, id: 'bad', words: 7 },
      long: { ...good, id: 'long', words: 'x'.repeat(100_000) },
      odd: { ...good, id: 'odd', words: { a: 1 } },
      other: { ...good, id: 'somebody-else' },
      away: { ...good, id: 'away', outing_id: 'nowhere' },
    });
    await push('Evil', 'note/1999', { lost: { ...good, id: 'lost' } });
    await push('Evil', 'glove/2027', { g: { id: 'g', colour: 'red' } });
    await set(bach, 'skier', 'demo-skier-ilo', 'note', 'goes on');
    await agree();
    for (const cabin of cabins) {
      expect(await value(cabin, 'note', 'good', 'words')).toBe('Sound');
      expect(await value(cabin, 'skier', 'demo-skier-ilo', 'note')).toBe('goes on');
      const reasons = Object.fromEntries(
        (await held(cabin)).map(({ ref, reason, cabin: by }) => [ref, [by, reason]]),
      );
      expect(reasons).toEqual({
        bad: ['Evil', 'unreadable'],
        long: ['Evil', 'unreadable'],
        odd: ['Evil', 'unreadable'],
        other: ['Evil', 'unreadable'],
        away: ['Evil', 'incomplete'],
        lost: ['Evil', 'unreadable'],
      });
    }
    // It mends its record: it is taken in, and off the list.
    await push('Evil', 'note/2027', { bad: { words: 'Mended' } });
    await agree();
    expect(await value(cort, 'note', 'bad', 'words')).toBe('Mended');
    expect((await held(cort)).map(({ ref }) => ref)).not.toContain('bad');
  });

  it('keeps unknown fields and kinds of newer cabins untouched, through edits of older ones', async () => {
    await push('Newer', 'product', { 'demo-cold': { shade: 'amber' } });
    await push('Newer', 'glove/2027', { g: { id: 'g', colour: 'red' } });
    await agree();
    await set(bach, 'product', 'demo-cold', 'price', 21);
    await agree();
    for (const { db } of cabins) {
      const product = await loadDocument(db, 'product');
      expect(fieldsOf(product, 'demo-cold').get('shade')).toBe('amber');
      expect(fieldsOf(product, 'demo-cold').get('price')).toBe(21);
      expect(fieldsOf(await loadDocument(db, 'glove/2027'), 'g').get('colour')).toBe('red');
    }
  });

  it('removes ten records a day; for more a person is asked, and No puts them back for all', async () => {
    const removed = (await ids(alm, 'ski_event')).slice(0, 25);
    await alm.db.deleteFrom('ski_event').where('id', 'in', removed).execute();
    await agree();
    const left = async (cabin: Cabin) =>
      (await ids(cabin, 'ski_event')).filter((id) => removed.includes(id)).length;
    expect([await left(alm), await left(bach), await left(cort)]).toEqual([0, 15, 15]);
    expect(
      (await held(bach)).every(({ reason, cabin }) => reason === 'removal' && cabin === 'Alm'),
    ).toBe(true);
    await bach.db.transaction().execute((transaction) => refuseRemovals(transaction, 'Alm'));
    await agree();
    expect([await left(alm), await left(bach)]).toEqual([15, 15]);
    expect(await held(bach)).toEqual([]);
    const ground = { check: problemOf, nowIso: new Date().toISOString(), session: cort.session };
    await alm.db.deleteFrom('ski_event').where('id', 'in', removed).execute();
    await agree();
    await cort.db
      .transaction()
      .execute((transaction) => agreeToRemovals(transaction, 'Alm', ground));
    await agree();
    expect(await left(cort)).toBe(0);
  });

  it('cannot take off the lists by a stamp what it cannot remove', async () => {
    const { db } = alm;
    for (let i = 0; i < 14; i += 1) {
      await addNote(db, { id: `note-${i}`, outingId: 'demo-tour', words: 'Wind', createdAt: AT });
    }
    await agree();
    const fields = { removed_at: '2027-01-14T00:00:00.000Z' };
    await push(
      'Evil',
      'note/2027',
      Object.fromEntries(Array.from({ length: 14 }, (_, i) => [`note-${i}`, fields])),
    );
    await agree();
    const gone = await bach.db
      .selectFrom('note')
      .select('id')
      .where('removed_at', '=', fields.removed_at)
      .execute();
    expect(gone).toHaveLength(10);
    expect((await held(bach)).filter(({ reason }) => reason === 'removal')).toHaveLength(4);
  });

  it('changes nothing that another one wrote once, and everybody who knew it is told', async () => {
    const [id] = await ids(alm, 'reading');
    const before = await value(alm, 'reading', id!, 'snow_temperature_c');
    // As if it had come first: the book of the hub names who brought it.
    const document = hub.documents.get('reading/2027')!;
    hub.documents.set('reading/2027', { ...document, owners: new Map([[id!, 'Alm']]) });
    await push('Aaa', 'reading/2027', { [id!]: { snow_temperature_c: -33 } });
    await agree();
    for (const cabin of cabins) {
      expect(await value(cabin, 'reading', id!, 'snow_temperature_c')).toBe(before);
    }
    const rendered = (await hubDecisions(alm.db)).map(({ difference, cabin }) => [
      cabin,
      difference.columns,
    ]);
    expect(rendered).toEqual([
      ['Aaa', [{ column: 'snow_temperature_c', mine: before, theirs: -33 }]],
    ]);
  });

  it('cannot count a record out of reach', async () => {
    const id = 'demo-ski-ilo-skate';
    await push('Evil', 'ski', { [id]: { version: 1e9 } });
    await agree();
    await set(alm, 'ski', id, 'note', 'next');
    await sql`update ski set version = version + 1 where id = ${id}`.execute(alm.db);
    await agree();
    for (const cabin of cabins) {
      expect(await value(cabin, 'ski', id, 'note')).toBe('next');
      expect(Number(await value(cabin, 'ski', id, 'version'))).toBeLessThan(10);
      expect(await held(cabin)).toEqual([]);
    }
  });

  it('cannot write by the numbers of another one', async () => {
    const forged = openDocument(undefined, alm.session);
    setField(forged, { ref: 'x', name: 'id' }, 'x');
    await exchange(hub, alm);
    const update = packed(Y.encodeStateAsUpdate(forged)).toString('base64');
    const session = (evil += 1);
    expect(() =>
      fakeClient(hub, 'Evil').push(session, [{ document: 'note/2027', update }], false),
    ).toThrow('not_yours');
  });
});

describe('what an exchange says', () => {
  it('is how many records came, not in how many pieces', async () => {
    for (const id of ['one', 'two', 'three']) {
      await addNote(alm.db, { id, outingId: 'demo-tour', words: 'Wind', createdAt: AT });
    }
    await set(alm, 'skier', 'demo-skier-ilo', 'note', 'fast');
    expect(await exchange(hub, alm)).toBe(0);
    expect(await exchange(hub, bach)).toBe(4);
    expect(await exchange(hub, bach)).toBe(0);
  });
});

describe('before much changes', () => {
  it('the book is copied: more than fifty records at once', async () => {
    const copy = vi.fn(() => Promise.resolve());
    const sync = (cabin: Cabin) =>
      syncOnce({ db: cabin.db, session: cabin.session, hub: fakeClient(hub, cabin.name), copy });
    await set(alm, 'skier', 'demo-skier-ilo', 'note', 'one');
    await exchange(hub, alm);
    await sync(bach);
    expect(copy).not.toHaveBeenCalled();
    await sql`update weather set wind_m_per_s = wind_m_per_s + 1`
      .execute(alm.db)
      .catch(() => undefined);
    await sql`update product set price = 12`.execute(alm.db);
    await sql`update ski set note = 'all'`.execute(alm.db);
    await exchange(hub, alm);
    await sync(bach);
    expect(copy).toHaveBeenCalledTimes(1);
    expect((await hubLink(bach.db))?.problem).toBeNull();
    expect((await bookOf(bach)).product).toEqual((await bookOf(alm)).product);
  });
});
