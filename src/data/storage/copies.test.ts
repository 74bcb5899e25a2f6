import { spawn, spawnSync } from 'node:child_process';
import {
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { databaseFile, inTransaction, openDatabase, type FrostDatabase } from '../database';
import { loadTeamSettings, saveTeamSettings } from '../team-settings';
import { copyIfDue } from '@/server/daily-copy';
import { copiesFolder, copyDatabase, listCopies, restoreCopy } from './copies';
import { migrateStorage } from './migrate';

const AT = new Date('2027-01-16T06:12:09Z');
const later = (days: number) => new Date(AT.getTime() + days * 86_400_000);
const day = (days: number) => ({ at: later(days), kind: 'day' as const });
let folder: string;
let open: FrostDatabase[];
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'frost-copies-'));
  open = [];
});
afterEach(async () => {
  for (const db of open) await db.destroy();
  rmSync(folder, { recursive: true });
});

async function started(): Promise<FrostDatabase> {
  const db = openDatabase(folder);
  open.push(db);
  await migrateStorage(db, folder, AT);
  return db;
}
async function ended(db: FrostDatabase): Promise<void> {
  open = open.filter((one) => one !== db);
  await db.destroy();
}
const refusal = async (work: Promise<unknown>) =>
  ((await work.catch((error: unknown) => error)) as { code?: string }).code;
const bases = async (db: FrostDatabase) => (await loadTeamSettings(db)).baseType;

describe('a copy of the database', () => {
  it('is made while the database is written, as it is at one moment, and checked', async () => {
    const db = await started();
    await saveTeamSettings(db, { baseType: 'extruded' });
    const copy = await inTransaction(db, async (transaction) => {
      await saveTeamSettings(transaction, { baseType: 'sintered' });
      return copyDatabase(folder, day(0));
    });
    expect(copy.at).toBe('2027-01-16T06:12:09Z');
    expect(copy.bytes).toBeGreaterThan(10_000);
    const read = new Database(copy.file, { readonly: true });
    const row = read.prepare("select value from team_setting where key = 'baseType'").get();
    read.close();
    // What was not committed yet is not in it.
    expect(row).toEqual({ value: '"extruded"' });
  });

  it('is kept with its like: days, presses and those of before push out their own alone', async () => {
    await started();
    for (let at = 0; at < 16; at += 1) await copyDatabase(folder, day(at));
    for (let at = 0; at < 7; at += 1) {
      await copyDatabase(folder, { at: later(15), kind: 'hand' });
      await copyDatabase(folder, { at: later(15 + at / 24), kind: 'before' });
    }
    const kept = listCopies(folder);
    const of = (kind: string) => kept.filter((one) => one.kind === kind);
    expect([of('day'), of('hand'), of('before')].map((one) => one.length)).toEqual([14, 5, 5]);
    expect(of('day')[0]!.at).toBe('2027-01-31T06:12:09Z');
    expect(of('day').at(-1)!.at).toBe('2027-01-18T06:12:09Z');
    // All of one second, each a file of its own.
    expect(new Set(of('hand').map(({ at }) => at)).size).toBe(1);
  });

  it('is not stopped, nor pushed out, by one that was made while the clock was wrong', async () => {
    await started();
    for (let at = 0; at < 14; at += 1) await copyDatabase(folder, day(at));
    expect(await copyIfDue(folder, later(3660).getTime())).toBe(true);
    expect(listCopies(folder)).toHaveLength(14);
    for (let at = 14; at < 34; at += 1) {
      expect([at, await copyIfDue(folder, later(at).getTime())]).toEqual([at, true]);
      expect([at, await copyIfDue(folder, later(at + 0.9).getTime())]).toEqual([at, false]);
    }
    expect(listCopies(folder).map(({ at }) => at)[0]).toBe('2027-02-18T06:12:09Z');
    expect(listCopies(folder)).toHaveLength(14);
  });

  it('is made beside another one of the same process', async () => {
    await started();
    const both = [day(0), { at: AT, kind: 'hand' as const }];
    await Promise.all(both.map((one) => copyDatabase(folder, one)));
    expect(listCopies(folder)).toHaveLength(2);
  });

  it('of an older version counts among the days', async () => {
    await started();
    const { file } = await copyDatabase(folder, day(0));
    renameSync(file, path.join(copiesFolder(folder), 'frost-pick-2027-01-15T06-12-09.db'));
    expect(listCopies(folder)).toMatchObject([{ kind: 'day', at: '2027-01-15T06:12:09Z' }]);
  });

  it('removes what an earlier kill left, and no file that is not its own', async () => {
    await started();
    const { file } = await copyDatabase(folder, day(0));
    writeFileSync(`${file}.unfinished`, 'half');
    writeFileSync(path.join(copiesFolder(folder), 'notes.txt'), 'mine');
    await copyDatabase(folder, day(1));
    expect(readdirSync(copiesFolder(folder)).sort()).toEqual([
      'frost-pick-day-2027-01-16T06-12-09.db',
      'frost-pick-day-2027-01-17T06-12-09.db',
      'notes.txt',
    ]);
  });
});

describe('restoring a copy', () => {
  it('brings back what was there, and keeps what is replaced', async () => {
    const db = await started();
    await saveTeamSettings(db, { baseType: 'extruded' });
    const copy = await copyDatabase(folder, day(0));
    await saveTeamSettings(db, { baseType: 'sintered' });
    await ended(db);
    const before = await restoreCopy(copy.file, { folder, at: later(1) });
    const again = await started();
    expect(await bases(again)).toBe('extruded');
    await ended(again);
    await restoreCopy(before!.file, { folder, at: later(2) });
    expect(await bases(await started())).toBe('sintered');
  });

  it('of the oldest there is brings it back, and it stays', async () => {
    const db = await started();
    await saveTeamSettings(db, { baseType: 'extruded' });
    for (let at = 0; at < 5; at += 1) {
      await copyDatabase(folder, { at: later(at), kind: 'before' });
    }
    await saveTeamSettings(db, { baseType: 'sintered' });
    await ended(db);
    const oldest = listCopies(folder).at(-1)!;
    await restoreCopy(oldest.file, { folder, at: later(9) });
    expect(await bases(await started())).toBe('extruded');
    expect(listCopies(folder)).toHaveLength(5);
  });

  it('is refused while the database is in use, and changes nothing', async () => {
    const db = await started();
    const copy = await copyDatabase(folder, day(0));
    await saveTeamSettings(db, { baseType: 'extruded' });
    expect(await refusal(restoreCopy(copy.file, { folder, at: later(1) }))).toBe('in_use');
    expect(await bases(db)).toBe('extruded');
    expect(listCopies(folder)).toHaveLength(1);
  });

  it('is refused for what is no good copy, each with its reason', async () => {
    const db = await started();
    const copy = await copyDatabase(folder, day(0));
    await saveTeamSettings(db, { baseType: 'extruded' });
    await ended(db);
    const file = (name: string) => path.join(folder, name);
    const codes: Record<string, string | undefined> = {};
    const attempt = async (name: string) => {
      codes[name] = await refusal(restoreCopy(file(name), { folder, at: later(1) }));
    };
    await attempt('none.db');
    writeFileSync(file('text.db'), 'not a database');
    await attempt('text.db');
    writeFileSync(file('short.db'), readFileSync(copy.file));
    truncateSync(file('short.db'), Math.floor(copy.bytes / 2));
    await attempt('short.db');
    const foreign = new Database(file('foreign.db'));
    foreign.exec('create table notes (text)');
    foreign.close();
    await attempt('foreign.db');
    writeFileSync(file('newer.db'), readFileSync(copy.file));
    const newer = new Database(file('newer.db'));
    newer.exec("insert into kysely_migration values ('9999-later', '2030-01-01')");
    newer.close();
    await attempt('newer.db');
    expect(codes).toEqual({
      'none.db': 'missing',
      'text.db': 'damaged',
      'short.db': 'damaged',
      'foreign.db': 'foreign',
      'newer.db': 'newer',
    });
    expect(await bases(await started())).toBe('extruded');
  });

  it('works over a database that is damaged itself, which is put aside', async () => {
    const db = await started();
    const copy = await copyDatabase(folder, day(0));
    await ended(db);
    writeFileSync(databaseFile(folder), 'broken');
    const before = await restoreCopy(copy.file, { folder, at: later(1) });
    expect(readFileSync(before!.file, 'utf8')).toBe('broken');
    expect(await bases(await started())).toBe('sintered');
  });
});

describe('the daily copy', () => {
  it('is made once a day', async () => {
    await started();
    expect(await copyIfDue(folder, AT.getTime())).toBe(true);
    expect(await copyIfDue(folder, AT.getTime() + 23 * 3_600_000)).toBe(false);
    expect(await copyIfDue(folder, later(1).getTime())).toBe(true);
    expect(listCopies(folder)).toHaveLength(2);
  });
});

describe('the commands', () => {
  const run = (script: string, ...rest: string[]) =>
    spawnSync(process.execPath, [`scripts/${script}.mjs`, '--data', folder, ...rest], {
      encoding: 'utf8',
    });

  it('copy a running database, restore a stopped one, and say what to do', async () => {
    expect(run('backup').stderr).toContain('There is no database in');
    const db = await started();
    await saveTeamSettings(db, { baseType: 'extruded' });
    const copied = run('backup');
    expect(copied.stdout).toMatch(/^Copied and checked: .*frost-pick-.*\.db \(\d+\.\d MB\)/);
    expect(run('restore').stderr).toContain('Say which copy');
    const [copy] = listCopies(folder);
    expect(run('restore', copy!.file).stderr).toContain('Stop Frost Pick first');
    await saveTeamSettings(db, { baseType: 'sintered' });
    await ended(db);
    const restored = run('restore', copy!.file);
    expect(restored.stdout).toContain('is the database now');
    expect(restored.status).toBe(0);
    expect(await bases(await started())).toBe('extruded');
  }, 120_000);

  it('killed at any moment lose nothing: the database stays, and the next copy is whole', async () => {
    const db = await started();
    await saveTeamSettings(db, { baseType: 'extruded' });
    // Large enough that a copy takes a while.
    const filler = new Database(databaseFile(folder));
    filler.exec(
      'create table filler (bytes blob); insert into filler values (zeroblob(150000000))',
    );
    filler.close();
    // Makes the program that the commands run.
    expect(run('backup').status).toBe(0);
    let met = 0;
    for (const afterMs of [0, 20, 40, 80, 120]) {
      const child = spawn(process.execPath, ['.next/copies.mjs', 'backup', folder]);
      const unfinished = () =>
        readdirSync(copiesFolder(folder)).some((name) => name.includes('unfinished'));
      while (child.exitCode === null && !unfinished()) {
        await new Promise((resolve) => setTimeout(resolve, 2));
      }
      await new Promise((resolve) => setTimeout(resolve, afterMs));
      child.kill('SIGKILL');
      await new Promise((resolve) => child.once('close', resolve));
      if (unfinished()) met += 1;
    }
    // Kills that came while the copy was being made.
    expect(met).toBeGreaterThan(0);
    expect(await bases(db)).toBe('extruded');
    const copy = await copyDatabase(folder, day(400));
    expect(existsSync(copy.file)).toBe(true);
    expect(readdirSync(copiesFolder(folder)).filter((name) => name.includes('unfinished'))).toEqual(
      [],
    );
    // Whatever copies the killed ones left are whole.
    for (const { file } of listCopies(folder)) {
      const read = new Database(file, { readonly: true });
      expect(read.pragma('integrity_check', { simple: true })).toBe('ok');
      read.close();
    }
  }, 120_000);
});
