import { Migrator, type Kysely, type Migration } from 'kysely';
import type { FrostDatabase } from '../database';
import { MIGRATIONS } from '../migrations';
import { renewTriggers } from '../triggers';
import { copyDatabase } from './copies';
import { isStorageFault } from '../../core/faults';
import { dropLeftovers } from './leftovers';

/** What bringing a database up to date did. */
export interface MigrationReport {
  /** Names of the migrations that ran now. */
  done: string[];
  /** Copy of the database as it was; undefined where there was nothing to copy. */
  copy: string | undefined;
}

/** Why a database cannot be brought up to date. */
export class MigrationRefusal extends Error {
  constructor(
    readonly code: 'newer' | 'no_copy' | 'failed',
    readonly detail: string,
  ) {
    super(`${code}: ${detail}`);
    this.name = 'MigrationRefusal';
  }
}

const NAMES = Object.keys(MIGRATIONS).sort();

/** A migration that first takes back what an interrupted run of it left. */
const cleaned = (name: string, at: number): Migration => ({
  async up(db: Kysely<unknown>) {
    const done = NAMES.slice(0, at).map((one) => MIGRATIONS[one]!);
    await dropLeftovers(db, done, MIGRATIONS[name]!);
    await MIGRATIONS[name]!.up(db);
  },
});

const provider = {
  getMigrations: async () =>
    Object.fromEntries(NAMES.map((name, at) => [name, cleaned(name, at)] as const)),
};

const messageOf = (error: unknown) => (error instanceof Error ? error.message : String(error));

async function pendingNames(migrator: Migrator): Promise<{ pending: string[]; isNew: boolean }> {
  const all = await migrator.getMigrations();
  return {
    pending: all.filter((one) => !one.executedAt).map((one) => one.name),
    isNew: all.every((one) => !one.executedAt),
  };
}

/**
 * Brings a database to this code's version: each migration with its own row in one transaction, so that a
 * kill at any moment leaves the version before or the one after. A database that has a version already is
 * copied first. Then its triggers are those of {@link ENTITIES}. Throws {@link MigrationRefusal} or a StorageFault; then nothing of the failed migration stays.
 */
export async function migrateStorage(
  database: FrostDatabase,
  folder: string,
  now: Date,
): Promise<MigrationReport> {
  const db = database as unknown as Kysely<unknown>;
  const migrator = new Migrator({ db, provider });
  const { pending, isNew } = await pendingNames(migrator);
  let copy: string | undefined;
  if (pending.length > 0 && !isNew) {
    try {
      copy = (await copyDatabase(folder, { at: now, kind: 'before' })).file;
    } catch (error) {
      throw new MigrationRefusal('no_copy', messageOf(error));
    }
  }
  const done: string[] = [];
  for (;;) {
    const { error, results = [] } = await migrator.migrateUp();
    if (error) {
      if (isStorageFault(error)) throw error;
      // eslint-disable-next-line house/no-prose -- Kysely tells this case by its message alone (tests/unit/held-for.test.ts).
      const isNewer = messageOf(error).includes('previously executed migration');
      throw new MigrationRefusal(isNewer ? 'newer' : 'failed', messageOf(error));
    }
    if (results.length === 0) {
      await renewTriggers(database);
      return { done, copy };
    }
    done.push(...results.map((one) => one.migrationName));
  }
}
