import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { newSecret } from '@/formats/secrets';

const FOLDER = 'lan';
const KEY_FILE = 'session.key';
const OWNER_ALONE = 0o600;

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
