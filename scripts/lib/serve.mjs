// Starts the server as a child, says where it is, and ends it cleanly on a signal.
import { spawn } from 'node:child_process';
import { accessSync, constants, existsSync, mkdirSync } from 'node:fs';
import { createServer } from 'node:net';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { addressProblem, ownAddresses } from '../../host/lan/addresses.mjs';
import { WORKER } from './build.mjs';
import { ROOT, refuse } from './install.mjs';

const HOST = '127.0.0.1';
const SERVER = path.join(ROOT, 'host', 'server.mjs');
const DEFAULT_PORT = 3210;
const END_WAIT_MS = 3000;
const HOST_NAME = /^[a-z\d]([a-z\d.-]{0,251}[a-z\d])?$/i;

/**
 * Where the data are when nobody says: the demo and one's own lie apart. A demo of before lay in `data` itself, and
 * stays there.
 * @param {'own' | 'demo'} kind
 */
function usualFolder(kind) {
  const old = path.join(ROOT, 'data');
  const own = path.join(old, kind);
  const isOld = kind === 'demo' && !existsSync(own) && existsSync(path.join(old, 'frost-pick.db'));
  return isOld ? old : own;
}

/**
 * The addresses of `--lan`: those that are named, or every one of this machine; the other arguments.
 * @param {string[]} args
 */
function lanOf(args) {
  /** @type {string[]} */
  const rest = [];
  /** @type {string[]} */
  const named = [];
  let isWanted = false;
  for (let at = 0; at < args.length; at += 1) {
    const [one = '', next] = [args[at], args[at + 1]];
    if (one !== '--lan') {
      rest.push(one);
      continue;
    }
    isWanted = true;
    if (next === undefined || next.startsWith('--')) continue;
    named.push(next);
    at += 1;
  }
  if (!isWanted) return { lan: [], rest };
  for (const address of named) {
    const problem = addressProblem(address);
    if (problem) refuse(problem);
  }
  const lan = named.length > 0 ? [...new Set(named)] : ownAddresses();
  if (lan.length === 0) {
    refuse('This machine is on no network just now. Connect it first, or start without --lan.');
  }
  return { lan, rest };
}

/**
 * Port, data folder and where to listen from `--port`, `--data`, the environment, or the defaults.
 * @param {'own' | 'demo'} kind
 */
export function readOptions(kind) {
  let values;
  const { lan, rest } = lanOf(process.argv.slice(2));
  try {
    values = parseArgs({
      args: rest,
      options: {
        port: { type: 'string' },
        data: { type: 'string' },
        'host-name': { type: 'string', multiple: true },
      },
    }).values;
  } catch (error) {
    refuse(
      `${/** @type {Error} */ (error).message}. Known are --port NUMBER, --data FOLDER, --lan [ADDRESS] and --host-name NAME.`,
    );
  }
  const text = values.port ?? process.env.PORT ?? String(DEFAULT_PORT);
  const port = Number(text);
  if (!Number.isInteger(port) || port < 1 || port > 65535) {
    refuse(`The port must be a number from 1 to 65535; got ${text}.`);
  }
  const noName = (values['host-name'] ?? []).find((name) => !HOST_NAME.test(name));
  if (noName !== undefined) {
    refuse(`A host name has letters, figures, dots and hyphens; got ${noName}.`);
  }
  return {
    port,
    data: path.resolve(values.data ?? process.env.FROST_PICK_DATA ?? usualFolder(kind)),
    hostNames: values['host-name'] ?? [],
    lan,
  };
}

/**
 * Makes a folder and those it lies in; one by one, as Node.js tries for ever where a file system has no folders to make.
 * @param {string} folder
 */
function makeFolder(folder) {
  if (existsSync(folder)) return;
  makeFolder(path.dirname(folder));
  mkdirSync(folder);
}

/** @param {string} folder */
export function requireFolder(folder) {
  try {
    makeFolder(folder);
    accessSync(folder, constants.W_OK);
  } catch {
    refuse(`The data folder ${folder} cannot be written. Choose another: -- --data FOLDER`);
  }
}

/** @param {number} port @param {readonly string[]} lan addresses beyond this machine */
export async function requireFreePort(port, lan = []) {
  await requireFreeAt(port, HOST, port);
  for (const address of lan) {
    await requireFreeAt(port, address, port);
    // The one after it is for https.
    await requireFreeAt(port + 1, address, port);
  }
}

/** @param {number} port @param {string} address @param {number} asked */
function requireFreeAt(port, address, asked) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', (/** @type {NodeJS.ErrnoException} */ error) =>
      refuse(
        error.code === 'EADDRINUSE'
          ? `Port ${port} is in use${address === HOST ? '' : ` at ${address}`}. Choose another: -- --port ${asked + (address === HOST ? 1 : 2)}`
          : `Port ${port} cannot be opened (${error.code}). Choose another: -- --port 4000`,
      ),
    );
    probe.listen(port, address, () => probe.close(resolve));
  });
}

/**
 * @param {number} port
 * @param {import('node:child_process').ChildProcess} child
 * @param {readonly string[]} lan
 */
async function announce(port, child, lan) {
  for (;;) {
    if (child.exitCode !== null) return;
    try {
      const answer = await fetch(`http://${HOST}:${port}/api/v1/openapi.json`);
      if (!answer.ok) {
        console.error(
          `Frost Pick could not start: it answers ${answer.status}. What went wrong stands above.`,
        );
        child.kill('SIGTERM');
        return;
      }
      console.log(`Frost Pick is at http://${HOST}:${port}  (Ctrl-C ends it)`);
      for (const address of lan) {
        console.log(`Paired devices reach it at https://${address}:${port + 1}`);
      }
      return;
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 150));
    }
  }
}

/**
 * What the clock of the app is ahead of the machine's, ms, by FROST_PICK_NOW: for tests, and for a demo of another day.
 * @param {boolean} isDemo
 */
function clockShift(isDemo) {
  const now = process.env.FROST_PICK_NOW;
  if (!now) return 0;
  if (!isDemo && !process.env.VITEST) {
    refuse(
      'FROST_PICK_NOW sets another time for the demo and for tests. Unset it to use your own data.',
    );
  }
  const ms = Date.parse(now);
  if (Number.isNaN(ms))
    refuse(`FROST_PICK_NOW must be a time such as 2027-01-13T06:10:00Z; got ${now}.`);
  return ms - Date.now();
}

/**
 * Runs the server until it ends or a signal ends it.
 * @param {'start' | 'dev'} mode
 * @param {{ port: number, data: string, hostNames: string[], lan: string[] }} options
 * @param {Record<string, string>} env
 */
export function serve(mode, { port, data, hostNames, lan }, env = {}) {
  const names = hostNames.flatMap((name) => ['--host-name', name]);
  const beyond = lan.flatMap((address) => ['--lan', address]);
  const shiftMs = clockShift(env.FROST_PICK_DEMO === '1');
  const args = ['--port', String(port), ...names, ...beyond, ...(mode === 'dev' ? ['--dev'] : [])];
  const child = spawn(process.execPath, [SERVER, ...args], {
    cwd: ROOT,
    // The channel tells the server when this process is gone, killed or not.
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    env: {
      ...process.env,
      NEXT_TELEMETRY_DISABLED: '1',
      NODE_ENV: mode === 'dev' ? 'development' : 'production',
      FROST_PICK_DATA: data,
      FROST_PICK_CLOCK_SHIFT_MS: String(shiftMs),
      ...(mode === 'dev' ? {} : { FROST_PICK_WORKER: WORKER }),
      ...env,
    },
  });
  let isEnding = false;
  const end = () => {
    if (isEnding) return;
    isEnding = true;
    child.kill('SIGTERM');
    setTimeout(() => child.kill('SIGKILL'), END_WAIT_MS).unref();
  };
  process.on('SIGINT', end);
  process.on('SIGTERM', end);
  child.on('exit', (code) => process.exit(isEnding ? 0 : (code ?? 1)));
  return announce(port, child, lan);
}
