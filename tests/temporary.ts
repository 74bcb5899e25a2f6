import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

/** One folder for all that a run writes into the temporary folder, deleted at its end. */
export function setup(): (() => void) | undefined {
  // Once for all projects of a run.
  if (process.env.FROST_PICK_TESTS) return undefined;
  const folder = mkdtempSync(path.join(tmpdir(), 'frost-'));
  // Not ours alone: PostgreSQL runs as a user of its own.
  chmodSync(folder, 0o755);
  process.env.TMPDIR = process.env.FROST_PICK_TESTS = folder;
  return () => rmSync(folder, { recursive: true, force: true, maxRetries: 5 });
}
