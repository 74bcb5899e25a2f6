import { database, databaseFile, dataFolder, FolderRefusal, storageHealth } from '@/data/database';
import { seedDemo } from '@/data/demo/seed';
import { isStorageFault } from '@/core/faults';
import { MigrationRefusal, migrateStorage } from '@/data/storage/migrate';
import { forgetOldKeys } from '@/data/write-once';
import { faultWords } from '@/formats/fault-words';

/** The exit code of a start that was refused with a sentence. */
export const REFUSED_EXIT_CODE = 3;

/** In one sentence why the start cannot go on and what to do; undefined for an error nobody foresaw. */
export function refusalWords(error: unknown, folder: string): string | undefined {
  const file = databaseFile(folder);
  if (error instanceof FolderRefusal) {
    return `The data folder ${error.folder} cannot be written: choose another with --data FOLDER or FROST_PICK_DATA.`;
  }
  if (error instanceof MigrationRefusal) {
    return {
      newer: `The database ${file} was written by a newer Frost Pick: start that version, or choose another folder with --data FOLDER.`,
      no_copy: `The database ${file} must be brought up to date, but there is no room for the copy that is kept of it (${error.detail}): free some disk space and start again.`,
      failed: `The database ${file} could not be brought up to date and is as it was (${error.detail}): keep a copy of it, and start the version that wrote it or choose another folder with --data FOLDER.`,
    }[error.code];
  }
  if (isStorageFault(error)) {
    return `The database ${file} cannot be used (${error.detail}): free some disk space or put a good copy of it in its place, or choose another folder with --data FOLDER.`;
  }
  return undefined;
}

async function prepare(): Promise<void> {
  const db = database();
  const health = storageHealth();
  if (!health.isWritable) {
    // What can be read is shown; every write is refused with the reason.
    console.error(`${faultWords(health.code)} (${health.detail})`);
    await db.selectFrom('venue').select('id').limit(1).execute();
    return;
  }
  const now = new Date();
  const { copy } = await migrateStorage(db, dataFolder(), now);
  if (copy) console.error(`The database was brought up to date; as it was it is kept in ${copy}`);
  await forgetOldKeys(db, now);
  if (process.env.FROST_PICK_DEMO === '1') {
    const day = process.env.FROST_PICK_SEED_DATE;
    await seedDemo(db, day ? new Date(day) : now);
  }
}

/** Checks, migrates, and fills an empty database with the demo when asked; ends the process when refused. */
export async function prepareData(): Promise<void> {
  // Started by a script: end when that ends, however it does.
  if (process.channel) process.once('disconnect', () => process.exit(0));
  try {
    await prepare();
  } catch (error) {
    console.error(
      refusalWords(error, dataFolder()) ??
        `Frost Pick could not start (${error instanceof Error ? error.message : String(error)}): choose another folder with --data FOLDER, and report this.`,
    );
    process.exit(REFUSED_EXIT_CODE);
  }
}
