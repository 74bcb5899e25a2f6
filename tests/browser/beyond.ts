import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync } from 'node:fs';
import type { IncomingHttpHeaders } from 'node:http';
import { request, type Agent } from 'node:https';
import { tmpdir } from 'node:os';
import path from 'node:path';
import puppeteer, { type Browser, type Page } from 'puppeteer-core';
import { afterAll, beforeAll } from 'vitest';
import { CERTUTIL, CHROMIUM, CHROMIUM_FLAGS } from '../../scripts/lib/browser.mjs';
import {
  freePort,
  freshFolder,
  launchBrowser,
  openPage,
  press,
  startDemoBeyond,
  stopDemo,
  textOf,
  typeInto,
  type Started,
} from './app';

/** Stands for the address of this machine on a network. */
export const ADDRESS = '127.0.0.2';

const authorityOf = (folder: string) => path.join(folder, 'lan', 'authority.crt');

/** A browser that trusts the authority of a folder as a device does after its certificate was installed. */
export async function launchTrusting(folder: string): Promise<Browser> {
  const home = mkdtempSync(path.join(tmpdir(), 'frost-home-'));
  const store = path.join(home, '.pki', 'nssdb');
  mkdirSync(store, { recursive: true });
  const nick = ['-n', 'frost', '-t', 'C,,', '-i', authorityOf(folder)];
  for (const args of [
    ['-N', '--empty-password'],
    ['-A', ...nick],
  ]) {
    const { status, stderr } = spawnSync(CERTUTIL, [...args, '-d', `sql:${store}`]);
    if (status !== 0) throw new Error(String(stderr));
  }
  return puppeteer.launch({
    executablePath: CHROMIUM,
    args: CHROMIUM_FLAGS,
    env: { ...process.env, HOME: home },
  });
}

export interface Answered {
  status: number;
  headers: IncomingHttpHeaders;
  body: string;
}

interface Asked {
  /** Sent as it stands, where an address would be tidied on its way. */
  path?: string;
  agent?: Agent;
  method?: string;
  headers?: Record<string, string>;
  body?: string;
}

/** Asks an address with https, trusting the authority of a folder. */
export const askSecurely = (
  folder: string,
  url: string,
  { method = 'GET', headers = {}, body, ...more }: Asked = {},
): Promise<Answered> =>
  new Promise((resolve, reject) => {
    const ca = readFileSync(authorityOf(folder));
    // The authority is checked; a name in a header that is another one is what some tests send.
    const checkServerIdentity = () => undefined;
    const asked = request(url, { method, headers, ca, checkServerIdentity, ...more }, (answer) => {
      let text = '';
      answer.setEncoding('utf8');
      answer.on('data', (piece) => (text += String(piece)));
      answer.on('end', () =>
        resolve({ status: answer.statusCode ?? 0, headers: answer.headers, body: text }),
      );
    });
    asked.on('error', reject);
    asked.end(body);
  });

export interface Beyond {
  app: Started;
  folder: string;
  /** The certificate that vouches for it. */
  authority: string;
  /** Where devices reach it. */
  origin: string;
  /** At the host computer. */
  host: Browser;
  /** Of a device. */
  device: Browser;
}

/** The demo as devices reach it: a host's browser, and one of a device that trusts it. */
export function withBeyond(): Beyond {
  const folder = freshFolder();
  const own = { folder, authority: authorityOf(folder) } as Beyond;
  beforeAll(async () => {
    const port = await freePort();
    own.app = await startDemoBeyond(port, own.folder, ADDRESS);
    own.origin = `https://${ADDRESS}:${port + 1}`;
    own.host = await launchBrowser();
    own.device = await launchTrusting(own.folder);
  });
  afterAll(async () => {
    await own.host?.close();
    await own.device?.close();
    await stopDemo(own.app);
  });
  return own;
}

/** How long a press may take to show something on a busy machine. */
const A_PRESS_MS = 20_000;

/** Shows a new code at the host computer; gives it. */
export async function showCode(page: Page, role: 'Works' | 'Looks only'): Promise<string> {
  const isShown = await page.$('[data-testid="pair-code"]');
  if (isShown) await press(page, 'Hide the code');
  await press(page, role, 'radio');
  await press(page, 'Show a code');
  // The page may just be drawn anew for what another device did: then the press went to what is gone.
  const isThere = await page
    .waitForSelector('[data-testid="pair-code"]', { timeout: A_PRESS_MS })
    .catch(() => undefined);
  if (!isThere) await press(page, 'Show a code');
  return textOf(page, 'pair-code');
}

/** What a paired device sends with each request. */
export async function cookieOf(page: Page): Promise<Record<string, string>> {
  const [session] = (await page.browserContext().cookies()).filter(({ httpOnly }) => httpOnly);
  return { cookie: `${session!.name}=${session!.value}` };
}

/** Pairs a device as a person does; gives its page, in the app, and what went wrong on it. */
export async function pairDevice(
  beyond: Beyond,
  { name, role }: { name: string; role: 'Works' | 'Looks only' },
  viewport?: Parameters<typeof openPage>[2],
) {
  const { page: host } = await openPage(beyond.host, `${beyond.app.url}/devices`);
  const code = await showCode(host, role);
  const opened = await openPage(beyond.device, `${beyond.origin}/pair`, viewport);
  await typeInto(opened.page, 'Code', code);
  await typeInto(opened.page, 'Name of this device', name);
  await Promise.all([
    opened.page.waitForNavigation({ waitUntil: 'load' }),
    press(opened.page, 'Pair'),
  ]);
  return { ...opened, host };
}
