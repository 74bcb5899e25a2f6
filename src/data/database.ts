import { accessSync, constants, mkdirSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { Kysely } from 'kysely';
import type { Tables } from './schema';
import { FrostDialect } from './storage/dialect';
import { isStorageFault } from '../core/faults';
import { asFault, asFaultOf } from './storage/fault';
import { checkStorage, type StorageHealth } from './storage/health';
import { intoFile, logProblem, settleForGood } from './storage/log-check';
import { forOwnerAlone } from './storage/own-files';

export type FrostDatabase = Kysely<Tables>;

const FILE_NAME = 'frost-pick.db';
const BUSY_TIMEOUT_MS = 5000;

export const databaseFile = (folder: string) => path.join(folder, FILE_NAME);

/** The folder for the data cannot be made or written. */
export class FolderRefusal extends Error {
  constructor(readonly folder: string) {
    super(`not_writable: ${folder}`);
    this.name = 'FolderRefusal';
  }
}

function prepareFolder(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true });
    accessSync(folder, constants.W_OK);
  } catch {
    throw new FolderRefusal(folder);
  }
}

/** A database with what the check of its file said at the start. */
export interface OpenedDatabase {
  db: FrostDatabase;
  health: StorageHealth;
  /** Brings all that was written into the one file; false where somebody reads just now. */
  intoOneFile: () => boolean;
  /** The same for the last time: nothing is written afterwards. Waits for nobody. */
  close: () => void;
}

function openWriter(file: string): Database.Database {
  const sqlite = new Database(file, { timeout: BUSY_TIMEOUT_MS });
  // A file that refuses the switch shows it again, by code, in the check.
  try {
    sqlite.pragma('journal_mode = WAL');
  } catch (error) {
    if (!isStorageFault(asFault(error))) throw error;
  }
  sqlite.pragma('synchronous = FULL');
  sqlite.pragma('foreign_keys = ON');
  // After a large write that would hold everything up: see server/one-file.
  sqlite.pragma('wal_autocheckpoint = 0');
  return sqlite;
}

/** Opens and checks the database of a folder; WAL, foreign keys, and every commit synced to the disk. */
export function openChecked(folder: string): OpenedDatabase {
  prepareFolder(folder);
  const file = databaseFile(folder);
  try {
    // Before SQLite reads it: what that cannot read it drops.
    const log = logProblem(file);
    const sqlite = openWriter(file);
    forOwnerAlone(file);
    const health = checkStorage(sqlite, log);
    const reader = new Database(file, { timeout: BUSY_TIMEOUT_MS });
    reader.pragma('query_only = ON');
    const faultOf = asFaultOf(health.isWritable ? undefined : health.code);
    const close = () => {
      if (reader.open) reader.close();
      if (!sqlite.open) return;
      if (health.isWritable) settleForGood(sqlite);
      sqlite.close();
    };
    return {
      db: new Kysely<Tables>({
        dialect: new FrostDialect({ writer: sqlite, reader, close, faultOf }),
      }),
      health,
      intoOneFile: () => sqlite.open && health.isWritable && intoFile(sqlite),
      close,
    };
  } catch (error) {
    throw asFault(error);
  }
}

/** Opens the database of a folder. */
export const openDatabase = (folder: string): FrostDatabase => openChecked(folder).db;

/** Runs `work` in the transaction that is open, or in one of its own. */
export function inTransaction<T>(
  db: FrostDatabase,
  work: (transaction: FrostDatabase) => Promise<T>,
): Promise<T> {
  return db.isTransaction ? work(db) : db.transaction().execute(work);
}
