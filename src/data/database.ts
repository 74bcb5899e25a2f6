import { accessSync, constants, mkdirSync } from 'node:fs';
import path from 'node:path';
import Database from 'better-sqlite3';
import { Kysely, Migrator, SqliteDialect, type MigrationProvider } from 'kysely';
import { MIGRATIONS } from './migrations';
import type { Tables } from './schema';

export type FrostDatabase = Kysely<Tables>;

/** A reason not to start that a person can act upon. */
export class StartRefusal extends Error {}

const FILE_NAME = 'frost-pick.db';
const BUSY_TIMEOUT_MS = 5000;

/** The folder for the database: FROST_PICK_DATA, or ./data. */
export function dataFolder(): string {
  return path.resolve(/* turbopackIgnore: true */ process.env.FROST_PICK_DATA || 'data');
}

function prepareFolder(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true });
    accessSync(folder, constants.W_OK);
  } catch {
    throw new StartRefusal(
      `The data folder ${folder} cannot be written. Choose another with FROST_PICK_DATA or --data.`,
    );
  }
}

/** Opens the database of a folder; WAL, foreign keys, and every commit synced to the disk. */
export function openDatabase(folder: string): FrostDatabase {
  prepareFolder(folder);
  const file = path.join(folder, FILE_NAME);
  try {
    const sqlite = new Database(file, { timeout: BUSY_TIMEOUT_MS });
    sqlite.pragma('journal_mode = WAL');
    sqlite.pragma('synchronous = FULL');
    sqlite.pragma('foreign_keys = ON');
    return new Kysely<Tables>({ dialect: new SqliteDialect({ database: sqlite }) });
  } catch (error) {
    throw new StartRefusal(
      `The database ${file} cannot be opened (${(error as Error).message}). Move it away or restore a copy.`,
    );
  }
}

const provider: MigrationProvider = { getMigrations: async () => MIGRATIONS };

/** Brings the database to this code's version; refuses one that a newer version has written. */
export async function migrate(db: FrostDatabase): Promise<void> {
  const migrator = new Migrator({ db, provider });
  const { error } = await migrator.migrateToLatest();
  if (!error) return;
  const message = error instanceof Error ? error.message : String(error);
  if (message.includes('previously executed migration')) {
    throw new StartRefusal(
      'The database was written by a newer Frost Pick. Start that version, or choose another folder with FROST_PICK_DATA or --data.',
    );
  }
  throw error;
}

const shared = globalThis as { frostDatabase?: FrostDatabase };

/** The server's one database, migrated at start by instrumentation. */
export function database(): FrostDatabase {
  shared.frostDatabase ??= openDatabase(dataFolder());
  return shared.frostDatabase;
}
