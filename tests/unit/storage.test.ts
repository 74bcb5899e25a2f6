import { spawnSync } from 'node:child_process';
import { chmodSync, closeSync, openSync, writeSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { Migrator, sql } from 'kysely';
import { describe, expect, it, vi } from 'vitest';
import { DomainError } from '@/core/errors';
import { Overload, StorageFault } from '@/core/faults';
import { openChecked, openDatabase, FolderRefusal } from '@/data/database';
import { seedDemo } from '@/data/demo/seed';
import { completed, type BookRecord } from '@/core/book';
import { MIGRATIONS } from '@/data/migrations';
import { listStockMoves } from '@/data/stock';
import { findVenue, saveVenue } from '@/data/venues';
import { migrateStorage, MigrationRefusal } from '@/data/storage/migrate';
import { listOutings } from '@/data/outings';
import { addReadings, listReadings } from '@/data/readings';
import { answered, answerRoute } from '@/formats/wire';
import { refusalWords } from '../../host/prepare-data';
import { bundleChild } from '../attack/storage';
import { migrated, temporaryDatabase, temporaryFolder } from './temporary-database';

const NOW = new Date('2027-01-13T12:00:00Z');

async function seededFolder(): Promise<string> {
  const folder = temporaryFolder();
  const db = await migrated(folder);
  await seedDemo(db, NOW);
  await db.destroy();
  return folder;
}

/** Overwrites the pages of a table with noise: wherever they lie, the schema stays whole. */
function damage(folder: string, table: string): void {
  const file = path.join(folder, 'frost-pick.db');
  const db = new Database(file);
  db.pragma('wal_checkpoint(truncate)');
  const pages = db
    .prepare<[string], { pgoffset: number; pgsize: number }>(
      "select pgoffset, pgsize from dbstat where name = ? and pagetype = 'leaf'",
    )
    .all(table);
  db.close();
  const handle = openSync(file, 'r+');
  for (const { pgoffset, pgsize } of pages) {
    writeSync(handle, Buffer.alloc(pgsize, 0x5a), 0, pgsize, pgoffset);
  }
  closeSync(handle);
}

describe('the database file', () => {
  it('is whole and writable as a rule', async () => {
    expect(openChecked(await seededFolder()).health).toEqual({ isWritable: true });
  });

  it('with damaged pages is shown as far as it can be read, and acknowledges nothing', async () => {
    const folder = await seededFolder();
    damage(folder, 'weather');
    const { db, health } = openChecked(folder);
    expect(health).toMatchObject({ isWritable: false, code: 'storage_damaged' });
    expect(await listOutings(db)).toHaveLength(3);
    const [reading] = await listReadings(db, 'demo-relay').catch(() => []);
    const row = { ...reading!, id: 'lost' };
    const answer = await answered(async () => {
      await sql`update team_setting set value = value`.execute(db);
      await addReadings(db, [row]);
      return { ok: true as const, value: null };
    });
    expect(answer).toMatchObject({ ok: false });
    expect(!answer.ok && answer.error.message).toContain('nothing was saved');
  });

  it('on a full disk says so, and nothing of the write stays', async () => {
    const db = await temporaryDatabase();
    const pages = (await sql<{ page_count: number }>`pragma page_count`.execute(db)).rows[0]!;
    await sql.raw(`pragma max_page_count = ${pages.page_count}`).execute(db);
    const [reading] = await listReadings(db, 'demo-relay');
    const many = Array.from({ length: 4000 }, (_, i) => ({ ...reading!, id: `full-${i}` }));
    const response = await answerRoute(async () => {
      await addReadings(db, many);
      return { ok: true, value: null };
    });
    expect(response.status).toBe(507);
    const { code, message } = (await response.json()) as { code: string; message: string };
    expect(code).toBe('storage_full');
    expect(message).toContain('nothing was saved');
    expect(await listReadings(db, 'demo-relay')).toHaveLength(3);
    // Within a transaction SQLite rolls back itself; what went wrong is still told.
    const within = await answerRoute(async () => {
      await db.transaction().execute((transaction) => addReadings(transaction, many));
      return { ok: true, value: null };
    });
    expect(within.status).toBe(507);
    // With room again it goes on.
    await sql`pragma max_page_count = 1000000`.execute(db);
    await db.transaction().execute((transaction) => addReadings(transaction, many.slice(0, 10)));
    expect(await listReadings(db, 'demo-relay')).toHaveLength(13);
  });
});

const NOBODY = 65_534;
const isRoot = process.getuid?.() === 0;

it.runIf(isRoot)(
  'a log that another user owns: what is stored is shown, and nothing is acknowledged',
  async () => {
    const folder = await seededFolder();
    // As older versions left it: the folder and its file are open to all, the log beside it is root's to write.
    const keeper = openDatabase(folder);
    await sql`update team_setting set value = value`.execute(keeper);
    chmodSync(folder, 0o777);
    chmodSync(path.join(folder, 'frost-pick.db'), 0o666);
    for (const tail of ['-wal', '-shm'])
      chmodSync(path.join(folder, `frost-pick.db${tail}`), 0o644);
    const child = await bundleChild('health-child');
    const { stdout, stderr } = spawnSync(process.execPath, [child, folder], {
      uid: NOBODY,
      gid: NOBODY,
      encoding: 'utf8',
    });
    await keeper.destroy();
    const said = JSON.parse(stdout || JSON.stringify({ stderr })) as {
      health: { isWritable: boolean };
      written: { ok: boolean; error?: { message: string } };
    };
    expect(said.health).toMatchObject({ isWritable: false });
    expect(said.written.error?.message).toContain('Nothing was saved');
  },
);

describe('what goes wrong', () => {
  it('is answered with a code and a sentence, also when nobody foresaw it', async () => {
    const log = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const codeOf = async (error: Error) => {
      const response = await answerRoute(() => Promise.reject(error));
      const { code } = (await response.json()) as { code: string };
      return [response.status, code, response.headers.get('retry-after')];
    };
    expect(await codeOf(new StorageFault('storage_busy', 'locked'))).toEqual([
      503,
      'storage_busy',
      null,
    ]);
    expect(await codeOf(new Overload(2))).toEqual([503, 'busy', '2']);
    expect(await codeOf(new TypeError('secret path'))).toEqual([500, 'failed', null]);
    expect(log).toHaveBeenCalledTimes(1);
    log.mockRestore();
  });

  it('at a start is one sentence that says what to do', () => {
    for (const error of [
      new FolderRefusal('/x'),
      new MigrationRefusal('newer', ''),
      new MigrationRefusal('no_copy', 'disk full'),
      new MigrationRefusal('failed', 'x'),
      new StorageFault('storage_damaged', 'x'),
    ]) {
      expect(refusalWords(error, '/data')).toMatch(/--data FOLDER|start that version|start again/);
    }
    expect(refusalWords(new DomainError({ code: 'bad_time' }, 'y', 1), '/data')).toBeUndefined();
  });
});

it('a migration that fails leaves the version before, and is refused', async () => {
  const folder = await seededFolder();
  const db = openDatabase(folder);
  await sql`delete from kysely_migration where name = '0005-safe-ground'`.execute(db);
  // A row in a table of the next version is not thrown away: somebody wrote it.
  await sql`insert into write_key values ('k', 'd', 'a', 't')`.execute(db);
  await expect(migrateStorage(db, folder, NOW)).rejects.toBeInstanceOf(MigrationRefusal);
  expect((await sql`select * from write_key`.execute(db)).rows).toHaveLength(1);
  expect(await listOutings(db)).toHaveLength(3);
});

/** A database as it was before a migration. */
async function before(first: string) {
  const folder = temporaryFolder();
  const db = openDatabase(folder);
  const earlier = Object.entries(MIGRATIONS).filter(([name]) => name < first);
  await new Migrator({
    db,
    provider: { getMigrations: () => Promise.resolve(Object.fromEntries(earlier)) },
  }).migrateToLatest();
  return { folder, db };
}

it('a venue keeps its place when a place may be left out, and may lose it from then on', async () => {
  const { folder, db } = await before('0008-front-door');
  await sql`insert into venue (id, name, altitude_m, latitude, longitude, time_zone, own_correction_c)
    values ('v', 'Old hill', 812, 46.61, -10.19, 'UTC', 0.5)`.execute(db);
  await migrateStorage(db, folder, NOW);
  const kept = { id: 'v', name: 'Old hill', timeZone: 'UTC', ownCorrectionC: 0.5 };
  const place = { altitudeM: 812, latitude: 46.61, longitude: -10.19 };
  expect(await findVenue(db, 'v')).toMatchObject({ ...kept, ...place });
  await saveVenue(db, kept);
  const bare = (await findVenue(db, 'v'))!;
  expect([bare.altitudeM, bare.latitude, bare.longitude]).toEqual([
    undefined,
    undefined,
    undefined,
  ]);
});

it('grams that an undone step gave back are known as that, in whichever language it was noted', async () => {
  const { folder, db } = await before('0021-undone-grams');
  await sql`insert into product (id, name, form, label_low_c, label_high_c, additives)
    values ('p', 'Cold', 'block', -12, -6, '[]')`.execute(db);
  const notes = [
    'Cold: Wax on',
    'Cold: Wax on, undone',
    'x, angret',
    'x, zurückgenommen',
    'Weighed',
  ];
  for (const [i, note] of notes.entries()) {
    await sql`insert into stock_move (id, product_id, kind, grams, note, at)
      values (${`m${i}`}, 'p', ${i === 0 ? 'used' : 'corrected'}, 3, ${note}, '2027-01-13')`.execute(
      db,
    );
  }
  const { rows: old } = await sql<BookRecord>`select * from stock_move order by id`.execute(db);
  await migrateStorage(db, folder, NOW);
  const moves = (await listStockMoves(db, 'p')).sort((a, b) => a.id.localeCompare(b.id));
  const isUndo = [false, true, true, true, false];
  expect(moves.map((one) => one.isUndo)).toEqual(isUndo);
  // A record of an older book, or of a cabin not yet upgraded, comes to the same.
  const known = old.map((record) => completed('stock_move', record).is_undo);
  expect(known).toEqual(isUndo.map(Number));
  // They still never change.
  await expect(sql`update stock_move set grams = 1`.execute(db)).rejects.toThrow('append-only');
});
