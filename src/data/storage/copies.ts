import {
  closeSync,
  copyFileSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
} from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { databaseFile } from '../database';
import { MIGRATIONS } from '../migrations';

/** A copy of the database that is kept. */
export interface KeptCopy {
  file: string;
  /** When it was made, ISO. */
  at: string;
  bytes: number;
}

/** Why a copy is not taken for the database. */
export class RestoreRefusal extends Error {
  constructor(
    readonly code: 'missing' | 'damaged' | 'foreign' | 'newer' | 'in_use',
    readonly detail: string,
  ) {
    super(`${code}: ${detail}`);
    this.name = 'RestoreRefusal';
  }
}

const FOLDER = 'backups';
const UNFINISHED = '.unfinished';
const NAME = /^frost-pick-(\d{4}-\d{2}-\d{2})T(\d{2})-(\d{2})-(\d{2})\.db$/;
/** Two weeks of daily copies. */
const MOST_KEPT = 14;
const SECONDS_END = 19;
const DONE = String.raw`select name from kysely_migration`;

export const copiesFolder = (folder: string) => path.join(folder, FOLDER);

const nameFor = (at: Date) =>
  `frost-pick-${at.toISOString().slice(0, SECONDS_END).replace(/:/g, '-')}.db`;

/** The copies of a folder's database, the newest first. */
export function listCopies(folder: string): KeptCopy[] {
  const where = copiesFolder(folder);
  if (!existsSync(where)) return [];
  return readdirSync(where)
    .flatMap((name): KeptCopy[] => {
      const made = NAME.exec(name);
      if (!made) return [];
      const file = path.join(where, name);
      const [, day, hour, minute, second] = made;
      return [{ file, at: `${day}T${hour}:${minute}:${second}Z`, bytes: statSync(file).size }];
    })
    .sort((a, b) => b.at.localeCompare(a.at));
}

/** On the disk, not only in its cache. */
function flushed(file: string): void {
  const handle = openSync(file, 'r+');
  fsyncSync(handle);
  closeSync(handle);
}

/** A whole database of this app, no newer than the app; else {@link RestoreRefusal}. */
export function checkCopy(file: string): void {
  if (!existsSync(file)) throw new RestoreRefusal('missing', file);
  let done: string[];
  try {
    const sqlite = new Database(file, { readonly: true });
    try {
      const [found] = sqlite.pragma('integrity_check(1)') as { integrity_check: string }[];
      if (found?.integrity_check !== 'ok') {
        throw new RestoreRefusal('damaged', found?.integrity_check ?? '');
      }
      const columns = sqlite.pragma('table_info(kysely_migration)') as unknown[];
      if (columns.length === 0) throw new RestoreRefusal('foreign', file);
      const rows = sqlite.prepare(DONE).all() as { name: string }[];
      done = rows.map(({ name }) => name);
    } finally {
      sqlite.close();
    }
  } catch (error) {
    if (error instanceof RestoreRefusal) throw error;
    throw new RestoreRefusal('damaged', error instanceof Error ? error.message : String(error));
  }
  const unknown = done.find((name) => !(name in MIGRATIONS));
  if (unknown) throw new RestoreRefusal('newer', unknown);
}

/**
 * Copies the database of a folder while it is used, as it is at one moment, checks the copy and keeps the newest two
 * weeks of them. The copy is there whole or not at all; what an earlier kill left is removed.
 */
export async function copyDatabase(folder: string, at: Date): Promise<KeptCopy> {
  const where = copiesFolder(folder);
  mkdirSync(where, { recursive: true });
  for (const name of readdirSync(where)) {
    if (name.includes(UNFINISHED)) rmSync(path.join(where, name), { force: true });
  }
  const file = path.join(where, nameFor(at));
  const unfinished = file + UNFINISHED;
  const source = new Database(databaseFile(folder), { readonly: true, fileMustExist: true });
  try {
    await source.backup(unfinished);
  } finally {
    source.close();
  }
  // One file in itself, without a log beside it.
  const copy = new Database(unfinished);
  copy.pragma('journal_mode = DELETE');
  copy.close();
  checkCopy(unfinished);
  flushed(unfinished);
  renameSync(unfinished, file);
  for (const old of listCopies(folder).slice(MOST_KEPT)) rmSync(old.file, { force: true });
  return listCopies(folder).find((one) => one.file === file)!;
}

/** Brings the file into one piece that nobody else holds; {@link RestoreRefusal} `in_use` where somebody does. */
function settle(file: string): void {
  const sqlite = new Database(file, { timeout: 0 });
  try {
    sqlite.pragma('locking_mode = EXCLUSIVE');
    // Also takes the log away: it must never be read into another database.
    const mode = sqlite.pragma('journal_mode = DELETE', { simple: true });
    sqlite.exec('begin exclusive; commit');
    if (mode !== 'delete') throw new RestoreRefusal('in_use', file);
  } catch (error) {
    if (error instanceof RestoreRefusal) throw error;
    const code = (error as { code?: string }).code ?? '';
    // A damaged database is what one restores over.
    if (/BUSY|LOCKED/.test(code)) throw new RestoreRefusal('in_use', file);
  } finally {
    sqlite.close();
  }
}

/** A file that cannot be read as a database, put aside as it is: somebody may still save something of it. */
function keptAsIs(file: string, { folder, at }: { folder: string; at: Date }): KeptCopy {
  const aside = path.join(copiesFolder(folder), `damaged-${nameFor(at)}`);
  mkdirSync(copiesFolder(folder), { recursive: true });
  copyFileSync(file, aside);
  return { file: aside, at: at.toISOString(), bytes: statSync(aside).size };
}

/**
 * Puts a copy in the place of the database of a folder, which must not be in use. The copy is checked first and stays;
 * the database as it was is kept as a copy of its own. Gives that one; undefined where there was none. A kill at any moment leaves the old database or the new one.
 */
export async function restoreCopy(
  copy: string,
  { folder, at }: { folder: string; at: Date },
): Promise<KeptCopy | undefined> {
  checkCopy(copy);
  const file = databaseFile(folder);
  let before: KeptCopy | undefined;
  if (existsSync(file)) {
    settle(file);
    before = await copyDatabase(folder, at).catch(() => keptAsIs(file, { folder, at }));
  }
  mkdirSync(folder, { recursive: true });
  const unfinished = file + UNFINISHED;
  copyFileSync(copy, unfinished);
  flushed(unfinished);
  for (const tail of ['-wal', '-shm']) rmSync(file + tail, { force: true });
  renameSync(unfinished, file);
  return before;
}
