// npm run attack: the long hostile run against servers on 127.0.0.1, bounded in count and time.
// Kills at 200 moments, worst bodies, foreign requests, load and size; its figures stand in tmp/attack.md.
import { rmSync } from 'node:fs';
import path from 'node:path';
import { ensureBuilt } from './lib/build.mjs';
import { ensureInstalled, ROOT, run } from './lib/install.mjs';

const MOMENTS = '100';

ensureInstalled();
await ensureBuilt();
rmSync(path.join(ROOT, 'tmp', 'attack.md'), { force: true });
const args = ['--no-install', 'vitest', 'run', '--project', 'attack', ...process.argv.slice(2)];
process.exit(run('npx', args, { FROST_PICK_MOMENTS: MOMENTS }));
