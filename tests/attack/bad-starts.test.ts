import { spawn } from 'node:child_process';
import { copyFileSync, mkdirSync, readFileSync, truncateSync, writeFileSync } from 'node:fs';
import { createServer, type AddressInfo, type Server } from 'node:net';
import path from 'node:path';
import Database from 'better-sqlite3';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { papersOf } from '../../host/lan/authority.mjs';
import { startPostgres } from '../../scripts/lib/postgres.mjs';
import { migrated } from '../unit/temporary-database';
import { freePort, freshFolder } from '../browser/app';
import { note } from './measure';

const REFUSED = 3;
const PATIENCE_MS = 90_000;
let busy: Server;
let taken: string;
let postgres: ReturnType<typeof startPostgres>;
beforeAll(async () => {
  busy = createServer().listen(0, '127.0.0.1');
  await new Promise((resolve) => busy.once('listening', resolve));
  taken = String((busy.address() as AddressInfo).port);
  postgres = startPostgres(await freePort());
});
afterAll(() => {
  busy.close();
  postgres.stop();
});

interface Ended {
  code: number | null;
  lines: string[];
}

/** Runs a command of the project to its end. */
function run(script: string, args: readonly string[]): Promise<Ended> {
  const child = spawn(process.execPath, [path.join('scripts', script), ...args], {
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  for (const stream of [child.stdout, child.stderr]) {
    stream.on('data', (text) => (said += String(text)));
  }
  const timer = setTimeout(() => child.kill('SIGKILL'), PATIENCE_MS);
  return new Promise((resolve) => {
    child.on('close', (code) => {
      clearTimeout(timer);
      resolve({ code, lines: said.trim().split('\n') });
    });
  });
}

/** A folder made for one start. */
async function folderOf(prepare: (folder: string) => void | Promise<void>): Promise<string> {
  const folder = freshFolder();
  mkdirSync(folder, { recursive: true });
  await prepare(folder);
  return folder;
}
const DATABASE = 'frost-pick.db';
const write = (name: string, content: string | Buffer) => (folder: string) =>
  writeFileSync(path.join(folder, name), content);
const book = async (folder: string) => (await migrated(folder)).destroy();
const keys = async (folder: string) => {
  const machine = { own: ['bench'], addresses: ['127.0.0.4'], nowMs: Date.now() };
  await papersOf(folder, machine);
};

type Start = [what: string, script: string, args: () => Promise<string[]> | string[], said: string];
const at = (...args: string[]) => ['--port', '0', ...args];

const STARTS: Start[] = [
  ['a port that is taken', 'start.mjs', () => ['--port', taken, '--data', freshFolder()], 'port'],
  ['a port that is none', 'start.mjs', () => ['--port', '99999'], 'from 1 to 65535'],
  ['a port that is a word', 'start.mjs', () => ['--port', 'abc'], 'from 1 to 65535'],
  ['an option that is none', 'start.mjs', () => ['--portt', '1'], 'Known are'],
  ['an option without its value', 'start.mjs', () => ['--data'], 'Known are'],
  [
    'a name that is none',
    'start.mjs',
    async () => ['--port', String(await freePort()), '--data', freshFolder(), '--host-name', 'a b'],
    'name',
  ],
  ['an address that is none', 'start.mjs', () => ['--lan', '1.2.3'], '1.2.3'],
  ['an address of another machine', 'start.mjs', () => ['--lan', '192.0.2.9'], '192.0.2.9'],
  [
    'loopback as a network',
    'start.mjs',
    async () => ['--port', String(await freePort()), '--data', freshFolder(), '--lan', '127.0.0.1'],
    'this machine itself',
  ],
  [
    'a folder that is a file',
    'start.mjs',
    async () => [
      '--port',
      String(await freePort()),
      '--data',
      path.join(await folderOf(write('x', '')), 'x'),
    ],
    'cannot be written',
  ],
  [
    'a folder in a file',
    'start.mjs',
    async () => [
      '--port',
      String(await freePort()),
      '--data',
      path.join(await folderOf(write('x', '')), 'x', 'y'),
    ],
    'cannot be written',
  ],
  [
    'a folder of the system',
    'start.mjs',
    async () => ['--port', String(await freePort()), '--data', '/proc/frost'],
    'cannot be written',
  ],
  [
    'a newer database',
    'start.mjs',
    async () => [
      '--port',
      String(await freePort()),
      '--data',
      await folderOf(async (folder) => {
        await book(folder);
        const sqlite = new Database(path.join(folder, DATABASE));
        sqlite
          .prepare(
            String.raw`insert into kysely_migration (name, timestamp) values ('9999-later', 'x')`,
          )
          .run();
        sqlite.close();
      }),
    ],
    'newer',
  ],
  [
    'keys that are a file',
    'start.mjs',
    async () => [
      '--port',
      String(await freePort()),
      '--data',
      await folderOf(write('lan', 'x')),
      '--lan',
      '127.0.0.4',
    ],
    'keys of this machine',
  ],
  ['nothing to copy', 'backup.mjs', () => ['--data', freshFolder()], 'no'],
  ['an option of copies that is none', 'backup.mjs', () => ['--dat', 'x'], 'Known is'],
  ['no copy named', 'restore.mjs', async () => ['--data', await folderOf(book)], 'cop'],
  [
    'a copy that is not there',
    'restore.mjs',
    async () => ['--data', await folderOf(book), 'nowhere.db'],
    'nowhere.db',
  ],
  [
    'a copy that is no database',
    'restore.mjs',
    async () => {
      const folder = await folderOf(book);
      writeFileSync(path.join(folder, 'notes.db'), 'no database at all');
      return ['--data', folder, path.join(folder, 'notes.db')];
    },
    'damaged',
  ],
  [
    'a hub without PostgreSQL',
    'hub.mjs',
    () => at('--postgres', 'postgres://x@127.0.0.1:9/x').slice(2),
    'does not answer',
  ],
  ['a hub without an address of it', 'hub.mjs', () => [], 'Say where PostgreSQL is'],
  [
    'a hub on no such database',
    'hub.mjs',
    () => ['--postgres', `${postgres.url}/nowhere`],
    'does not answer',
  ],
  [
    'a hub on a port that is taken',
    'hub.mjs',
    () => ['--postgres', `${postgres.url}/postgres`, '--port', taken],
    'cannot listen',
  ],
  [
    'a hub on a port that is none',
    'hub.mjs',
    () => ['--postgres', 'postgres://x', '--port', '99999'],
    'from 1 to 65535',
  ],
  [
    'a hub with half of its papers',
    'hub.mjs',
    () => ['--postgres', 'postgres://x', '--key', 'package.json'],
    'needs both',
  ],
  [
    'a hub with papers that are not there',
    'hub.mjs',
    () => ['--postgres', 'postgres://x', '--key', 'no', '--certificate', 'no'],
    'There is no file',
  ],
  [
    'a hub with papers that are none',
    'hub.mjs',
    () => [
      '--postgres',
      `${postgres.url}/postgres`,
      '--key',
      'package.json',
      '--certificate',
      'package.json',
    ],
    'cannot be used',
  ],
  [
    'a hub with a quota that is none',
    'hub.mjs',
    () => ['--postgres', 'postgres://x', '--quota', 'much'],
    'megabytes',
  ],
  [
    'a cabin without a name',
    'hub.mjs',
    () => ['--postgres', 'postgres://x', '--cabin', ''],
    'name of a cabin',
  ],
  ['a hub option that is none', 'hub.mjs', () => ['--postgre', 'x'], 'Known are'],
];

it.each(STARTS)('%s ends in one clear sentence', async (what, script, args, said) => {
  const { code, lines } = await run(script, await args());
  expect([what, code, lines.length, lines[0]]).toEqual([
    what,
    REFUSED,
    1,
    expect.stringContaining(said),
  ]);
  expect(lines[0]).not.toMatch(/\bat .*:\d+|Error:/);
  if (what === STARTS.at(-1)![0])
    note('bad starts', `${STARTS.length} of ${STARTS.length}: one sentence, exit 3`);
});

/** What can still be read is shown: the server runs, and says so. */
const READ_ONLY: [what: string, prepare: (folder: string) => Promise<void>][] = [
  ['no database at all', async (folder) => write(DATABASE, 'no database at all')(folder)],
  [
    'the first half of a database',
    async (folder) => {
      await book(folder);
      const file = path.join(folder, DATABASE);
      truncateSync(file, Math.floor(readFileSync(file).length / 2));
    },
  ],
  [
    'a log of another database',
    async (folder) => {
      await book(folder);
      const other = freshFolder();
      mkdirSync(other, { recursive: true });
      const db = await migrated(other);
      copyFileSync(path.join(other, `${DATABASE}-wal`), path.join(folder, `${DATABASE}-wal`));
      await db.destroy();
    },
  ],
];

it.each(READ_ONLY)(
  '%s is said in one sentence, and nothing is written to it',
  async (_what, prepare) => {
    const folder = await folderOf(prepare);
    const before = readFileSync(path.join(folder, DATABASE));
    const port = String(await freePort());
    const child = spawn(process.execPath, ['scripts/start.mjs', '--port', port, '--data', folder], {
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let said = '';
    const ended = new Promise<number | null>((resolve) => child.on('close', resolve));
    const isUp = new Promise<void>((resolve) => {
      for (const stream of [child.stdout, child.stderr]) {
        stream.on('data', (text) => {
          said += String(text);
          if (said.includes('http://')) resolve();
        });
      }
    });
    await Promise.race([isUp, ended]);
    expect(said).not.toMatch(/\n\s+at /);
    child.kill('SIGTERM');
    await ended;
    expect(readFileSync(path.join(folder, DATABASE)).equals(before)).toBe(true);
  },
);

it('keys that were emptied are made anew', async () => {
  const folder = await folderOf(keys);
  for (const name of ['machine.key', 'authority.crt']) {
    writeFileSync(path.join(folder, name), '');
    await keys(folder);
    expect(readFileSync(path.join(folder, name)).length).toBeGreaterThan(100);
  }
});
