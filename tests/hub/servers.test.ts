import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { request } from 'node:https';
import { createServer, type AddressInfo } from 'node:net';
import path from 'node:path';
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, expect, it, vi } from 'vitest';
import { papersOf } from '../../host/lan/authority.mjs';
import { startPostgres } from '../../scripts/lib/postgres.mjs';
import {
  freePort,
  freshFolder,
  goTo,
  launchBrowser,
  openPage,
  press,
  startDemo,
  startOwn,
  stopDemo,
  typeInto,
  waitForText,
  type Started,
} from '../browser/app';

let postgres: ReturnType<typeof startPostgres>;
let [hub, hubUrl] = [undefined as ChildProcess | undefined, ''];
let browser: Browser;
let cabins: Started[] = [];

const ofHub = (more: readonly string[]) => [
  'scripts/hub.mjs',
  '--postgres',
  `${postgres.url}/postgres`,
  ...more,
];
const startHub = async (port: number, more: string[] = []): Promise<ChildProcess> => {
  const child = spawn(process.execPath, ofHub(['--port', String(port), ...more]), {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((resolve) =>
    child.stdout.on('data', (said) => {
      if (String(said).includes('The hub is at')) resolve();
    }),
  );
  return child;
};
const letIn = (name: string): string =>
  spawnSync(process.execPath, ofHub(['--cabin', name]), { encoding: 'utf8' })
    .stdout.trim()
    .split('\n')
    .at(-1)!;

beforeAll(async () => {
  postgres = startPostgres(await freePort());
  const port = await freePort();
  hub = await startHub(port);
  hubUrl = `http://127.0.0.1:${port}`;
  cabins = [
    await startDemo(await freePort(), freshFolder()),
    await startOwn(await freePort(), freshFolder()),
    await startOwn(await freePort(), freshFolder()),
  ];
  browser = await launchBrowser();
});
afterAll(async () => {
  await browser?.close();
  for (const cabin of cabins) await stopDemo(cabin);
  hub?.kill('SIGTERM');
  await new Promise((resolve) => hub?.on('exit', resolve));
  postgres.stop();
});

const recordsOf = async ({ url }: Started): Promise<Record<string, unknown[]>> => {
  const answer = await fetch(`${url}/api/v1/book?format=json`);
  const { records } = (await answer.json()) as { records: Record<string, unknown[]> };
  return Object.fromEntries(
    Object.entries(records).map(([name, list]) => [
      name,
      list.map((one) => JSON.stringify(one)).sort(),
    ]),
  );
};

it('three servers join a hub in their settings and keep one book, also after a time without it', async () => {
  const pages = [];
  for (const [at, cabin] of cabins.entries()) {
    // The second and the third begin empty: their settings need no outing.
    const { page } = await openPage(browser, `${cabin.url}/settings`);
    await typeInto(page, 'Address of the hub', hubUrl);
    await typeInto(page, 'Token of this cabin', letIn(`Cabin ${at + 1}`));
    await press(page, 'Join the hub');
    await waitForText(page, 'In sync.');
    pages.push(page);
  }
  await goTo(pages[1]!, `${cabins[1]!.url}/outing/demo-tour/log`);
  hub!.kill('SIGTERM');
  await new Promise((resolve) => hub!.on('exit', resolve));
  await typeInto(pages[1]!, 'Write a note', 'Written while there was no hub');
  await press(pages[1]!, 'Add note');
  await waitForText(pages[1]!, 'Written while there was no hub');
  await goTo(pages[1]!, `${cabins[1]!.url}/settings`);
  await press(pages[1]!, 'Sync now');
  await waitForText(pages[1]!, 'The hub cannot be reached.');

  hub = await startHub(Number(new URL(hubUrl).port));
  for (const at of [1, 0, 2, 1, 0]) {
    await goTo(pages[at]!, `${cabins[at]!.url}/settings`);
    await press(pages[at]!, 'Sync now');
    await waitForText(pages[at]!, 'In sync.');
  }
  await goTo(pages[2]!, `${cabins[2]!.url}/outing/demo-tour/log`);
  await waitForText(pages[2]!, 'Written while there was no hub');
  const [first, ...others] = await Promise.all(cabins.map(recordsOf));
  for (const other of others) expect(other).toEqual(first);
});

it('a hub goes on when PostgreSQL was started anew', async () => {
  const { page } = await openPage(browser, `${cabins[0]!.url}/settings`);
  const ended = vi.fn();
  hub!.once('exit', ended);
  postgres.restart();
  await press(page, 'Sync now');
  await waitForText(page, 'In sync.');
  expect(ended).not.toHaveBeenCalled();
});

it('a hub that cannot start says why in one sentence', async () => {
  const busy = createServer().listen(0, '127.0.0.1');
  await new Promise((resolve) => busy.once('listening', resolve));
  const port = String((busy.address() as AddressInfo).port);
  const notes = path.join(freshFolder(), 'notes.txt');
  writeFileSync(notes, 'no certificate');
  const tries: [string, string[], string][] = [
    ['PostgreSQL away', ['--postgres', 'postgres://x@127.0.0.1:9/x'], 'does not answer'],
    ['no such database', ['--postgres', `${postgres.url}/nowhere`], 'does not answer'],
    ['port taken', ['--port', port], 'cannot listen'],
    ['no such port', ['--port', '99999'], 'from 1 to 65535'],
    ['no certificate', ['--certificate', notes, '--key', notes, '--port', '1'], 'cannot be used'],
  ];
  for (const [what, more, sentence] of tries) {
    const { status, stderr } = spawnSync(process.execPath, ofHub(more), { encoding: 'utf8' });
    expect([what, status, stderr.trim().split('\n').length]).toEqual([what, 3, 1]);
    expect(stderr).toContain(sentence);
  }
  busy.close();
});

it('a hub speaks https with a certificate, and wants its key too', async () => {
  const folder = freshFolder();
  const machine = { own: ['hub'], addresses: ['127.0.0.1'], nowMs: Date.now() };
  const { authority } = await papersOf(folder, machine);
  const [cert, key] = [path.join(folder, 'machine.crt'), path.join(folder, 'machine.key')];
  const alone = spawnSync(process.execPath, ofHub(['--certificate', cert]), { encoding: 'utf8' });
  expect(alone.status).toBe(3);
  expect(alone.stderr).toContain('https needs both');
  const port = await freePort();
  const child = await startHub(port, ['--certificate', cert, '--key', key]);
  const status = await new Promise<number>((resolve, reject) => {
    const where = { host: '127.0.0.1', port, path: '/v1/check', method: 'POST', ca: authority };
    request(where, (answer) => {
      answer.resume();
      resolve(answer.statusCode ?? 0);
    })
      .on('error', reject)
      .end('{}');
  });
  expect(status).toBe(401);
  child.kill('SIGTERM');
  await new Promise((resolve) => child.on('exit', resolve));
});
