import { sql } from 'kysely';
import { beforeEach, describe, expect, it } from 'vitest';
import { BOOK_NAMES, columnsOf, type BookName } from '@/core/book';
import { mergeBook, type TakenTheirs } from '@/data/book/merge-book';
import type { FrostDatabase } from '@/data/database';
import { addNote, markNote } from '@/data/notes';
import { addPhoto } from '@/data/photos';
import { saveSegments } from '@/data/segments';
import { addSkiEvent, removeSkiEvent } from '@/data/ski-events';
import { seedDemo } from '@/data/demo/seed';
import { exportBook } from '@/features/settings/use-cases/export-book';
import { importBook, previewBook } from '@/features/settings/use-cases/import-book';
import fc from 'fast-check';
import { openGone, openPage, readBook, type ReadBook } from '@/formats/book/read';
import { walkBook } from '@/formats/book/split';
import { bytesOf } from '@/formats/out-file';
import { failed } from '@/formats/wire';
import { migrated, temporaryFolder, writingTo } from './temporary-database';

const NOW = new Date('2027-01-13T12:00:00Z');
const AT = NOW.toISOString();
const JPEG = Buffer.from('ffd8ffe000104a46494600ffd9', 'hex');

interface BookFile {
  records: Record<string, Record<string, unknown>[]>;
  sha256?: string;
}

interface Cabin {
  folder: string;
  db: FrostDatabase;
}

async function cabin(withDemo = true): Promise<Cabin> {
  const folder = temporaryFolder();
  const db = await migrated(folder);
  if (withDemo) await seedDemo(db, NOW);
  return { folder, db };
}

async function bookOf({ folder }: Cabin, format: 'json' | 'zip' = 'json'): Promise<Uint8Array> {
  const file = exportBook(format, folder);
  if (!file.ok) throw new Error(file.error.message);
  return bytesOf(file.value);
}

async function meet(here: Cabin, book: Uint8Array, theirs: TakenTheirs = new Set()) {
  const done = await importBook(book, { theirs, write: writingTo(here.db) });
  if (!done.ok) throw new Error(JSON.stringify(done.error));
  return done.value;
}

/** A book without the order in which its records came in. */
function unordered(book: Uint8Array): Record<string, unknown> {
  const { records, gone } = JSON.parse(new TextDecoder().decode(book)) as {
    records: Record<string, unknown[]>;
    gone: unknown[];
  };
  return Object.fromEntries(
    Object.entries({ ...records, gone }).map(([name, list]) => [
      name,
      list.map((one) => JSON.stringify(one)).sort(),
    ]),
  );
}

let mine: Cabin;
beforeEach(async () => {
  mine = await cabin();
});
const reading = async ({ db }: Cabin) =>
  (await db.selectFrom('reading').select('id').executeTakeFirstOrThrow()).id;
const someSki = async ({ db }: Cabin) =>
  (await db.selectFrom('ski').select('id').orderBy('name').executeTakeFirstOrThrow()).id;

/** A book in which nothing stands. */
const NOTHING = { pages: [], gone: [], pictures: undefined };

describe('a book that is handed on', () => {
  it('goes into an empty cabin and comes out the same, byte by byte', async () => {
    const book = await bookOf(mine);
    const other = await cabin(false);
    const report = await meet(other, book);
    expect(report.conflicts).toEqual([]);
    expect(report.kinds.find(({ name }) => name === 'ski')).toMatchObject({ added: 30, same: 0 });
    expect(Buffer.from(await bookOf(other)).equals(book)).toBe(true);
  });

  it('takes its photos along as a ZIP, and says what is missing without', async () => {
    await addPhoto(mine.db, { id: 'p', readingId: await reading(mine), jpeg: JPEG, createdAt: AT });
    const zip = await bookOf(mine, 'zip');
    const [withPhotos, without] = [await cabin(false), await cabin(false)];
    expect((await meet(withPhotos, zip)).withoutPicture).toBe(0);
    expect(Buffer.from(await bookOf(withPhotos, 'zip')).equals(zip)).toBe(true);
    expect(await withPhotos.db.selectFrom('photo').select('jpeg').executeTakeFirst()).toEqual({
      jpeg: JPEG,
    });
    expect((await meet(without, await bookOf(mine))).withoutPicture).toBe(1);
    // What came without its picture comes with it the next time.
    expect((await meet(without, zip)).kinds.find(({ name }) => name === 'photo')).toMatchObject({
      added: 1,
    });
  });

  it('taken in twice adds nothing', async () => {
    const other = await cabin(false);
    await meet(other, await bookOf(mine));
    const before = await bookOf(other);
    const { kinds } = await meet(other, await bookOf(mine));
    expect(
      kinds.every(
        ({ added, changed, removed, conflicts }) => !(added + changed + removed + conflicts),
      ),
    ).toBe(true);
    expect(Buffer.from(await bookOf(other)).equals(before)).toBe(true);
  });

  it('is looked at without a change', async () => {
    const other = await cabin(false);
    const before = await bookOf(other);
    const preview = await previewBook(other.db, await bookOf(mine));
    expect(preview).toMatchObject({ ok: true });
    expect(Buffer.from(await bookOf(other)).equals(before)).toBe(true);
    expect(preview.ok && preview.value).toEqual(await meet(other, await bookOf(mine)));
  });
});

describe('two cabins that began with one book', () => {
  let other: Cabin;
  beforeEach(async () => {
    other = await cabin(false);
    await meet(other, await bookOf(mine));
  });

  it('become one without a double, whichever meets the other first', async () => {
    const skiId = await someSki(mine);
    for (const [where, id] of [
      [mine, 'a'],
      [other, 'b'],
    ] as const) {
      await addNote(where.db, {
        id: `note-${id}`,
        outingId: 'demo-tour',
        words: `Of ${id}`,
        createdAt: AT,
      });
      await addSkiEvent(where.db, {
        id: `km-${id}`,
        skiId,
        kind: 'kilometres',
        km: 12,
        atMs: NOW.getTime(),
      });
    }
    await markNote(mine.db, 'demo-note', AT);
    await other.db
      .updateTable('outing')
      .set({ name: 'Tour, moved', version: 2 })
      .where('id', '=', 'demo-tour')
      .execute();
    await saveSegments(mine.db, 'demo-forest', []).catch(() => undefined);
    const report = await meet(mine, await bookOf(other));
    expect(report.conflicts).toEqual([]);
    expect(report.changes).toMatchObject([
      {
        name: 'outing',
        columns: [{ column: 'name', theirs: 'Tour, moved' }, { column: 'version' }],
      },
    ]);
    await meet(other, await bookOf(mine));
    expect(unordered(await bookOf(other))).toEqual(unordered(await bookOf(mine)));
    const notes = await other.db
      .selectFrom('note')
      .select(['id', 'removed_at'])
      .orderBy('id')
      .execute();
    expect(notes).toEqual([
      { id: 'demo-note', removed_at: AT },
      { id: 'note-a', removed_at: null },
      { id: 'note-b', removed_at: null },
    ]);
  });

  it('what one removed stays removed, and what came back is back', async () => {
    const [kept, back] = (
      await mine.db.selectFrom('ski_event').select('id').limit(2).execute()
    ).map(({ id }) => id);
    const removed = await removeSkiEvent(mine.db, kept!);
    expect(removed).toBeDefined();
    const put = (await removeSkiEvent(mine.db, back!))!;
    await new Promise((resolve) => setTimeout(resolve, 5));
    await addSkiEvent(mine.db, put);
    const { kinds } = await meet(other, await bookOf(mine));
    expect(kinds.find(({ name }) => name === 'ski_event')).toMatchObject({ removed: 1 });
    const before = await bookOf(mine);
    await meet(mine, await bookOf(other));
    expect(unordered(await bookOf(mine))).toEqual(unordered(before));
    const ids = (await other.db.selectFrom('ski_event').select('id').execute()).map(({ id }) => id);
    expect(ids).not.toContain(kept);
    expect(ids).toContain(back);
  });

  it('leave to a person what both changed, and do not ask again', async () => {
    const wax = (where: Cabin, name: string) =>
      where.db.updateTable('product').set({ name, version: 2 }).where('id', '=', id).execute();
    const { id } = await mine.db.selectFrom('product').select('id').executeTakeFirstOrThrow();
    await wax(mine, 'Ours');
    await wax(other, 'Theirs');
    const report = await meet(mine, await bookOf(other));
    expect(report.conflicts).toMatchObject([
      {
        id: `product/${id}`,
        label: 'Ours',
        columns: [{ column: 'name', mine: 'Ours', theirs: 'Theirs' }],
      },
    ]);
    const nameIn = async ({ db }: Cabin) =>
      (await db.selectFrom('product').select('name').where('id', '=', id).executeTakeFirst())?.name;
    expect(await nameIn(mine)).toBe('Ours');
    expect((await meet(mine, await bookOf(other))).conflicts).toEqual([]);
    expect((await meet(other, await bookOf(mine))).changes).toMatchObject([{ label: 'Theirs' }]);
    expect(await nameIn(other)).toBe('Ours');
  });

  it('take the other record where a person says so', async () => {
    const { id } = await mine.db.selectFrom('skier').select('id').executeTakeFirstOrThrow();
    await other.db.updateTable('skier').set({ weight_kg: 73.5 }).where('id', '=', id).execute();
    const preview = await previewBook(mine.db, await bookOf(other));
    const [conflict] = preview.ok ? preview.value.conflicts : [];
    await meet(mine, await bookOf(other), new Set([conflict!.id]));
    expect(
      await mine.db.selectFrom('skier').select('weight_kg').where('id', '=', id).executeTakeFirst(),
    ).toEqual({ weight_kg: 73.5 });
  });

  it('a course goes along whole with its venue', async () => {
    const venueId = (
      await other.db.selectFrom('segment').select('venue_id').executeTakeFirstOrThrow()
    ).venue_id;
    const segments = await other.db
      .selectFrom('segment')
      .selectAll()
      .where('venue_id', '=', venueId)
      .execute();
    await other.db
      .deleteFrom('segment')
      .where('venue_id', '=', venueId)
      .where('position', '>', 0)
      .execute();
    await other.db
      .updateTable('venue')
      .set({ course_version: 9 })
      .where('id', '=', venueId)
      .execute();
    expect(segments.length).toBeGreaterThan(1);
    await meet(mine, await bookOf(other));
    expect(
      await mine.db.selectFrom('segment').selectAll().where('venue_id', '=', venueId).execute(),
    ).toHaveLength(1);
    expect(
      (await meet(mine, await bookOf(other))).kinds.find(({ name }) => name === 'course'),
    ).toMatchObject({ changed: 0, conflicts: 0 });
  });

  it('names that both wrote down for themselves are told', async () => {
    const [product] = await mine.db.selectFrom('product').selectAll().limit(1).execute();
    await mine.db
      .insertInto('product')
      .values({ ...product!, id: 'own', name: 'Loipe red' })
      .execute();
    await other.db
      .insertInto('product')
      .values({ ...product!, id: 'other', name: 'Loipe red' })
      .execute();
    expect((await meet(mine, await bookOf(other))).sameNames).toEqual([
      { name: 'product', label: 'Loipe red' },
    ]);
  });
});

describe('a file that is no book as it was written', () => {
  const refusal = async (bytes: Uint8Array) => {
    const before = await bookOf(mine);
    const [preview, done] = [
      await previewBook(mine.db, bytes),
      await importBook(bytes, { theirs: 'all', write: writingTo(mine.db) }),
    ];
    expect(Buffer.from(await bookOf(mine)).equals(before)).toBe(true);
    if (done.ok || preview.ok) throw new Error('It was taken in.');
    expect(preview.error).toEqual(done.error);
    return done.error;
  };
  const edited = (book: Uint8Array, change: (file: BookFile) => void) => {
    const file = JSON.parse(new TextDecoder().decode(book)) as BookFile;
    change(file);
    return Buffer.from(JSON.stringify(file));
  };

  it('cut off, or with any byte changed, it changes nothing', async () => {
    const other = await cabin();
    await addNote(other.db, { id: 'n', outingId: 'demo-tour', words: 'Fresh', createdAt: AT });
    const book = await bookOf(other);
    for (const at of [0, 1, 40, 5000, book.length >> 1, book.length - 100]) {
      expect((await refusal(book.slice(0, at))).code).toBe('invalid_file');
      const flipped = Buffer.from(book);
      flipped[at] = flipped[at]! ^ 1;
      expect((await refusal(flipped)).code).toBe('invalid_file');
    }
    const zip = await bookOf(other, 'zip');
    for (const at of [10, zip.length >> 1]) {
      const flipped = Buffer.from(zip);
      flipped[at] = flipped[at]! ^ 1;
      await refusal(flipped.subarray(0, zip.length - 30));
    }
  });

  it('with values that no record can have, each is told at its place', async () => {
    const book = await bookOf(mine);
    const wrong = await refusal(
      edited(book, (file) => {
        delete file.sha256;
        const { reading: readings, choice: choices, ski: skis } = file.records;
        readings![0]!.snow_temperature_c = 5;
        readings![1]!.grain = 'porridge';
        choices![0]!.inputs = {};
        skis![2]!.colour = 'red';
        skis![3]!.name = null;
      }),
    );
    expect(wrong.details).toMatchObject(
      expect.arrayContaining([
        expect.objectContaining({ field: 'records.reading[0].snow_temperature_c' }),
        expect.objectContaining({ field: 'records.reading[1].grain' }),
        expect.objectContaining({ field: 'records.choice[0].inputs' }),
        expect.objectContaining({ field: 'records.ski[2]' }),
        expect.objectContaining({ field: 'records.ski[3].name' }),
      ]),
    );
  });

  it('of something else, of another version, or naming what is nowhere, it says so', async () => {
    const book = await bookOf(mine);
    expect((await refusal(Buffer.from('{}'))).message).toContain('not a book');
    expect((await refusal(Buffer.from('PK\u0003\u0004 no'))).message).toContain('ZIP');
    const newer = edited(book, (file) => Object.assign(file, { version: 3 }));
    expect((await refusal(newer)).message).toContain('another version');
    const strange = edited(book, (file) => Object.assign(file.records, { spaceship: [] }));
    expect((await refusal(strange)).message).toContain('spaceship');
    const orphan = edited(book, (file) => {
      delete file.sha256;
      const { records } = file;
      records.note![0]!.id = 'orphan';
      records.note![0]!.outing_id = 'nowhere';
    });
    expect((await refusal(orphan)).details).toMatchObject([{ field: 'records.note' }]);
  });

  it('costs no copy, and a copy that fails leaves the book out', async () => {
    const write = writingTo(mine.db);
    let copies = 0;
    const copy = async () => {
      copies += 1;
      return failed('storage_fault', 'No room.');
    };
    await importBook(Buffer.from('{}'), { theirs: new Set(), copy, write });
    expect(copies).toBe(0);
    const other = await cabin(false);
    const before = await bookOf(other);
    const book = await bookOf(mine);
    const done = await importBook(book, { theirs: new Set(), copy, write: writingTo(other.db) });
    expect(done).toMatchObject({ ok: false, error: { code: 'storage_fault' } });
    expect(Buffer.from(await bookOf(other)).equals(before)).toBe(true);
  });

  it('with an id that no address can hold is refused', async () => {
    for (const id of ['../../devices', 'a/b', '..', 'a?b', 'a;b', 'a%2e']) {
      const odd = edited(await bookOf(mine), (file) => {
        delete file.sha256;
        file.records.note![0]!.id = id;
      });
      const { details } = await refusal(odd);
      expect([id, details]).toMatchObject([id, [{ field: 'records.note[0].id' }]]);
    }
  });

  it('of lists in lists without end is refused like any other damage', async () => {
    const deep = `{"format":"frost-pick-book","version":1,"records":{"note":${'['.repeat(1e6)}${']'.repeat(1e6)}}}`;
    expect((await refusal(Buffer.from(deep))).code).toBe('invalid_file');
  });

  it('a ZIP that unpacks to more than may be is not unpacked', async () => {
    const { zipSync } = await import('fflate');
    const bomb = zipSync({ 'book.json': new Uint8Array(1_000_000) }, { level: 9 });
    expect(bomb.length).toBeLessThan(5000);
    const read = (most: number) => readBook(bomb, { records: most, all: most });
    expect(await read(900_000)).toMatchObject({ ok: false });
    expect(await read(1_000_000)).not.toEqual(await read(900_000));
    // One that says less of itself than comes out of it is ended there.
    const lies = Buffer.from(bomb);
    for (const at of [22, lies.indexOf(Buffer.from('504b0102', 'hex')) + 24]) {
      lies.writeUInt32LE(100, at);
    }
    expect(await readBook(lies)).toMatchObject({ ok: false, problems: [] });
  });

  it('comes in as its own export, with choices packed, and unpacked as older versions wrote them', async () => {
    const book = await bookOf(mine);
    const text = Buffer.from(book).toString('utf8');
    expect(text).toContain('"deflated":');
    const read = await readBook(book);
    if (!read.ok) throw new Error(read.message);
    const choices = (from: ReadBook) =>
      from.pages.filter(({ name }) => name === 'choice').flatMap((page) => openPage(from, page));
    const [choice] = choices(read.value) as unknown as [{ inputs: { products: unknown[] } }];
    expect(choice.inputs.products.length).toBeGreaterThan(5);
    const old = edited(book, (file) => {
      delete file.sha256;
      Object.assign(file, { version: 1 });
      (file.records as Record<string, unknown>).choice = choices(read.value);
    });
    const again = await readBook(old);
    expect(again.ok && choices(again.value)).toEqual(choices(read.value));
    const torn = edited(book, (file) => {
      delete file.sha256;
      file.records.choice![0]!.inputs = { deflated: 'AAAA' };
    });
    expect((await refusal(torn)).code).toBe('invalid_file');
  });

  it('that names one list twice is read to its end', async () => {
    const gone = (ref: string) =>
      `{"kind":"note","ref":"${ref}","gone_at":"2027-01-13T12:00:00Z","back_at":null}`;
    const text = `{"format":"frost-pick-book","version":1,"gone":[${gone('a')}],"records":{"note":[]},"gone":[${gone('b')}]}`;
    const read = await readBook(Buffer.from(text));
    if (!read.ok) throw new Error(read.message);
    const refs = read.value.gone.flatMap((page) => openGone(read.value, page));
    expect(refs.map(({ ref }) => ref)).toEqual(['a', 'b']);
  });

  it('is walked through as JSON is read, whatever stands in it', () => {
    const word = fc.string({ unit: 'binary' });
    const value = fc.jsonValue({ maxDepth: 4 });
    const books = fc.record({
      format: word,
      records: fc.dictionary(
        word.filter((key) => key !== '__proto__'),
        fc.array(value),
      ),
      gone: fc.array(value),
    });
    fc.assert(
      fc.property(books, fc.constantFrom(undefined, 1, '\t'), (book, space) => {
        const found = {
          format: '',
          records: {} as Record<string, unknown[]>,
          gone: [] as unknown[],
        };
        walkBook(Buffer.from(JSON.stringify(book, undefined, space)), {
          kind: (kind) => Boolean((found.records[kind] = [])),
          record: (kind, { json }) => Boolean(found.records[kind]!.push(JSON.parse(json!))),
          gone: ({ json }) => Boolean(found.gone.push(JSON.parse(json!))),
          noList: () => false,
          other: (key, said) => Boolean(Object.assign(found, { [key]: said })),
        });
        expect(found).toEqual(JSON.parse(JSON.stringify(book)));
      }),
    );
  });

  it('of many removals is taken in with pauses', async () => {
    const other = await cabin(false);
    const gone = Array.from({ length: 20_000 }, (_, i) => ({
      kind: 'note',
      ref: `note-${i}`,
      gone_at: '2027-01-13T12:00:00.000Z',
      back_at: null,
    }));
    let turns = 0;
    const count = setInterval(() => (turns += 1), 1);
    await mergeBook(other.db, { ...NOTHING, gone: [() => gone] }, new Set());
    clearInterval(count);
    expect(turns).toBeGreaterThan(20);
    const rows = await other.db.selectFrom('gone').select('ref').execute();
    expect(rows).toHaveLength(20_000);
  });
});

describe('what a book holds', () => {
  /** Made from other tables, kept for a time, or SQLite's and Kysely's own. */
  const AT_HOME = [
    'device',
    'gone',
    'hand',
    'hub_decided',
    'shared_document',
    'shared_held',
    'shared_picture',
    'shared_removal',
    'shared_session',
    'shared_touched',
    'hub_link',
    'hub_sent',
    'kysely_migration',
    'kysely_migration_lock',
    'log_entry',
    'log_text',
    'outlook',
    'segment',
    'write_key',
  ];

  it('is every table and every column but those that are named here', async () => {
    const { rows } = await sql<{ name: string }>`select name from sqlite_master where type = 'table'
      and name not like 'sqlite_%' and name not like 'log_text_%' order by name`.execute(mine.db);
    const names = rows.map(({ name }) => name).filter((name) => !AT_HOME.includes(name));
    expect(names).toEqual(BOOK_NAMES.filter((name) => name !== 'course').sort());
    for (const name of names as BookName[]) {
      const info = await sql<{ name: string }>`select name from pragma_table_info(${name})`.execute(
        mine.db,
      );
      const columns = info.rows
        .map((one) => one.name)
        .filter((one) => one !== 'jpeg' && one !== 'course_version');
      expect(Object.keys(columnsOf(name)).sort(), name).toEqual(columns.sort());
    }
  });
});

describe('meeting by rule', () => {
  it('an empty book changes nothing', async () => {
    const before = await bookOf(mine);
    await mergeBook(mine.db, NOTHING, 'all');
    expect(Buffer.from(await bookOf(mine)).equals(before)).toBe(true);
  });
});
