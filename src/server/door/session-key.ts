import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { ensureOwnFolder, writeWhole } from '@/data/storage/own-files';
import { newSecret } from '@/formats/secrets';

const FOLDER = 'lan';
const KEY_FILE = 'session.key';
/** What seals sessions needs at least so many characters. */
const LEAST = 32;

/**
 * The key that seals sessions, made at the first need and readable by its owner alone. One that was only half written
 * is made anew: the sessions that it sealed end, and their devices pair again.
 */
export function sessionKey(dataFolder: string): string {
  const folder = path.join(/* turbopackIgnore: true */ dataFolder, FOLDER);
  const file = path.join(folder, KEY_FILE);
  const held = existsSync(file) ? readFileSync(file, 'utf8').trim() : '';
  if (held.length >= LEAST) return held;
  ensureOwnFolder(folder);
  const made = newSecret();
  writeWhole(file, made);
  return made;
}
