import { existsSync, readdirSync, renameSync, rmSync } from 'node:fs';
import path from 'node:path';
import { sql, type Kysely } from 'kysely';

const UNFINISHED = '.unfinished';

/** `frost-pick-before-0005-2026-11-25T06-12-09.db`: in order of time, safe on every file system. */
const nameFor = (before: string, at: Date) =>
  `frost-pick-before-${before.slice(0, 4)}-${at.toISOString().slice(0, 19).replace(/:/g, '-')}.db`;

/**
 * Copies the database as it is into its folder under a dated name, whole or not at all; gives the path of
 * the copy. Copies that an earlier kill left unfinished are removed first.
 */
export async function backUp(
  db: Kysely<unknown>,
  { folder, before, at }: { folder: string; before: string; at: Date },
): Promise<string> {
  for (const name of readdirSync(folder)) {
    if (name.endsWith(UNFINISHED)) rmSync(path.join(folder, name), { force: true });
  }
  const copy = path.join(folder, nameFor(before, at));
  if (existsSync(copy)) return copy;
  await sql`vacuum into ${copy + UNFINISHED}`.execute(db);
  renameSync(copy + UNFINISHED, copy);
  return copy;
}
