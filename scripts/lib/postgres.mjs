// Debian's PostgreSQL for the tests of the hub: a server of their own, in a folder of their own.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { refuse } from './install.mjs';

const HOME = '/usr/lib/postgresql';

/** The folder of its programs; undefined where it is not installed. */
function programs() {
  if (!existsSync(HOME)) return undefined;
  const version = readdirSync(HOME)
    .filter((name) => existsSync(path.join(HOME, name, 'bin', 'initdb')))
    .sort((a, b) => Number(b) - Number(a))[0];
  return version && path.join(HOME, version, 'bin');
}

const isRoot = () => process.getuid?.() === 0;

/** Makes sure that there is a PostgreSQL: through apt where it may, else with a sentence on what to do. */
export function ensurePostgres() {
  if (programs()) return;
  if (isRoot() && existsSync('/usr/bin/apt-get')) {
    console.log('Installing PostgreSQL through apt; this takes some minutes once.');
    for (const args of [['update'], ['install', '-y', '--no-install-recommends', 'postgresql']]) {
      spawnSync('apt-get', args, { stdio: 'inherit' });
    }
    if (programs()) return;
  }
  refuse(
    'The tests of the hub need PostgreSQL. Install it (Debian, as root: apt-get install postgresql).',
  );
}

/**
 * Runs one of its programs; as root in the name of its own user, which it insists on.
 * @param {string} name @param {string[]} args
 */
export function postgres(name, args) {
  const file = path.join(programs() ?? '', name);
  const command = isRoot() ? ['runuser', '-u', 'postgres', '--', file, ...args] : [file, ...args];
  const { status, stderr } = spawnSync(command[0] ?? '', command.slice(1), {
    encoding: 'utf8',
    // What it starts would hold on to a pipe.
    stdio: ['ignore', 'ignore', name === 'pg_ctl' ? 'ignore' : 'pipe'],
    cwd: tmpdir(),
  });
  if (status !== 0) throw new Error(`${name}: ${stderr ?? status}`);
}

/**
 * Starts a server on a port; gives its address, how to start it anew and how to end it.
 * @param {number} port
 */
export function startPostgres(port) {
  const folder = mkdtempSync(path.join(tmpdir(), 'frost-postgres-'));
  if (isRoot()) spawnSync('chown', ['postgres', folder]);
  const data = path.join(folder, 'data');
  postgres('initdb', ['-D', data, '-A', 'trust', '-U', 'postgres', '--no-sync']);
  const options = `-p ${port} -k ${folder} -c listen_addresses=127.0.0.1 -c fsync=off`;
  postgres('pg_ctl', ['-D', data, '-w', '-o', options, '-l', path.join(folder, 'log'), 'start']);
  return {
    url: `postgres://postgres@127.0.0.1:${port}`,
    restart: () => postgres('pg_ctl', ['-D', data, '-w', '-m', 'fast', 'restart']),
    stop: () => postgres('pg_ctl', ['-D', data, '-w', '-m', 'immediate', 'stop']),
  };
}
