// npm run bench: speeds, each beside a baseline of the same run.
import { readdirSync } from 'node:fs';
import path from 'node:path';
import { bundle, ensureBuilt } from './lib/build.mjs';
import { ensureInstalled, ROOT, run } from './lib/install.mjs';

ensureInstalled();
await ensureBuilt();
const wanted = process.argv.slice(2);
for (const file of readdirSync(path.join(ROOT, 'bench')).sort()) {
  if (!file.endsWith('.bench.ts')) continue;
  if (wanted.length > 0 && !wanted.some((word) => file.includes(word))) continue;
  // In one file, as the app's threads and workers have it: modules loaded one by one run slower.
  const program = path.join(ROOT, 'tmp', 'bench', file.replace(/ts$/, 'mjs'));
  await bundle(path.join('bench', file), program);
  if (run(process.execPath, [program]) !== 0) process.exit(1);
}
