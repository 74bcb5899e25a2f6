import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import { build } from 'esbuild';
import { Kysely, Migrator, SqliteDialect, type Migration } from 'kysely';
import { openDatabase } from '@/data/database';
import { seedDemo } from '@/data/demo/seed';
import { MIGRATIONS } from '@/data/migrations';
import { migrateStorage } from '@/data/storage/migrate';
import type { Tables } from '@/data/schema';

export const NOW = new Date('2027-01-13T12:00:00Z');
export const newFolder = () => mkdtempSync(path.join(tmpdir(), 'frost-attack-'));
const fileIn = (folder: string) => path.join(folder, 'frost-pick.db');

/** The program of a child of these tests, bundled to run by itself; gives its path. */
export async function bundleChild(name: 'kill-child' | 'health-child'): Promise<string> {
  const outfile = path.join(process.cwd(), 'tmp', `${name}.mjs`);
  await build({
    entryPoints: [`tests/attack/${name}.ts`],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    packages: 'external',
    alias: { '@': path.resolve('src') },
    logLevel: 'error',
  });
  return outfile;
}

/** Runs the child on a folder; gives whether it was killed, and what it printed. */
export function runChild(child: string, folder: string, statement: number, ...more: string[]) {
  const args = [child, folder, String(statement), ...more];
  const { signal, stdout } = spawnSync(process.execPath, args);
  return { isKilled: signal === 'SIGKILL', output: String(stdout) };
}

/** Migrations up to a name, each without a transaction of its own: as they once ran. */
export async function migrateOldWay(folder: string, upTo: string, diesAfter = Infinity) {
  const sqlite = new Database(fileIn(folder));
  let left = diesAfter;
  const prepare = sqlite.prepare.bind(sqlite);
  sqlite.prepare = (sql: string) => {
    left -= 1;
    if (left < 0) throw new Error('killed');
    return prepare(sql);
  };
  const db = new Kysely<Tables>({ dialect: new SqliteDialect({ database: sqlite }) });
  const names = Object.keys(MIGRATIONS).filter((name) => name <= upTo);
  const wanted = Object.fromEntries(names.map((name) => [name, MIGRATIONS[name] as Migration]));
  const migrator = new Migrator({ db, provider: { getMigrations: async () => wanted } });
  const { error } = await migrator.migrateToLatest().catch((error: unknown) => ({ error }));
  sqlite.close();
  return { isWhole: error === undefined, statements: diesAfter - left };
}

/** Tables of later versions that the demo fills, those first that name others. */
const LATER = [
  'hand',
  'note',
  'log_entry',
  'log_text',
  'outcome',
  'glide_run',
  'glide_test',
  'starter',
  'skier',
  'bench_plan',
  'drill_answer',
  'learner',
];
const VERSIONED = ['ski', 'product', 'venue', 'outing', 'station'];

/** A folder with a database of the version before this one, with the demo in it. */
export async function oldDatabase(): Promise<string> {
  const folder = newFolder();
  await startOn(folder);
  const before = newFolder();
  await migrateOldWay(before, '0004-skis-and-bench');
  const known = new Database(fileIn(before), { readonly: true });
  const names = new Set(known.prepare('select name from sqlite_master').pluck().all());
  known.close();
  const sqlite = new Database(fileIn(folder));
  const later = sqlite
    .prepare("select name from sqlite_master where type = 'index' and name not like 'sqlite_%'")
    .pluck()
    .all()
    .filter((name) => !names.has(name));
  for (const name of later) sqlite.exec(`drop index "${String(name)}"`);
  for (const name of sqlite
    .prepare(
      `select name from sqlite_master where type = 'trigger'
       and (name like 'log_%' or name like 'gone_%' or name like 'back_%' or name like 'sign_%')`,
    )
    .pluck()
    .all()) {
    sqlite.exec(`drop trigger "${String(name)}"`);
  }
  // Those with rows in them: an interrupted migration leaves empty ones.
  for (const table of LATER) sqlite.exec(`drop table ${table}`);
  sqlite.exec('alter table ski drop column flex_kg');
  for (const table of VERSIONED) sqlite.exec(`alter table ${table} drop column version`);
  sqlite.exec(`alter table venue drop column course_version;
    drop table write_key; delete from kysely_migration where name > '0005'`);
  sqlite.close();
  return folder;
}

export function copyOf(folder: string): string {
  const copy = newFolder();
  cpSync(folder, copy, { recursive: true });
  return copy;
}

/** Starts on a folder as the server does; gives what is in the database then. */
export async function startOn(folder: string) {
  const db = openDatabase(folder);
  await migrateStorage(db, folder, NOW);
  await seedDemo(db, NOW);
  await db.destroy();
  const sqlite = new Database(fileIn(folder), { readonly: true });
  const count = (table: string) =>
    Number(sqlite.prepare(`select count(*) from ${table}`).pluck().get());
  const found = {
    integrity: sqlite.pragma('integrity_check', { simple: true }),
    migrations: count('kysely_migration'),
    venues: count('venue'),
    readings: count('reading'),
    skis: count('ski'),
    choices: count('choice'),
  };
  sqlite.close();
  return found;
}
