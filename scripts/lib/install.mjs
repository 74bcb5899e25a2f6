// Installs the locked packages when the lock changed, keeping the one compiled binary in a cache.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { copyFileSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { homedir } from 'node:os';
import path from 'node:path';

export const ROOT = path.resolve(import.meta.dirname, '..', '..');
const STAMP = path.join(ROOT, 'node_modules', '.frost-pick-lock');
const BINARY = path.join(ROOT, 'node_modules/better-sqlite3/build/Release/better_sqlite3.node');

/**
 * Ends the process with a sentence.
 * @param {string} message
 * @returns {never}
 */
export function refuse(message, code = 3) {
  console.error(message);
  process.exit(code);
}

/**
 * What is wrong with a Node.js version, or undefined.
 * @param {string} version
 */
export function nodeProblem(version) {
  const [major = 0, minor = 0] = version.split('.').map(Number);
  return major < 20 || (major === 20 && minor < 9)
    ? `Frost Pick needs Node.js 20.9 or newer; this is ${version}.`
    : undefined;
}

export function requireNode() {
  const problem = nodeProblem(process.versions.node);
  if (problem) refuse(problem);
}

/**
 * Runs a command in the project; gives its exit code.
 * @param {string} command
 * @param {string[]} args
 * @param {Record<string, string>} env
 */
export function run(command, args, env = {}) {
  const done = spawnSync(command, args, {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
  });
  return done.status ?? 1;
}

/** @param {string | Buffer} text */
const hashOf = (text) => createHash('sha256').update(text).digest('hex').slice(0, 16);

function cachedBinary() {
  const lock = JSON.parse(readFileSync(path.join(ROOT, 'package-lock.json'), 'utf8'));
  const version = lock.packages['node_modules/better-sqlite3'].version;
  const key = `better-sqlite3-${version}-abi${process.versions.modules}-${process.platform}-${process.arch}.node`;
  const cache = process.env.XDG_CACHE_HOME || path.join(homedir(), '.cache');
  return path.join(cache, 'frost-pick', key);
}

const binaryWorks = () =>
  spawnSync(
    process.execPath,
    ['-e', "new (require('better-sqlite3'))(':memory:').prepare('select 1').get()"],
    { cwd: ROOT, stdio: 'ignore' },
  ).status === 0;

function keepBinary() {
  try {
    mkdirSync(path.dirname(cachedBinary()), { recursive: true });
    copyFileSync(BINARY, cachedBinary());
  } catch {
    // Without a cache the next installation compiles again.
  }
}

function provideBinary() {
  if (existsSync(cachedBinary())) {
    mkdirSync(path.dirname(BINARY), { recursive: true });
    copyFileSync(cachedBinary(), BINARY);
    if (binaryWorks()) return;
    rmSync(BINARY);
  }
  console.log('Compiling the SQLite driver; this takes some minutes once.');
  if (run('npm', ['rebuild', 'better-sqlite3', '--ignore-scripts=false']) !== 0 || !binaryWorks()) {
    refuse(
      'The SQLite driver could not be built. It needs python3, make and a C++ compiler (Debian: apt-get install python3 make g++), or a network that reaches its prebuilt file.',
    );
  }
  keepBinary();
}

const TURN = path.join(ROOT, 'node_modules.installing');
const LOOK_AGAIN_MS = 500;

/** @param {number} pid */
function isAlive(pid) {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return /** @type {NodeJS.ErrnoException} */ (error).code === 'EPERM';
  }
}

/** Waits until no other start installs, then takes the turn: two at once would wreck what both lay down. */
function takeTurn() {
  for (;;) {
    try {
      writeFileSync(TURN, String(process.pid), { flag: 'wx' });
      return;
    } catch (error) {
      if (/** @type {NodeJS.ErrnoException} */ (error).code !== 'EEXIST') throw error;
    }
    const holder = existsSync(TURN) ? Number(readFileSync(TURN, 'utf8')) : 0;
    // Who was killed while it installed leaves its mark behind.
    if (holder > 0 && !isAlive(holder)) rmSync(TURN, { force: true });
    else Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, LOOK_AGAIN_MS);
  }
}

/** Installs what the lock names, unless that stands installed already. */
export function ensureInstalled() {
  requireNode();
  const lock = path.join(ROOT, 'package-lock.json');
  const wanted = `${hashOf(readFileSync(lock))}-${process.versions.modules}`;
  const isDone = () =>
    existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted && existsSync(BINARY);
  if (isDone()) return;
  takeTurn();
  try {
    if (isDone()) return;
    const isOnlyDriver = existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted;
    if (isOnlyDriver) {
      provideBinary();
      return;
    }
    console.log('Installing packages…');
    // The build needs the development packages too, whatever NODE_ENV says.
    const args = ['ci', '--include=dev', '--ignore-scripts', '--no-audit', '--no-fund'];
    if (run('npm', args) !== 0) {
      refuse(
        'The packages could not be installed: the npm registry or its cache must be in reach.',
      );
    }
    provideBinary();
    writeFileSync(STAMP, wanted);
  } finally {
    rmSync(TURN, { force: true });
  }
}
