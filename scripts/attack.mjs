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
const env = { FROST_PICK_MOMENTS: MOMENTS, FROST_PICK_LONG: '1' };
const code = run('npx', args, env);
// What the browser takes minutes for: each word of each screen in each language, the log gone, keys half written.
const LONG = ['language', 'start', 'scripts', 'bench', 'offline'];
const browser = [
  'vitest',
  'run',
  '--project',
  'browser',
  ...LONG.map((name) => `tests/browser/${name}.test.ts`),
];
// Asked for some of the long run, one wants those alone.
const isWhole = process.argv.length === 2;
process.exit(code || !isWhole ? code : run('npx', ['--no-install', ...browser], env));
