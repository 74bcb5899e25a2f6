import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { migrate, openDatabase, type FrostDatabase } from '@/data/database';
import { seedDemo } from '@/data/demo/seed';

/** A fresh folder for one test's data. */
export const temporaryFolder = () => mkdtempSync(path.join(tmpdir(), 'frost-test-'));

/** A migrated database in a fresh folder, with the demo of a fixed winter day when asked. */
export async function temporaryDatabase(withDemo = true): Promise<FrostDatabase> {
  const db = openDatabase(temporaryFolder());
  await migrate(db);
  if (withDemo) await seedDemo(db, new Date('2027-01-13T12:00:00Z'));
  return db;
}
