import { cpSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { openDatabase, type FrostDatabase } from '@/data/database';
import { seedDemo } from '@/data/demo/seed';
import { migrateStorage } from '@/data/storage/migrate';
import type { WriteStamp, Write } from '@/server/write';

/** A fresh folder for one test's data. */
export const temporaryFolder = () => mkdtempSync(path.join(tmpdir(), 'frost-test-'));

/** A migrated database of a folder. */
export async function migrated(folder = temporaryFolder()): Promise<FrostDatabase> {
  const db = openDatabase(folder);
  await migrateStorage(db, folder, new Date('2027-01-13T12:00:00Z'));
  return db;
}

/** A winter day on which the demo stands. */
export const DEMO_DAY = new Date('2027-01-13T12:00:00Z');

/** Data are made once in each file of tests, and copied for each test. */
const made = new Map<boolean, Promise<string>>();

async function make(withDemo: boolean): Promise<string> {
  const folder = temporaryFolder();
  const db = await migrated(folder);
  if (withDemo) await seedDemo(db, DEMO_DAY);
  await db.destroy();
  return folder;
}

/** A fresh folder with a migrated database, and the demo of a fixed winter day in it when asked. */
export async function freshData(withDemo: boolean): Promise<string> {
  const from = made.get(withDemo) ?? make(withDemo);
  made.set(withDemo, from);
  const folder = temporaryFolder();
  cpSync(await from, folder, { recursive: true });
  return folder;
}

/** A migrated database in a fresh folder, with the demo of a fixed winter day when asked. */
export const temporaryDatabase = async (withDemo = true): Promise<FrostDatabase> =>
  openDatabase(await freshData(withDemo));

/** The writing part of a use-case, straight into a database: with ids of the test's own. */
export function writingTo(db: FrostDatabase, stamp: Partial<WriteStamp> = {}): Write {
  const newId = stamp.newId ?? (() => crypto.randomUUID());
  const at = stamp.at ?? '2027-01-13T13:00:00.000Z';
  return (work) =>
    db
      .transaction()
      .execute((transaction) =>
        work(transaction, { id: newId(), nowMs: Date.parse(at), ...stamp, newId, at }),
      );
}
