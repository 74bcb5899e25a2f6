import { randomBytes } from 'node:crypto';
import { copyFileSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { gunzipSync } from 'node:zlib';
import { sql } from 'kysely';
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { startPostgres } from '../../scripts/lib/postgres.mjs';
import * as Y from 'yjs';
import { openDocument } from '@/core/shared-book';
import { databaseFile, type FrostDatabase } from '@/data/database';
import { seedDemo } from '@/data/demo/seed';
import { hubDecisions } from '@/data/hub-decided';
import { hubLink, linkHub } from '@/data/hub-link';
import { addNote, markNote } from '@/data/notes';
import { addPhoto } from '@/data/photos';
import { addSkiEvent, removeSkiEvent } from '@/data/ski-events';
import { packed } from '@/data/shared-book/documents';
import { heldBack } from '@/data/shared-book/held';
import { makeWholeAgain } from '@/data/storage/set-aside';
import { exportBook } from '@/features/settings/use-cases/export-book';
import { bytesOf } from '@/formats/out-file';
import { hubServer } from '@/hub/serve';
import type { Hub } from '@/hub/schema';
import { letCabinIn } from '@/hub/cabins';
import { openHub, prepareHub } from '@/hub/tables';
import { hubClient, HubRefusal, type HubClient } from '@/server/hub/hub-client';
import { syncOnce } from '@/server/hub/sync';
import { freePort } from '../browser/app';
import { migrated, temporaryFolder } from '../unit/temporary-database';

const NOW = new Date('2027-01-13T12:00:00Z');
const AT = NOW.toISOString();
const MINUTE_MS = 60_000;
const JPEG = Buffer.from('ffd8ffe000104a46494600ffd9', 'hex');

interface Cabin {
  name: string;
  folder: string;
  db: FrostDatabase;
  token: string;
  session: number;
  /** How wrong its clock is. */
  offMs: number;
}

let postgres: ReturnType<typeof startPostgres>;
let [hub, server, url] = [undefined as Hub | undefined, undefined as Server | undefined, ''];
let [count, sessions] = [0, 0];
let base: string;

beforeAll(async () => {
  postgres = startPostgres(await freePort());
});
afterAll(() => postgres.stop());

const admin = async (statement: string) => {
  const db = openHub(`${postgres.url}/postgres`);
  await sql.raw(statement).execute(db);
  await db.destroy();
};

/** Opens a database of the hub and listens. */
async function open(name: string): Promise<void> {
  hub = openHub(`${postgres.url}/${name}`);
  await prepareHub(hub);
  const made = hubServer(hub);
  server = made;
  const port = url === '' ? 0 : Number(new URL(url).port);
  await new Promise<void>((resolve) => made.listen(port, '127.0.0.1', resolve));
  url = `http://127.0.0.1:${(made.address() as AddressInfo).port}`;
}

async function close(): Promise<void> {
  server?.closeAllConnections();
  await new Promise((resolve) => (server ? server.close(resolve) : resolve(undefined)));
  await hub?.destroy();
}

beforeEach(async () => {
  await close();
  base = `hub_${(count += 1)}`;
  await admin(`create database ${base}`);
  await open(base);
});
afterAll(close);

/** A backup of the hub as it is now. */
async function backUp(): Promise<void> {
  await close();
  await admin(`create database ${base}_backup template ${base}`);
  await open(base);
}

/** The backup stands in the place of the hub. */
async function putBack(): Promise<void> {
  await close();
  await admin(`drop database ${base}`);
  await admin(`alter database ${base}_backup rename to ${base}`);
  await open(base);
}

async function cabin(name: string, { demo = false, offMs = 0 } = {}): Promise<Cabin> {
  const folder = temporaryFolder();
  const db = await migrated(folder);
  if (demo) await seedDemo(db, NOW);
  const token = await letCabinIn(hub!, name);
  await linkHub(db, { url, token });
  return { name, folder, db, token, offMs, session: (sessions += 1) };
}

const sync = ({ db, token, session }: Cabin) =>
  syncOnce({ db, hub: hubClient({ url, token }), session });

/** Exchanges until nobody has anything new; the rounds that it took. */
async function settle(cabins: readonly Cabin[]): Promise<number> {
  for (let round = 1; round < 10; round += 1) {
    let came = 0;
    for (const one of cabins) came += (await sync(one)) ?? 0;
    if (came === 0) return round;
  }
  throw new Error('They never agree.');
}

async function bookOf({ folder }: Cabin): Promise<Record<string, unknown[]>> {
  const file = exportBook('json', folder);
  if (!file.ok) throw new Error(file.error.message);
  const text = new TextDecoder().decode(await bytesOf(file.value));
  const { records, gone } = JSON.parse(text) as {
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

async function expectAlike(cabins: readonly Cabin[]): Promise<void> {
  for (const { db } of cabins) expect(await heldBack(db)).toEqual([]);
  const [first, ...others] = await Promise.all(cabins.map(bookOf));
  for (const other of others) expect(other).toEqual(first);
}

const note = (where: Cabin, id: string, words = `Of ${id}`) =>
  addNote(where.db, {
    id,
    outingId: 'demo-tour',
    words,
    createdAt: new Date(NOW.getTime() + where.offMs).toISOString(),
  });
const notesOf = async ({ db }: Cabin) =>
  (await db.selectFrom('note').select(['id', 'removed_at']).orderBy('id').execute()).map(
    ({ id, removed_at }) => (removed_at ? `${id} removed` : id),
  );

const outing = ({ db }: Cabin, id: string) =>
  db.selectFrom('outing').selectAll().where('id', '=', id).executeTakeFirstOrThrow();

describe('three cabins over a hub', () => {
  it('end with the same book after a week apart, with clocks off by minutes', async () => {
    const a = await cabin('Alm', { demo: true });
    const b = await cabin('Bach', { offMs: 7 * MINUTE_MS });
    const c = await cabin('Cort', { offMs: -11 * MINUTE_MS });
    await settle([a, b, c]);
    await expectAlike([a, b, c]);

    // A week in which nobody reaches the hub.
    for (const [where, id] of [
      [a, 'note-a'],
      [b, 'note-b'],
      [c, 'note-c'],
    ] as const) {
      await note(where, id);
      await addSkiEvent(where.db, {
        id: `km-${id}`,
        skiId: 'demo-ski-ilo-skate',
        kind: 'kilometres',
        km: 10,
        atMs: NOW.getTime(),
      });
    }
    await markNote(b.db, 'demo-note', AT);
    const removed = (await c.db.selectFrom('ski_event').select('id').executeTakeFirstOrThrow()).id;
    await removeSkiEvent(c.db, removed);
    const reading = (await a.db.selectFrom('reading').select('id').executeTakeFirstOrThrow()).id;
    await addPhoto(a.db, { id: 'photo-a', readingId: reading, jpeg: JPEG, createdAt: AT });
    // All three changed the name of one outing.
    for (const where of [a, b, c]) {
      await where.db
        .updateTable('outing')
        .set({ name: `Tour of ${where.name}`, version: 2 })
        .where('id', '=', 'demo-tour')
        .execute();
    }
    await settle([a, b, c]);
    await expectAlike([a, b, c]);
    expect(await notesOf(c)).toEqual(['demo-note removed', 'note-a', 'note-b', 'note-c']);
    // Each name that was replaced is told, with the one that came in its place.
    const lists = await Promise.all([a, b, c].map(({ db }) => hubDecisions(db)));
    const names = lists.flat().map(({ difference: { columns, isTaken } }) => {
      const { mine, theirs } = columns.find(({ column }) => column === 'name')!;
      return isTaken ? { stands: theirs, gave: mine } : { stands: mine, gave: theirs };
    });
    const stands = (await outing(a, 'demo-tour')).name;
    expect(stands).toBe('Tour of Cort');
    expect([...new Set(names.map(({ gave }) => gave))].sort()).toEqual([
      'Tour of Alm',
      'Tour of Bach',
    ]);
    expect(names.map((one) => one.stands)).toContain(stands);
    const kilometres = await b.db
      .selectFrom('ski_event')
      .select('id')
      .where('id', 'like', 'km-note-%')
      .execute();
    expect(kilometres).toHaveLength(3);
    const picture = await c.db
      .selectFrom('photo')
      .selectAll()
      .where('id', '=', 'photo-a')
      .execute();
    expect(Buffer.from(picture[0]!.jpeg).equals(JPEG)).toBe(true);
    const gone = await a.db
      .selectFrom('ski_event')
      .select('id')
      .where('id', '=', removed)
      .execute();
    expect(gone).toEqual([]);
    expect(await settle([a, b, c])).toBe(1);
  });

  it('lose nothing and double nothing when the hub is put back to an older state', async () => {
    const a = await cabin('Alm', { demo: true });
    const b = await cabin('Bach');
    await settle([a, b]);
    await backUp();
    await note(a, 'note-lost');
    await note(b, 'note-too');
    await settle([a, b]);
    // The backup stands in its place, and others push to it before those two come again.
    await putBack();
    const c = await cabin('Cort');
    await note(a, 'note-after');
    await settle([c]);
    await settle([a, b, c]);
    await expectAlike([a, b, c]);
    expect(await notesOf(c)).toEqual(['demo-note', 'note-after', 'note-lost', 'note-too']);
  });

  it('work without it, and go on where they stopped', async () => {
    const a = await cabin('Alm', { demo: true });
    const b = await cabin('Bach');
    await settle([a, b]);
    await close();
    await note(a, 'note-alone');
    await expect(sync(a)).rejects.toThrow(HubRefusal);
    await expect(sync(a)).rejects.toMatchObject({ problem: 'unreachable' });
    await open(base);
    // An answer that is lost after the hub took it: the same is pushed again.
    const client = hubClient({ url, token: a.token });
    const lossy: HubClient = {
      ...client,
      push: async (...pushed) => {
        await client.push(...pushed);
        throw new HubRefusal('unreachable');
      },
    };
    const { db, session } = a;
    await expect(syncOnce({ db, session, hub: lossy })).rejects.toThrow(HubRefusal);
    await settle([a, b]);
    await expectAlike([a, b]);
    expect((await hubLink(a.db))?.agreedAt).not.toBeNull();
  });

  it('are let in by their token alone, and a hub that sends nonsense changes nothing', async () => {
    const a = await cabin('Alm', { demo: true });
    const stranger = hubClient({ url, token: 'x'.repeat(43) });
    await expect(stranger.pull(1, null)).rejects.toMatchObject({ problem: 'not_let_in' });
    for (const [path, status] of [
      ['/v2/push', 422],
      ['/v2/hasOwnProperty', 404],
      ['/v1/push', 426],
    ] as const) {
      const bad = await fetch(`${url}${path}`, {
        method: 'POST',
        headers: { authorization: `Bearer ${a.token}` },
        body: '{"session":1,"isRelay":false,"parts":[{"document":1}]}',
      });
      expect([path, bad.status]).toEqual([path, status]);
    }
    await settle([a]);
    const before = await bookOf(a);
    const part = { cabin: 'Evil', document: 'note/2027' };
    const nonsense = [
      { ...part, update: 'nothing' },
      { ...part, update: packed(Buffer.from('no update at all')).toString('base64') },
    ];
    const cursor = { seq: '9', stamp: 'b' };
    const lying: HubClient = {
      ...hubClient({ url, token: a.token }),
      pull: () => Promise.resolve({ parts: nonsense, cursor, isMore: false }),
    };
    await syncOnce({ db: a.db, session: a.session, hub: lying });
    expect(await bookOf(a)).toEqual(before);
  });
});

/** A cabin as an older version left it: its book, what it had exchanged, and what it wrote since. */
async function frozen(name: string): Promise<Cabin> {
  const folder = temporaryFolder();
  const packedFile = readFileSync(
    path.join(import.meta.dirname, 'fixtures', `cabin-${name}.db.gz`),
  );
  writeFileSync(databaseFile(folder), gunzipSync(packedFile));
  makeWholeAgain(databaseFile(folder));
  const db = await migrated(folder);
  const link = (await hubLink(db))!;
  await db.updateTable('hub_link').set({ url }).execute();
  return { name, folder, db, token: link.token, offMs: 0, session: (sessions += 1) };
}

/** The hub as an older version left it. */
async function frozenHub(): Promise<void> {
  const packedFile = readFileSync(path.join(import.meta.dirname, 'fixtures', 'hub.json.gz'));
  const { cabin: cabinRows, record } = JSON.parse(gunzipSync(packedFile).toString('utf8')) as {
    cabin: { name: string; token_hash: string }[];
    record: Record<string, string | null>[];
  };
  for (const table of ['cabin', 'session', 'part', 'document', 'picture']) {
    await sql`drop table ${sql.table(table)}`.execute(hub!);
  }
  await sql`create table cabin (name text primary key, token_hash text not null unique)`.execute(
    hub!,
  );
  await sql`create table record (cabin text not null, kind text not null, ref text not null,
    batch bigint not null, json text not null, picture text, primary key (cabin, kind, ref))`.execute(
    hub!,
  );
  for (const row of cabinRows) {
    await sql`insert into cabin values (${row.name}, ${row.token_hash})`.execute(hub!);
  }
  for (const { cabin: by, kind, ref, batch, json, picture } of record) {
    await sql`insert into record values (${by}, ${kind}, ${ref}, ${batch}, ${json}, ${picture})`.execute(
      hub!,
    );
  }
}

describe('an older version', () => {
  /** What each cabin wrote before it was upgraded, and had not exchanged. */
  async function expectAllThere(cabins: readonly Cabin[]): Promise<void> {
    await settle(cabins);
    await expectAlike(cabins);
    for (const one of cabins) {
      expect(await notesOf(one)).toEqual([
        'demo-note',
        'note-alone-a',
        'note-alone-b',
        'note-first removed',
      ]);
      const weights = await one.db
        .selectFrom('skier')
        .select(['weight_kg', 'note'])
        .orderBy('id')
        .limit(3)
        .execute();
      expect(weights.map(({ weight_kg }) => weight_kg)).toEqual([61.5, 71.5, null]);
      expect(weights[2]!.note).toBe('B');
      const products = await one.db.selectFrom('product').select(['id', 'price']).execute();
      expect(products.map(({ id }) => id)).not.toContain('demo-base-cleaner');
      expect(products.find(({ id }) => id === 'demo-base-liquid')!.price).toBe(99);
      const photo = await one.db.selectFrom('photo').select('jpeg').executeTakeFirstOrThrow();
      expect(Buffer.from(photo.jpeg).equals(JPEG)).toBe(true);
      expect(await hubDecisions(one.db)).toEqual([]);
    }
  }

  it('of the hub is taken over, and of both cabins in either order, without a loss', async () => {
    await frozenHub();
    await close();
    await open(base);
    const b = await frozen('bach');
    await settle([b]);
    const a = await frozen('alm');
    await expectAllThere([a, b]);
    expect((await sql`select 1 from record`.execute(hub!)).rows.length).toBeGreaterThan(100);
    await close();
    // Started again it takes nothing over a second time.
    await open(base);
    await expectAllThere([b, a]);
  });

  it('of one cabin works alone beside the new hub, and of the hub beside a new cabin', async () => {
    await frozenHub();
    await close();
    await open(base);
    const a = await frozen('alm');
    await settle([a]);
    // What the older cabin asks is not answered; it goes on with its own book.
    const older = await fetch(`${url}/v1/pull`, {
      method: 'POST',
      headers: { authorization: `Bearer ${a.token}` },
      body: '{"after":null}',
    });
    expect(older.status).toBe(426);
    const b = await frozen('bach');
    await expectAllThere([a, b]);
    const oldHub = createServer((_asked, answer) => answer.writeHead(404).end('{}'));
    await new Promise<void>((resolve) => oldHub.listen(0, '127.0.0.1', resolve));
    const address = `http://127.0.0.1:${(oldHub.address() as AddressInfo).port}`;
    const before = await bookOf(a);
    const asked = syncOnce({
      db: a.db,
      session: a.session,
      hub: hubClient({ url: address, token: a.token }),
    });
    await expect(asked).rejects.toMatchObject({ problem: 'older' });
    expect(await bookOf(a)).toEqual(before);
    oldHub.close();
  });
});

describe('one token', () => {
  it('on two computers is told on both, and both books stay whole', async () => {
    const a = await cabin('Alm', { demo: true });
    await settle([a]);
    const folder = temporaryFolder();
    await sql.raw('pragma wal_checkpoint(truncate)').execute(a.db);
    copyFileSync(databaseFile(a.folder), databaseFile(folder));
    makeWholeAgain(databaseFile(folder));
    const twin = { ...a, folder, db: await migrated(folder), session: (sessions += 1) };
    await note(a, 'of-the-first');
    await note(twin, 'of-the-second');
    await settle([a, twin]);
    await settle([a, twin]);
    await expectAlike([a, twin]);
    expect(await notesOf(a)).toEqual(['demo-note', 'of-the-first', 'of-the-second']);
    for (const { db } of [a, twin]) expect((await hubLink(db))?.twinAt).not.toBeNull();
    // It is noted once an hour, not each time: every write lets others fetch their pages anew.
    const rendered = (await hubLink(a.db))?.twinAt;
    await settle([twin, a]);
    expect((await hubLink(a.db))?.twinAt).toBe(rendered);
    const other = await cabin('Bach');
    await settle([other]);
    expect((await hubLink(other.db))?.twinAt).toBeNull();
  });

  it('cannot write by the numbers of another cabin, nor more than its share', async () => {
    const a = await cabin('Alm', { demo: true });
    await settle([a]);
    const token = await letCabinIn(hub!, 'Evil');
    const evil = hubClient({ url, token });
    await expect(evil.hello({ session: a.session, cursors: [] })).rejects.toThrow('not_yours');
    const forged = openDocument(undefined, a.session);
    for (let i = 0; i < 999; i += 1) forged.getMap('x').set(`field ${i}`, 1);
    const update = packed(Y.encodeStateAsUpdate(forged)).toString('base64');
    const parts = [{ document: 'glove/2027', update }];
    for (const isRelay of [false, true]) {
      await expect(evil.push(77, parts, isRelay)).rejects.toThrow('not_yours');
    }
    server!.closeAllConnections();
    await new Promise((resolve) => server!.close(resolve));
    const made = hubServer(hub!, { mostBytes: 2000 });
    server = made;
    await new Promise<void>((resolve) =>
      made.listen(Number(new URL(url).port), '127.0.0.1', resolve),
    );
    const noise = openDocument(undefined, 78);
    noise.getMap('x').set('noise', randomBytes(4000).toString('base64'));
    const large = packed(Y.encodeStateAsUpdate(noise)).toString('base64');
    await expect(evil.push(78, [{ document: 'glove', update: large }], false)).rejects.toThrow(
      'full',
    );
  });

  it('reads a long history in bounded answers', async () => {
    const a = await cabin('Alm');
    const client = hubClient({ url, token: a.token });
    for (let i = 0; i < 7; i += 1) {
      const document = openDocument(undefined, 500 + i);
      document.getMap('x').set('noise', randomBytes(1_000_000).toString('base64'));
      const update = packed(Y.encodeStateAsUpdate(document)).toString('base64');
      await client.push(500 + i, [{ document: `glove/${i}`, update }], false);
    }
    const first = await client.pull(1, { seq: '0', stamp: '' });
    expect([first.isMore, first.parts.length]).toEqual([true, 3]);
    const whole = await client.pull(1, null);
    expect([whole.isMore, whole.parts.length]).toEqual([true, 3]);
    const rest = await client.pull(1, whole.cursor);
    expect([rest.isMore, rest.parts.length]).toEqual([true, 3]);
  });
});

describe('a hub that forgot what is long ago', () => {
  it('is asked once for what it has, and the cabin reads on from there', async () => {
    const a = await cabin('Alm', { demo: true });
    const b = await cabin('Bach');
    await settle([a, b]);
    await note(a, 'before');
    await settle([a, b]);
    await hub!.deleteFrom('part').execute();
    const client = hubClient({ url, token: b.token });
    const vectors = vi.fn(client.vectors);
    const pulls = vi.fn(client.pull);
    const again = () =>
      syncOnce({ db: b.db, session: b.session, hub: { ...client, vectors, pull: pulls } });
    for (let i = 0; i < 3; i += 1) await again();
    expect(vectors).toHaveBeenCalledTimes(1);
    expect(pulls.mock.calls.filter(([, after]) => after === null)).toHaveLength(1);
    await note(b, 'after');
    await settle([b, a]);
    await expectAlike([a, b]);
    expect(await notesOf(a)).toEqual(['after', 'before', 'demo-note']);
  });
});

describe('a cabin that never comes again', () => {
  it('is not lost with the hub: the others hand in what it wrote', async () => {
    const a = await cabin('Alm', { demo: true });
    const b = await cabin('Bach');
    await settle([a, b]);
    await backUp();
    await note(a, 'last-word');
    await settle([a, b]);
    await putBack();
    await hub!
      .updateTable('cabin')
      .set({ seen_at: new Date(0) })
      .where('name', '=', 'Alm')
      .execute();
    const c = await cabin('Cort');
    await settle([b, c]);
    expect(await notesOf(c)).toContain('last-word');
  });
});
