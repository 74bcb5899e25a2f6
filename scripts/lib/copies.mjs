// The commands for copies of the database share how they find the data and run the app's own code.
import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { bundle } from './build.mjs';
import { ROOT, ensureInstalled, refuse, requireNode } from './install.mjs';

const PROGRAM = path.join(ROOT, '.next', 'copies.mjs');

/**
 * Runs `backup` or `restore` on a data folder: `--data FOLDER`, FROST_PICK_DATA, or one's own data.
 * @param {'backup' | 'restore'} command
 */
export async function runCopies(command) {
  requireNode();
  let found;
  try {
    found = parseArgs({ options: { data: { type: 'string' } }, allowPositionals: true });
  } catch (error) {
    refuse(`${/** @type {Error} */ (error).message}. Known is --data FOLDER.`);
  }
  const { values, positionals } = found;
  const folder = path.resolve(
    values.data ?? process.env.FROST_PICK_DATA ?? path.join(ROOT, 'data', 'own'),
  );
  ensureInstalled();
  await bundle('host/copies.ts', PROGRAM);
  const { status } = spawnSync(process.execPath, [PROGRAM, command, folder, ...positionals], {
    stdio: 'inherit',
  });
  process.exit(status ?? 1);
}
