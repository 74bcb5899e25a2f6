import {
  copyFileSync,
  existsSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { databaseFile, openChecked, type OpenedDatabase } from '../database';
import { loadTeamSettings, saveTeamSettings } from '../team-settings';
import { migrateStorage } from './migrate';
import { makeWholeAgain, setAside } from './set-aside';
import { readLog } from './wal';

const AT = new Date('2027-01-16T06:12:09Z');
let folder: string;
let open: OpenedDatabase[];
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'frost-log-'));
  open = [];
});
afterEach(() => {
  for (const one of open) one.close();
  rmSync(folder, { recursive: true });
});

async function started(where = folder): Promise<OpenedDatabase> {
  const one = openChecked(where);
  open.push(one);
  if (one.health.isWritable) await migrateStorage(one.db, where, AT);
  return one;
}
const file = () => databaseFile(folder);
const log = () => `${file()}-wal`;
const other = () => mkdtempSync(path.join(folder, 'other-'));

/** The files of a running app, as a kill leaves them: copied into a folder of their own. */
async function killed({ withLog = true } = {}): Promise<string> {
  const app = await started();
  app.intoOneFile();
  await saveTeamSettings(app.db, { baseType: 'extruded' });
  const where = other();
  copyFileSync(file(), databaseFile(where));
  if (withLog) copyFileSync(log(), `${databaseFile(where)}-wal`);
  return where;
}
const bases = async ({ db }: OpenedDatabase) => (await loadTeamSettings(db)).baseType;

describe('the one file of a database', () => {
  it('holds the whole book once the app has ended', async () => {
    const app = await started();
    await saveTeamSettings(app.db, { baseType: 'extruded' });
    app.close();
    const where = other();
    copyFileSync(file(), databaseFile(where));
    const again = await started(where);
    expect(again.health).toEqual({ isWritable: true });
    expect(await bases(again)).toBe('extruded');
  });

  it('holds what was written while nobody reads, also before the end', async () => {
    const app = await started();
    await saveTeamSettings(app.db, { baseType: 'extruded' });
    expect(app.intoOneFile()).toBe(true);
    // It holds its beginning alone: one page, with the id of the file.
    expect(readLog(readFileSync(log()))).toMatchObject({ commits: 1, lostCommits: 0 });
    const copy = path.join(folder, 'copy.db');
    copyFileSync(file(), copy);
    const read = new Database(copy, { readonly: true });
    const row = read.prepare("select value from team_setting where key = 'baseType'").pluck();
    expect(row.get()).toBe('"extruded"');
    read.close();
    // A reader is not waited for.
    await saveTeamSettings(app.db, { baseType: 'sintered' });
    const reader = new Database(file(), { readonly: true });
    reader.exec('begin');
    reader.prepare('select count(*) from team_setting').get();
    expect(app.intoOneFile()).toBe(false);
    reader.close();
    expect(app.intoOneFile()).toBe(true);
  });

  it('is whole after a kill, with its log', async () => {
    const again = await started(await killed());
    expect(again.health).toEqual({ isWritable: true });
    expect(await bases(again)).toBe('extruded');
  });
});

describe('a log that is not there as it was', () => {
  it('is missed: the file says that there was one', async () => {
    const where = await killed({ withLog: false });
    const again = await started(where);
    expect(again.health).toMatchObject({ isWritable: false, code: 'log_missing' });
    expect(await bases(again)).toBe('sintered');
  });

  it('is seen to be damaged, wherever a byte of a saved change is wrong', async () => {
    const where = await killed();
    const whole = readFileSync(`${databaseFile(where)}-wal`);
    expect(readLog(whole)).toMatchObject({ lostCommits: 0 });
    const { commits } = readLog(whole);
    expect(commits).toBeGreaterThan(0);
    const unseen = [...whole.keys()].filter((at) => {
      const hurt = Buffer.from(whole);
      hurt[at] = hurt[at]! ^ 1;
      return readLog(hurt).lostCommits === 0;
    });
    expect(unseen).toEqual([]);
    fc.assert(
      fc.property(fc.nat(whole.length - 1), fc.integer({ min: 1, max: 255 }), (at, by) => {
        const hurt = Buffer.from(whole);
        hurt[at] = hurt[at]! ^ by;
        const found = readLog(hurt);
        // Numbers of a version of the header that nobody reads aside, each change is missed.
        expect(found.lostCommits).toBeGreaterThan(0);
        expect(found.commits).toBeLessThan(commits);
      }),
    );
    const hurt = Buffer.from(whole);
    hurt[40] = hurt[40]! ^ 1;
    writeFileSync(`${databaseFile(where)}-wal`, hurt);
    expect((await started(where)).health).toMatchObject({ isWritable: false, code: 'log_damaged' });
  });

  it('may end within a change that was never acknowledged', async () => {
    const where = await killed();
    const whole = readFileSync(`${databaseFile(where)}-wal`);
    const torn = Buffer.concat([whole, whole.subarray(32, 32 + 24 + 100)]);
    expect(readLog(torn)).toEqual({ ...readLog(whole), firstPage: readLog(torn).firstPage });
    expect(readLog(torn).lostCommits).toBe(0);
    expect(readLog(new Uint8Array())).toMatchObject({ commits: 0, lostCommits: 0 });
  });

  it('is put aside where it belongs to another database', async () => {
    const where = await killed();
    const stranger = other();
    const one = openChecked(stranger);
    await migrateStorage(one.db, stranger, AT);
    one.intoOneFile();
    await saveTeamSettings(one.db, { baseType: 'sintered' });
    copyFileSync(`${databaseFile(stranger)}-wal`, `${databaseFile(where)}-wal`);
    one.close();
    const again = await started(where);
    const { health } = again;
    expect(health).toMatchObject({ isWritable: false, code: 'log_foreign' });
    if (!health.isWritable) expect(existsSync(health.detail)).toBe(true);
  });

  it('is decided on by a person: then all goes on, and the files as they were are kept', async () => {
    const where = await killed({ withLog: false });
    const before = await started(where);
    await expect(saveTeamSettings(before.db, { baseType: 'extruded' })).rejects.toThrow();
    const aside = setAside(databaseFile(where), { folder: where, at: AT });
    before.close();
    makeWholeAgain(databaseFile(where));
    const after = await started(where);
    expect(after.health).toEqual({ isWritable: true });
    await saveTeamSettings(after.db, { baseType: 'extruded' });
    expect(existsSync(path.join(aside, 'frost-pick.db'))).toBe(true);
  });
});
