import path from 'node:path';
import { openChecked, type FrostDatabase, type OpenedDatabase } from './database';
import type { StorageHealth } from './storage/health';

/** The folder for the database: FROST_PICK_DATA, or ./data. */
export function dataFolder(): string {
  return path.resolve(/* turbopackIgnore: true */ process.env.FROST_PICK_DATA || 'data');
}

const shared = globalThis as { frostDatabase?: OpenedDatabase };

const opened = () => (shared.frostDatabase ??= openChecked(dataFolder()));

/**
 * The one database of this process, migrated at the start. It asks nobody who they are: pages, routes and actions take
 * it from `server/callers-database`.
 */
export const database = (): FrostDatabase => opened().db;

/** What the check of the file said at the start. */
export const storageHealth = (): StorageHealth => opened().health;
