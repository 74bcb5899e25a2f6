import path from 'node:path';
import { isLogFault } from '../core/faults';
import { databaseFile, openChecked, type FrostDatabase, type OpenedDatabase } from './database';
import { makeWholeAgain, setAside } from './storage/set-aside';
import type { StorageHealth } from './storage/health';
import { shared } from '../core/shared';

/** The folder for the database: FROST_PICK_DATA, or ./data. */
export function dataFolder(): string {
  return path.resolve(/* turbopackIgnore: true */ process.env.FROST_PICK_DATA || 'data');
}

declare module '../core/shared' {
  interface Shared {
    database: OpenedDatabase | undefined;
  }
}

const opened = () => (shared.database ??= openChecked(dataFolder()));

/**
 * The one database of this process, migrated at the start. It asks nobody who they are: pages, routes and actions take
 * it from `server/callers-database`.
 */
export const database = (): FrostDatabase => opened().db;

/** What the check of the file said at the start. */
export const storageHealth = (): StorageHealth => opened().health;

/** Brings all that was written into the one file; false where somebody reads just now, or nothing is open. */
export const intoOneFile = (): boolean => shared.database?.intoOneFile() ?? false;

/** Ends the database of this process; what was written stands in its one file. */
export function closeDatabase(): void {
  shared.database?.close();
  shared.database = undefined;
}

/**
 * Goes on with what can be read of a database whose log is missing, damaged or foreign: its files as they are are kept
 * aside, and it is opened anew. Gives where they are; undefined where there is nothing to decide.
 */
export function goOnWithoutLog(at: Date): string | undefined {
  const { health } = opened();
  if (health.isWritable || !isLogFault(health.code)) return undefined;
  const file = databaseFile(dataFolder());
  const aside = setAside(file, { folder: dataFolder(), at });
  closeDatabase();
  makeWholeAgain(file);
  return aside;
}
