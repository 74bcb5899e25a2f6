// npm test: installs and builds what is missing, then format, lint, types, arrows, unit, browser.
// `-- --quick` leaves the browser out. Closes with the line `N passed, N failed`.
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { ensureBuilt, NEXT } from './lib/build.mjs';
import { ensureInstalled, ROOT, run } from './lib/install.mjs';

const isQuick = process.argv.includes('--quick');
let passed = 0;
let failed = 0;

function check(name, command, args) {
  const isGood = run('npx', ['--no-install', command, ...args]) === 0;
  console.log(`${isGood ? 'ok' : 'FAILED'}: ${name}`);
  if (isGood) passed += 1;
  else failed += 1;
}

function suite(project) {
  const report = path.join(ROOT, 'tmp', `${project}.json`);
  mkdirSync(path.dirname(report), { recursive: true });
  rmSync(report, { force: true });
  const code = run('npx', [
    '--no-install',
    'vitest',
    'run',
    '--project',
    project,
    '--reporter=dot',
    '--reporter=json',
    `--outputFile.json=${report}`,
  ]);
  try {
    const { numPassedTests, numFailedTests, numTotalTests } = JSON.parse(
      readFileSync(report, 'utf8'),
    );
    passed += numPassedTests;
    failed += numFailedTests;
    if (numTotalTests === 0 || (code !== 0 && numFailedTests === 0)) failed += 1;
  } catch {
    console.log(`FAILED: ${project} tests gave no report`);
    failed += 1;
  }
}

ensureInstalled();
check('format', 'prettier', ['--check', '--log-level=warn', '.']);
check('lint', 'eslint', ['--max-warnings=0', '.']);
run(process.execPath, [NEXT, 'typegen']);
check('types', 'tsc', ['--noEmit']);
check('import arrows', 'depcruise', ['src', 'app', 'host', '--config', '.dependency-cruiser.cjs']);
suite('unit');
if (!isQuick) {
  const { ensureChromium } = await import('./lib/browser.mjs');
  ensureChromium();
  await ensureBuilt();
  suite('browser');
}
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
