import type { FrostDatabase } from '../data/database';
import { database, dataFolder, goOnWithoutLog, storageHealth } from '../data/process-database';
import type { StorageHealth } from '../data/storage/health';
import { requireInsider } from './caller';

/** The database, for whoever was let in; throws {@link NotLetIn} for a stranger. */
export function callersDatabase(): FrostDatabase {
  requireInsider();
  return database();
}

/** The folder of the data, likewise. */
export function callersFolder(): string {
  requireInsider();
  return dataFolder();
}

/** What the check of the database's file said at the start, likewise. */
export function callersHealth(): StorageHealth {
  requireInsider();
  return storageHealth();
}

/** Goes on without the log; see {@link goOnWithoutLog}. Likewise. */
export function callersGoOn(at: Date): string | undefined {
  requireInsider();
  return goOnWithoutLog(at);
}
