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
import { randomUUID } from 'node:crypto';
import path from 'node:path';
import Database from 'better-sqlite3';
import { isStorageFault } from '../../core/faults';
import { databaseFile } from '../database';
import { MIGRATIONS } from '../migrations';
import { asFault } from './fault';
import { markClosed } from './log-check';
import { forOwnerAlone } from './own-files';

/**
 * Why a copy was made, and with that how long it is kept: one a day, by hand, or before what changes much at once (a
 * merge, a restore, an upgrade).
 */
export const COPY_KINDS = ['day', 'hand', 'before'] as const;
export type CopyKind = (typeof COPY_KINDS)[number];

/** Of each kind so many are kept: none pushes out those of another. */
export const MOST_KEPT: Record<CopyKind, number> = { day: 14, hand: 5, before: 5 };

/** A copy of the database that is kept. */
export interface KeptCopy {
  file: string;
  kind: CopyKind;
  /** When it was made, ISO. */
  at: string;
  bytes: number;
}

/** Why a copy is not taken for the database. */
export class RestoreRefusal extends Error {
  constructor(
    readonly code: 'missing' | 'damaged' | 'foreign' | 'newer' | 'in_use' | 'no_room',
    readonly detail: string,
  ) {
    super(`${code}: ${detail}`);
    this.name = 'RestoreRefusal';
  }
}

const FOLDER = 'backups';
const UNFINISHED = '.unfinished';
/** Older versions named the daily ones without their kind. */
const NAME =
  /^frost-pick-(?:(day|hand|before)-)?(\d{4}-\d{2}-\d{2})T(\d{2})-(\d{2})-(\d{2})(?:-\d+)?\.db$/;
const SECONDS_END = 19;
const DONE = String.raw`select name from kysely_migration`;
const TABLES = String.raw`select name from sqlite_master where type = 'table' and name not like 'sqlite_%'`;
const COUNT = String.raw`select count(*) from`;

export const copiesFolder = (folder: string) => path.join(folder, FOLDER);

/** A moment as it stands in a file's name. */
export const stampOf = (at: Date) => at.toISOString().slice(0, SECONDS_END).replace(/:/g, '-');

function keptCopy(where: string, name: string): KeptCopy[] {
  const made = NAME.exec(name);
  if (!made) return [];
  const file = path.join(where, name);
  const [, kind = 'day', day, hour, minute, second] = made;
  const at = `${day}T${hour}:${minute}:${second}Z`;
  return [{ file, kind: kind as CopyKind, at, bytes: statSync(file).size }];
}

/** The copies of a folder's database, the newest first. */
export function listCopies(folder: string): KeptCopy[] {
  const where = copiesFolder(folder);
  if (!existsSync(where)) return [];
  return readdirSync(where)
    .flatMap((name) => keptCopy(where, name))
    .sort((a, b) => b.at.localeCompare(a.at) || b.file.localeCompare(a.file));
}

/** How far the clock of a copy is from now, either way: one that was made while the clock was wrong is far. */
export const ageMs = ({ at }: KeptCopy, now: Date): number =>
  Math.abs(now.getTime() - Date.parse(at));

/** Deletes the copies of each kind beyond those that are nearest to now; the one that was just made stays. */
function prune(folder: string, { now, made }: { now: Date; made: string }): void {
  const all = listCopies(folder).filter(({ file }) => file !== made);
  const writtenMs = ({ file }: KeptCopy) => statSync(file).mtimeMs;
  for (const kind of COPY_KINDS) {
    const mine = all.filter((one) => one.kind === kind);
    const isOf = path.basename(made).includes(`-${kind}-`) ? 1 : 0;
    const nearest = mine.sort(
      (a, b) => ageMs(a, now) - ageMs(b, now) || writtenMs(b) - writtenMs(a),
    );
    for (const { file } of nearest.slice(MOST_KEPT[kind] - isOf)) rmSync(file, { force: true });
  }
}

/** Gives a finished file a name in its folder that no other file has. */
function settleName(unfinished: string, where: string, stem: string): string {
  for (let more = 1; ; more += 1) {
    const file = path.join(where, more === 1 ? `${stem}.db` : `${stem}-${more}.db`);
    try {
      // Takes the name only if it is free, which a rename does not ask.
      closeSync(openSync(file, 'wx'));
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code === 'EEXIST') continue;
      throw error;
    }
    renameSync(unfinished, file);
    return file;
  }
}

/** What this process is making now. */
const making = new Set<string>();

/** Removes what ended processes left unfinished; what another one is making stays. */
function dropUnfinished(where: string): void {
  for (const name of readdirSync(where)) {
    if (!name.includes(UNFINISHED) || making.has(path.join(where, name))) continue;
    const maker = Number(/-(\d+)$/.exec(name.split(UNFINISHED)[1] ?? '')?.[1] ?? 0);
    if (maker === 0 || !isAlive(maker)) rmSync(path.join(where, name), { force: true });
  }
}

function isAlive(pid: number): boolean {
  if (pid === process.pid) return false;
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
}

/** On the disk, not only in its cache. */
function flushed(file: string): void {
  const handle = openSync(file, 'r+');
  fsyncSync(handle);
  closeSync(handle);
}

const countRows = (sqlite: Database.Database): number =>
  (sqlite.prepare(TABLES).pluck().all() as string[])
    .map((name) => Number(sqlite.prepare(`${COUNT} "${name}"`).pluck().get()))
    .reduce((sum, count) => sum + count, 0);

/** A whole database of this app, no newer than the app; else {@link RestoreRefusal}. `expectedRows`: so many it must hold. */
export function checkCopy(file: string, expectedRows?: number): void {
  if (!existsSync(file)) throw new RestoreRefusal('missing', file);
  let done: string[];
  try {
    const sqlite = new Database(file, { readonly: true });
    try {
      const [found] = sqlite.pragma('integrity_check(1)') as { integrity_check: string }[];
      if (found?.integrity_check !== 'ok') {
        throw new RestoreRefusal('damaged', found?.integrity_check ?? '');
      }
      if (expectedRows !== undefined && countRows(sqlite) !== expectedRows) {
        throw new RestoreRefusal('damaged', `${countRows(sqlite)}/${expectedRows}`);
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

/** Copies the database of a folder as it is at one moment into a file; gives how many rows it holds. */
async function copyInto(folder: string, file: string): Promise<number> {
  const source = new Database(databaseFile(folder), { readonly: true, fileMustExist: true });
  try {
    // From here on it sees one moment, whatever is written meanwhile.
    source.exec('begin');
    const rows = countRows(source);
    await source.backup(file);
    return rows;
  } finally {
    source.close();
  }
}

/**
 * Copies the database of a folder while it is used, as it is at one moment, and checks the copy before an older one of
 * its kind goes. The copy is there whole or not at all, under a name of its own; what an earlier kill left is removed.
 */
export async function copyDatabase(
  folder: string,
  { at, kind }: { at: Date; kind: CopyKind },
): Promise<KeptCopy> {
  const where = copiesFolder(folder);
  mkdirSync(where, { recursive: true });
  dropUnfinished(where);
  const stem = `frost-pick-${kind}-${stampOf(at)}`;
  const unfinished = path.join(where, `${stem}${UNFINISHED}-${randomUUID()}-${process.pid}`);
  making.add(unfinished);
  try {
    const rows = await copyInto(folder, unfinished);
    // One file in itself, without a log beside it.
    const copy = new Database(unfinished);
    copy.pragma('journal_mode = DELETE');
    markClosed(copy);
    copy.close();
    checkCopy(unfinished, rows);
    forOwnerAlone(unfinished);
    flushed(unfinished);
  } catch (error) {
    rmSync(unfinished, { force: true });
    throw asFault(error);
  } finally {
    making.delete(unfinished);
  }
  const file = settleName(unfinished, where, stem);
  prune(folder, { now: at, made: file });
  return keptCopy(where, path.basename(file))[0]!;
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
    markClosed(sqlite);
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
  const aside = path.join(copiesFolder(folder), `damaged-frost-pick-${stampOf(at)}.db`);
  mkdirSync(copiesFolder(folder), { recursive: true });
  copyFileSync(file, aside);
  return { file: aside, kind: 'before', at: at.toISOString(), bytes: statSync(aside).size };
}

/**
 * Puts a copy in the place of the database of a folder, which must not be in use. The copy is checked and secured
 * before anything else is touched, and stays; the database as it was is kept as a copy of its own. Gives that one;
 * undefined where there was none. A kill at any moment leaves the old database or the new one.
 */
export async function restoreCopy(
  copy: string,
  { folder, at }: { folder: string; at: Date },
): Promise<KeptCopy | undefined> {
  checkCopy(copy);
  const file = databaseFile(folder);
  const isThere = existsSync(file);
  if (isThere) settle(file);
  mkdirSync(folder, { recursive: true });
  const secured = file + UNFINISHED;
  let before: KeptCopy | undefined;
  try {
    copyFileSync(copy, secured);
    flushed(secured);
    checkCopy(secured);
    if (isThere) {
      before = await copyDatabase(folder, { at, kind: 'before' }).catch((error: unknown) => {
        if (isNoRoom(error)) throw error;
        return keptAsIs(file, { folder, at });
      });
    }
  } catch (error) {
    rmSync(secured, { force: true });
    if (isNoRoom(error)) throw new RestoreRefusal('no_room', folder);
    throw error;
  }
  for (const tail of ['-wal', '-shm']) rmSync(file + tail, { force: true });
  forOwnerAlone(secured);
  renameSync(secured, file);
  return before;
}

const isNoRoom = (error: unknown) =>
  (isStorageFault(error) && error.code === 'storage_full') ||
  (error as NodeJS.ErrnoException).code === 'ENOSPC';
