// npm test: installs and builds what is missing, then format, lint, types, arrows and share of tests beside the
// unit tests, then the browser. `-- --quick` leaves out the browser, the screens and the slow tests.
// Closes with the line `N passed, N failed`.
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { ensureBuilt, NEXT } from './lib/build.mjs';
import { ensureInstalled, ROOT } from './lib/install.mjs';
import { testShare } from './lib/share.mjs';

const LEAST_SHARE = 0.25;
const PROGRESS = path.join(ROOT, 'scripts', 'lib', 'progress.mjs');
const ALL_UNITS = ['--project', 'unit', '--project', 'screens', '--project', 'apart'];
const isQuick = process.argv.includes('--quick');
let passed = 0;
let failed = 0;

/**
 * Runs a command of the project; what it says is told when it has ended, since others run beside it, or to `hear`.
 * @param {string} command
 * @param {string[]} args
 * @param {(text: string) => void} [hear]
 * @returns {Promise<{ code: number, output: string }>}
 */
function run(command, args, hear) {
  return new Promise((resolve) => {
    const env = { ...process.env, NEXT_TELEMETRY_DISABLED: '1', NO_COLOR: '1' };
    const child = spawn(command, args, { cwd: ROOT, env, stdio: ['ignore', 'pipe', 'pipe'] });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) {
      stream.on('data', (text) => (hear ? hear(String(text)) : (output += String(text))));
    }
    child.on('close', (code) => resolve({ code: code ?? 1, output }));
  });
}

/** @param {string[]} command */
const tool = ([name = '', ...args]) => run('npx', ['--no-install', name, ...args]);

/** @param {boolean} isGood @param {string} name @param {string} more */
function tell(isGood, name, more = '') {
  if (!isGood) console.log(more);
  console.log(`${isGood ? 'ok' : 'FAILED'}: ${name}`);
  if (isGood) passed += 1;
  else failed += 1;
}

const CACHED = ['--cache', '--cache-location'];
/** @type {[string, string[]][]} */
const CHECKS = [
  ['format', ['prettier', '--check', '--log-level=warn', ...CACHED, 'tmp/prettier', '.']],
  ['lint', ['eslint', '--max-warnings=0', ...CACHED, 'tmp/eslint', '.']],
  ['types', ['tsc', '--noEmit']],
  ['types of the scripts', ['tsc', '--noEmit', '-p', 'tsconfig.scripts.json']],
  ['import arrows', ['depcruise', 'src', 'app', 'host', '--config', '.dependency-cruiser.cjs']],
];

async function checks() {
  await run(process.execPath, [NEXT, 'typegen']);
  for (const [name, command] of CHECKS) {
    const { code, output } = await tool(command);
    tell(code === 0, name, output);
  }
  const share = testShare();
  const told = `${(100 * share).toFixed(1)} % of the code is tests, at least ${100 * LEAST_SHARE} % are wanted`;
  tell(share >= LEAST_SHARE, told);
}

/**
 * Runs projects of the tests and counts what they say.
 * @param {string} name
 * @param {string[]} args
 */
async function suite(name, args) {
  const report = path.join(ROOT, 'tmp', `${name}.json`);
  rmSync(report, { force: true });
  const reporters = [`--reporter=${PROGRESS}`, '--reporter=json', `--outputFile.json=${report}`];
  const command = ['--no-install', 'vitest', 'run', ...args, ...reporters];
  const { code } = await run('npx', command, (text) => process.stdout.write(text));
  try {
    const { numPassedTests, numFailedTests, numTotalTests } = JSON.parse(
      readFileSync(report, 'utf8'),
    );
    passed += numPassedTests;
    failed += numFailedTests;
    if (numTotalTests === 0 || (code !== 0 && numFailedTests === 0)) failed += 1;
  } catch {
    console.log(`FAILED: ${name} tests gave no report`);
    failed += 1;
  }
}

ensureInstalled();
mkdirSync(path.join(ROOT, 'tmp'), { recursive: true });
if (isQuick) {
  await Promise.all([checks(), suite('unit', ['--project', 'quick'])]);
} else {
  await Promise.all([checks(), suite('unit', ALL_UNITS)]);
  // Only then: a browser beside them takes twice as long, and nothing is won.
  const { ensureChromium } = await import('./lib/browser.mjs');
  const { ensurePostgres } = await import('./lib/postgres.mjs');
  ensureChromium();
  ensurePostgres();
  await ensureBuilt();
  await suite('browser', ['--project', 'browser', '--project', 'hub']);
}
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
