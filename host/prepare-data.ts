import { databaseFile, FolderRefusal } from '@/data/database';
import {
  closeDatabase,
  database,
  dataFolder,
  intoOneFile,
  storageHealth,
} from '@/data/process-database';
import { seedDemo } from '@/data/demo/seed';
import { wallMs } from '@/core/time';
import { isStorageFault, StorageFault, type FaultCode } from '@/core/faults';
import type { FrostDatabase } from '@/data/database';
import { sql } from 'kysely';
import type { StorageHealth } from '@/data/storage/health';
import { MigrationRefusal, migrateStorage } from '@/data/storage/migrate';
import { forgetOldKeys } from '@/data/write-once';
import { layOutLocales } from '@/words/locales';
import { keepDailyCopies } from '@/server/daily-copy';
import { HERE, runAs } from '@/server/caller';
import { giveHost } from '@/server/for-host';
import { inLanguageOf } from '@/server/language';
import { keepInStep } from '@/server/hub/keep-in-step';
import { receive } from '@/server/door/reception';
import { keepInOneFile } from '@/server/one-file';
import { plainPage } from '@/server/plain-page';
import { keepRevoked } from '@/server/door/revocations';
import { prepareSnow } from '@/server/prepare-snow';
import { mistakesWords } from '@/words/areas/mistakes';
import { hostScreenWords } from '@/words/screens/host';
import { pagesScreenWords } from '@/words/screens/pages';
import { serverScreenWords } from '@/words/screens/server';

const WORDS = hostScreenWords.prepareData;

/** The exit code of a start that was refused with a sentence. */
export const REFUSED_EXIT_CODE = 3;

/** In one sentence why the start cannot go on and what to do; undefined for an error nobody foresaw. */
export function refusalWords(error: unknown, folder: string): string | undefined {
  const file = databaseFile(folder);
  if (error instanceof FolderRefusal) {
    return WORDS.folderNotWritable(error.folder);
  }
  if (error instanceof MigrationRefusal) {
    return {
      newer: WORDS.databaseNewer(file),
      no_copy: WORDS.theDatabaseMustBeBrought(file, error.detail),
      failed: WORDS.databaseNotUpgraded(file, error.detail),
    }[error.code];
  }
  if (isStorageFault(error)) {
    return WORDS.databaseUnusable(file, error.detail);
  }
  const message = error instanceof Error ? error.message : '';
  if (/bindings file|invalid ELF|better_sqlite3\.node/.test(message)) return WORDS.noDriver;
  return undefined;
}

/** Why nothing can be saved, for who started it. */
function healthWords({ code, detail }: Extract<StorageHealth, { isWritable: false }>): string {
  const file = databaseFile(dataFolder());
  if (code === 'log_missing' || code === 'log_foreign') return WORDS.LOG[code](file, detail);
  if (code === 'log_damaged') return WORDS.LOG[code](file, Number(detail));
  return `${mistakesWords.FAULT[code]} (${detail})`;
}

/** Faults that end by themselves, or once somebody has made room. */
const PASSING = new Set<FaultCode>(['storage_full', 'storage_busy', 'storage_failed']);
const AGAIN_MS = 20_000;

/** Opens the database anew until it can be written. */
function tryAgainLater(): void {
  setTimeout(() => {
    closeDatabase();
    prepare().catch((error: unknown) => console.error(error));
  }, AGAIN_MS).unref();
}

const hasTables = async (db: FrostDatabase): Promise<boolean> =>
  (await sql<{ name: string }>`select name from sqlite_master limit 1`.execute(db)).rows.length > 0;

async function prepare(): Promise<void> {
  const db = database();
  const health = storageHealth();
  if (!health.isWritable) {
    // What can be read is shown; every write is refused with the reason.
    console.error(healthWords(health));
    if (!(await hasTables(db))) throw new StorageFault(health.code, health.detail);
    if (PASSING.has(health.code)) tryAgainLater();
    return;
  }
  const now = new Date(wallMs());
  const { copy } = await migrateStorage(db, dataFolder(), now);
  if (copy) console.error(WORDS.theDatabaseWasBroughtUp(copy));
  await forgetOldKeys(db, now);
  await keepRevoked(db, { folder: dataFolder(), at: now.toISOString() });
  if (process.env.FROST_PICK_DEMO === '1') await seedDemo(db, now);
  // From here on a copy of the one file is a whole book.
  intoOneFile();
  prepareSnow();
  keepDailyCopies();
  keepInStep();
  keepInOneFile();
}

/** Checks, migrates, and fills an empty database with the demo when asked; ends the process when refused. */
export async function prepareData(): Promise<void> {
  // Started by a script: end when that ends, however it does.
  if (process.channel) process.once('disconnect', () => process.exit(0));
  // However it ends, unless it is killed.
  process.once('exit', closeDatabase);
  layOutLocales();
  // Also where the data can only be read, and from then on whatever happens.
  giveHost({
    inLanguage: inLanguageOf,
    prepare,
    asHere: <T>(work: () => T) => runAs(HERE, work),
    refusal: (code: string) => ({
      message: (serverScreenWords.REFUSAL as Record<string, string>)[code],
      page: (message: string, refreshS?: number) => {
        const text = refreshS === undefined ? message : serverScreenWords.reception.busyPage;
        return plainPage({ title: pagesScreenWords.layout.frostPick, text, refreshS });
      },
    }),
    reception: receive,
  });
  try {
    await prepare();
  } catch (error) {
    console.error(
      refusalWords(error, dataFolder()) ??
        WORDS.couldNotStart(error instanceof Error ? error.message : String(error)),
    );
    process.exit(REFUSED_EXIT_CODE);
  }
}
