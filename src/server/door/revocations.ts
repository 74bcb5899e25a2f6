import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import type { FrostDatabase } from '@/data/database';
import { revokedSecrets, revokeSecrets } from '@/data/devices';
import { ensureOwnFolder, writeWhole } from '@/data/storage/own-files';

const FILE = 'revoked';
const HASH = /^[0-9a-f]{64}$/;

const fileIn = (folder: string) => path.join(/* turbopackIgnore: true */ folder, 'lan', FILE);

/** The hashes in the list beside the database; a line that is none is passed over. */
function listed(folder: string): string[] {
  const file = fileIn(folder);
  if (!existsSync(file)) return [];
  return readFileSync(file, 'utf8')
    .split('\n')
    .filter((line) => HASH.test(line));
}

/**
 * Keeps what was revoked also beside the database, and revokes it again where a copy of before was put back. Gives how
 * many that were.
 */
export async function keepRevoked(
  db: FrostDatabase,
  { folder, at }: { folder: string; at: string },
): Promise<number> {
  const before = listed(folder);
  const again = before.length > 0 ? await revokeSecrets(db, before, at) : 0;
  const all = [...new Set([...before, ...(await revokedSecrets(db))])].sort();
  if (all.length > before.length) {
    ensureOwnFolder(path.dirname(fileIn(folder)));
    writeWhole(fileIn(folder), `${all.join('\n')}\n`);
  }
  return again;
}
