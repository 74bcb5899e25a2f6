import {
  closeSync,
  existsSync,
  openSync,
  readFileSync,
  readSync,
  renameSync,
  statSync,
} from 'node:fs';
import { open } from 'node:fs/promises';
import { randomInt } from 'node:crypto';
import Database from 'better-sqlite3';
import { readLog } from './wal';

/** Where a database's file tells of itself (https://sqlite.org/fileformat2.html, section 1.3). */
const [VERSION_AT, APPLICATION_AT, HEADER] = [60, 68, 100];
/** `application_id` of a file whose log may hold more, and of one that is whole in itself. */
const [OPEN, CLOSED] = [0x46724f70, 0x4672436c];
/** Ids begin behind what older versions wrote into this place. */
const [LEAST_ID, MOST_ID] = [1000, 2 ** 31 - 1];

/** What is wrong with the log beside a database's file. */
export type LogProblem =
  | { code: 'log_missing'; /** When the file itself was written last, ISO. */ detail: string }
  | { code: 'log_damaged'; /** How many changes cannot be read. */ detail: string }
  | { code: 'log_foreign'; /** Where it was put. */ detail: string };

function headerOf(file: string): DataView | undefined {
  if (!existsSync(file) || statSync(file).size < HEADER) return undefined;
  const bytes = new Uint8Array(HEADER);
  const handle = openSync(file, 'r');
  try {
    readSync(handle, bytes, 0, HEADER, 0);
  } finally {
    closeSync(handle);
  }
  return new DataView(bytes.buffer);
}

/** What stands in a log; undefined where it may not be read, which SQLite will say itself. */
function bytesOf(log: string): Uint8Array | undefined {
  try {
    return readFileSync(log);
  } catch {
    return undefined;
  }
}

/**
 * Looks at a database's file and its log before SQLite does, which drops what it cannot read without a word. A log of
 * another database is put aside: it would be read into this one.
 */
export function logProblem(file: string): LogProblem | undefined {
  const header = headerOf(file);
  if (!header) return undefined;
  const log = `${file}-wal`;
  if (!existsSync(log)) {
    if (header.getUint32(APPLICATION_AT) !== OPEN) return undefined;
    return { code: 'log_missing', detail: statSync(file).mtime.toISOString() };
  }
  const bytes = bytesOf(log);
  if (!bytes) return undefined;
  const { lostCommits, firstPage } = readLog(bytes);
  const id = header.getUint32(VERSION_AT);
  if (firstPage && id >= LEAST_ID) {
    const other = new DataView(firstPage.buffer, firstPage.byteOffset).getUint32(VERSION_AT);
    if (other !== id) {
      const aside = `${file}-wal.foreign-${Math.round(statSync(log).mtimeMs)}`;
      renameSync(log, aside);
      return { code: 'log_foreign', detail: aside };
    }
  }
  return lostCommits > 0 ? { code: 'log_damaged', detail: String(lostCommits) } : undefined;
}

/** Says in the file that its log may hold more from now on, and gives it an id if it has none. Commits one page. */
export function markOpen(sqlite: Database.Database): void {
  if (Number(sqlite.pragma('user_version', { simple: true })) < LEAST_ID) {
    sqlite.pragma(`user_version = ${randomInt(LEAST_ID, MOST_ID)}`);
  }
  sqlite.pragma(`application_id = ${OPEN}`);
}

/** Says in the file that it is whole in itself. */
export function markClosed(sqlite: Database.Database): void {
  sqlite.pragma(`application_id = ${CLOSED}`);
}

/**
 * Brings all of the log into the file and begins the log anew with the id of the file. False where somebody reads just
 * now, and nobody waits for that.
 */
export function intoFile(sqlite: Database.Database): boolean {
  if (!checkpoint(sqlite)) return false;
  markOpen(sqlite);
  return true;
}

/** Brings all of the log into the file; false where somebody reads just now. */
export function checkpoint(sqlite: Database.Database): boolean {
  const patience = Number(sqlite.pragma('busy_timeout', { simple: true }));
  sqlite.pragma('busy_timeout = 0');
  try {
    const [done] = sqlite.pragma('wal_checkpoint(TRUNCATE)') as { busy: number }[];
    return done?.busy === 0;
  } finally {
    sqlite.pragma(`busy_timeout = ${patience}`);
  }
}

/** How long the log beside a file is, bytes. */
export function logSize(file: string): number {
  try {
    return statSync(`${file}-wal`).size;
  } catch {
    return 0;
  }
}

/** Puts the log beside a file on the disk while others are served: a long write then ends without a pause. */
export async function flushLog(file: string): Promise<void> {
  const log = await open(`${file}-wal`, 'r+').catch(() => undefined);
  try {
    await log?.datasync();
  } finally {
    await log?.close();
  }
}

/** Brings what it can of a log into its file and cuts it, from a connection of its own: for a thread beside the server. */
export function drainLog(file: string): void {
  const sqlite = new Database(file, { fileMustExist: true });
  try {
    sqlite.pragma('wal_checkpoint(PASSIVE)');
    // Where nobody reads or writes just now; a long file takes its time to be cut.
    intoFile(sqlite);
  } finally {
    sqlite.close();
  }
}

/** The last thing done to an open database: the file is whole in itself, unless somebody else has it open too. */
export function settleForGood(sqlite: Database.Database): void {
  if (!checkpoint(sqlite)) return;
  markClosed(sqlite);
  // Said only of what is true: another one may have written meanwhile.
  if (!checkpoint(sqlite)) markOpen(sqlite);
}
