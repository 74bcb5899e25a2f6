// Builds the app when its sources changed since the last build.
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { ROOT, refuse, run } from './install.mjs';

const SOURCES = [
  'app',
  'src',
  'instrumentation.ts',
  'next.config.ts',
  'tsconfig.json',
  'package-lock.json',
];
const STAMP = path.join(ROOT, '.next', 'frost-pick-sources');

function addTo(hash, file) {
  const full = path.join(ROOT, file);
  if (!existsSync(full)) return;
  const entries = readdirSyncOrNone(full);
  if (entries) {
    for (const entry of entries.sort()) addTo(hash, path.join(file, entry));
  } else if (!/\.test\.tsx?$/.test(file)) {
    hash.update(file);
    hash.update(readFileSync(full));
  }
}

function readdirSyncOrNone(full) {
  try {
    return readdirSync(full);
  } catch (error) {
    if (error.code === 'ENOTDIR') return undefined;
    throw error;
  }
}

export const NEXT = path.join(ROOT, 'node_modules', 'next', 'dist', 'bin', 'next');

/** Builds for production unless the last build is of these sources. */
export function ensureBuilt() {
  const hash = createHash('sha256');
  for (const source of SOURCES) addTo(hash, source);
  const wanted = hash.digest('hex');
  const hasBuild = existsSync(path.join(ROOT, '.next', 'BUILD_ID'));
  if (hasBuild && existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return;
  console.log('Building…');
  if (run(process.execPath, [NEXT, 'build']) !== 0) refuse('The build failed; see above.', 1);
  writeFileSync(STAMP, wanted);
}
