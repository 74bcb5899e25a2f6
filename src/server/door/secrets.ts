import { createHash, randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const SECRET_BYTES = 32;
const FOLDER = 'lan';
const KEY_FILE = 'session.key';
const OWNER_ALONE = 0o600;

/** A secret for a device or a token: 256 bits, letters that an address and a header may carry. */
export const newSecret = (): string => randomBytes(SECRET_BYTES).toString('base64url');

/** What of a secret is stored: it cannot be told from it. */
export const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');

/** The key that seals sessions, made at the first need and readable by its owner alone. */
export function sessionKey(dataFolder: string): string {
  const folder = path.join(/* turbopackIgnore: true */ dataFolder, FOLDER);
  const file = path.join(folder, KEY_FILE);
  mkdirSync(folder, { recursive: true });
  if (!existsSync(file)) {
    try {
      writeFileSync(file, newSecret(), { mode: OWNER_ALONE, flag: 'wx' });
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
    }
  }
  return readFileSync(file, 'utf8');
}
