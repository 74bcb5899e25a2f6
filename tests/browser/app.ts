import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { AxePuppeteer } from '@axe-core/puppeteer';
import { afterAll, beforeAll } from 'vitest';
import puppeteer, {
  type Browser,
  type ElementHandle,
  type HTTPRequest,
  type Page,
} from 'puppeteer-core';
import { shiftClock, wallIso } from '@/core/time';
import { CHROMIUM, CHROMIUM_FLAGS } from '../../scripts/lib/browser.mjs';

/**
 * The clock of every app that is tested, and of the tests: a winter morning, whatever time it is. `npm run hours` sets
 * others.
 */
const MORNING = '2027-01-13T06:10:00Z';
shiftClock(Date.parse(process.env.FROST_PICK_NOW ?? MORNING) - Date.now());

/** The long run: `npm run attack` looks at every screen in every language; `npm test` at a selection. */
export const IS_LONG = process.env.FROST_PICK_LONG === '1';
/** Every n-th of some cases, all of them in the long run. */
export const selection = <T>(cases: readonly T[], nth: number): T[] =>
  cases.filter((_, i) => IS_LONG || i % nth === 0);

/** How long a shared machine may take over what usually takes a second. */
export const PATIENCE_MS = 60_000;
export const WIDE = { width: 1280, height: 800 };
export const NARROW = { width: 390, height: 844, isMobile: true, hasTouch: true };

/** Ports that no outgoing connection is given, so that one stays free while a server is started again. */
const [LEAST_PORT, PORTS] = [20_000, 12_000];

const isFree = (port: number) =>
  new Promise<boolean>((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });

/** A port that is free, and so is the next one. */
export async function freePort(): Promise<number> {
  for (;;) {
    const port = LEAST_PORT + Math.floor(Math.random() * PORTS);
    if ((await isFree(port)) && (await isFree(port + 1))) return port;
  }
}

/** Waits until nobody holds a port any more: what was killed lets go of it a moment later. */
export async function untilFree(port: number): Promise<void> {
  while (!(await isFree(port))) await new Promise((resolve) => setTimeout(resolve, 100));
}

export const freshFolder = () => mkdtempSync(path.join(tmpdir(), 'frost-browser-'));

/** What a start of the app printed, and how it ended when it did. */
export interface Started {
  child: ChildProcess;
  url: string;
  output: () => string;
  ended: Promise<number | null>;
}

/** Runs the demo command; resolves when it says where it is, or has ended. */
export const startDemo = (
  port: number,
  folder: string,
  env: Record<string, string> = {},
): Promise<Started> => start('scripts/demo.mjs', { port, folder, env });

/** The same, reached by paired devices at an address beyond this machine too. */
export const startDemoBeyond = (port: number, folder: string, address: string): Promise<Started> =>
  start('scripts/demo.mjs', { port, folder, env: {}, more: ['--lan', address] });

/** Runs the app on one's own data, which begin empty. */
export const startOwn = (port: number, folder: string): Promise<Started> =>
  start('scripts/start.mjs', { port, folder, env: {} });

interface StartOptions {
  port: number;
  folder: string;
  env: Record<string, string>;
  more?: readonly string[];
}

async function start(
  script: string,
  { port, folder, env, more = [] }: StartOptions,
): Promise<Started> {
  const args = [script, '--port', String(port), '--data', folder, ...more];
  const child = spawn(process.execPath, args, {
    stdio: ['ignore', 'pipe', 'pipe'],
    env: {
      ...process.env,
      FROST_PICK_NOW: wallIso(),
      NODE_ENV: 'production',
      ...env,
    },
  });
  let text = '';
  const ended = new Promise<number | null>((resolve) => child.on('exit', resolve));
  const ready = new Promise<void>((resolve) => {
    const hear = (chunk: unknown) => {
      text += String(chunk);
      if (text.includes('Frost Pick is at')) resolve();
    };
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
  });
  await Promise.race([ready, ended]);
  return { child, url: `http://127.0.0.1:${port}`, output: () => text, ended };
}

/** Ends the app as Ctrl-C or a service manager does; gives its exit code. */
export async function stopDemo({ child, ended }: Started): Promise<number | null> {
  child.kill('SIGTERM');
  return ended;
}

export const launchBrowser = (): Promise<Browser> =>
  puppeteer.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });

interface Demo {
  app: Started;
  browser: Browser;
  /** Where its data lie. */
  folder: string;
}

/** A demo of its own and a browser for the tests of a file; they are there once the tests run. */
export function withDemo(env: Record<string, string> = {}): Demo {
  const own = { folder: freshFolder() } as Demo;
  beforeAll(async () => {
    own.app = await startDemo(await freePort(), own.folder, env);
    own.browser = await launchBrowser();
  });
  afterAll(async () => {
    await own.browser?.close();
    await stopDemo(own.app);
  });
  return own;
}

/** How long a page may still fetch after it is there before a test goes on. */
const QUIET_MS = 15_000;

const STILL_MS = 500;
const under = new WeakMap<Page, Set<HTTPRequest>>();

/** What a page fetches at this moment, but for the stream of changes, which never ends. */
function fetching(page: Page): Set<HTTPRequest> {
  const known = under.get(page);
  if (known) return known;
  const now = new Set<HTTPRequest>();
  under.set(page, now);
  page.on('request', (one) => {
    if (one.resourceType() !== 'eventsource') now.add(one);
  });
  page.on('requestfinished', (one) => now.delete(one));
  page.on('requestfailed', (one) => now.delete(one));
  return now;
}

/** A request that a navigation broke off may never be told as ended: quiet is waited for, but not for ever. */
async function quiet(page: Page): Promise<void> {
  const now = fetching(page);
  const from = performance.now();
  let still = performance.now();
  while (performance.now() - still < STILL_MS && performance.now() - from < QUIET_MS) {
    if (now.size > 0) still = performance.now();
    await new Promise((resolve) => setTimeout(resolve, 25));
  }
}

/** Opens an address on a page and waits until what it fetches is there and its fields listen. */
export async function goTo(page: Page, url: string): Promise<void> {
  fetching(page).clear();
  await page.goto(url, { waitUntil: 'load' });
  await quiet(page);
  await allListen(page);
}

/** Loads a page anew and waits until what it fetches is there and its fields listen. */
export async function reloadPage(page: Page): Promise<void> {
  fetching(page).clear();
  await page.reload({ waitUntil: 'load' });
  await quiet(page);
  await allListen(page);
}

/** A page that collects its own errors, each with the address it came from. */
export async function openPage(
  browser: Browser,
  url: string,
  viewport: typeof WIDE = WIDE,
): Promise<{ page: Page; errors: string[] }> {
  const context = await browser.createBrowserContext();
  const page = await context.newPage();
  await page.setViewport(viewport);
  page.setDefaultTimeout(PATIENCE_MS);
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(String(error)));
  page.on('console', (entry) => {
    if (entry.type() === 'error') errors.push(`${entry.text()} ${entry.location().url ?? ''}`);
  });
  await goTo(page, url);
  return { page, errors };
}

/** Types into the field of a label, replacing what it held. */
export async function typeInto(page: Page, label: string, text: string): Promise<void> {
  const field = await page.waitForSelector(`::-p-aria([name="${label}"][role="textbox"])`);
  await listens(field!);
  await standsStill(field!);
  await field!.click({ count: 3 });
  await page.keyboard.press('Backspace');
  await field!.type(text);
}

/** Waits until the script of the page has taken an element over; not for ever, for a page may have none. */
async function listens(target: ElementHandle): Promise<void> {
  await target.evaluate(async (element, patienceMs) => {
    const isTaken = () => Object.keys(element).some((key) => key.startsWith('__react'));
    for (const from = performance.now(); !isTaken() && performance.now() - from < patienceMs;) {
      await new Promise((resolve) => setTimeout(resolve, 25));
    }
  }, QUIET_MS);
}

/** Waits until the script of the page has taken over all its fields and buttons: keys pressed before are lost. */
async function allListen(page: Page): Promise<void> {
  await page.evaluate(async (patienceMs) => {
    const isTaken = (one: Element) => Object.keys(one).some((key) => key.startsWith('__react'));
    const fields = () => [...document.querySelectorAll('main input, main button, main textarea')];
    const own = () => fields().filter((one) => !one.closest('.js-plotly-plot'));
    const from = performance.now();
    while (!own().every(isTaken) && performance.now() - from < patienceMs) {
      await new Promise((resolve) => setTimeout(resolve, 25));
    }
  }, QUIET_MS);
}

/** Waits until an element stands still in the middle: what loads late above it would else move it away. */
async function standsStill(target: ElementHandle): Promise<void> {
  await target.evaluate(async (element) => {
    element.scrollIntoView({ block: 'center', behavior: 'instant' });
    let [before, still] = [NaN, 0];
    while (still < 3 && element.isConnected) {
      await new Promise((resolve) => requestAnimationFrame(resolve));
      const { top } = element.getBoundingClientRect();
      still = top === before ? still + 1 : 0;
      before = top;
    }
  });
}

/** Clicks what has this accessible name and role; anew where the page drew it anew meanwhile. */
export async function press(page: Page, name: string, role = 'button'): Promise<void> {
  for (let left = 3; ; left -= 1) {
    const target = await page.waitForSelector(`::-p-aria([name="${name}"][role="${role}"])`);
    try {
      await listens(target!);
      await standsStill(target!);
      await target!.click();
      return;
    } catch (error) {
      if (left === 0 || !String(error).includes('detached')) throw error;
    }
  }
}

/** Goes to the first chart of a page, or to another by its place: it is drawn when it comes into view. */
export async function showChart(page: Page, at = 0): Promise<void> {
  const drawn = await page.waitForFunction(
    (place) => {
      const chart = document.querySelectorAll('[data-testid="chart"]')[place];
      chart?.scrollIntoView({ block: 'center' });
      return chart?.querySelector('.js-plotly-plot');
    },
    { polling: 200 },
    at,
  );
  await drawn.dispose();
}

/** Text of a test id as shown, with plain spaces. */
export async function textOf(page: Page, id: string): Promise<string> {
  const found = await page.waitForSelector(`[data-testid="${id}"]`);
  const text = await found!.evaluate((element) => element.textContent ?? '');
  return text.replace(/[\u2009\u202f\u00a0]/g, ' ');
}

export async function waitForText(page: Page, text: string): Promise<void> {
  try {
    await page.waitForFunction(
      (wanted) => document.body.innerText.replace(/[\u2009\u202f\u00a0]/g, ' ').includes(wanted),
      { timeout: PATIENCE_MS },
      text,
    );
  } catch (error) {
    const shown = await page.evaluate(() => document.body.innerText.slice(0, 1500));
    throw new Error(`${page.url()} never said “${text}” but: ${shown}`, { cause: error });
  }
}

/** Waits until the page has this address: a page may rewrite its own before it goes to another. */
export const waitForAddress = (page: Page, wanted: RegExp) =>
  page.waitForFunction(
    (pattern) => new RegExp(pattern).test(window.location.href),
    { timeout: PATIENCE_MS },
    wanted.source,
  );

/** Waits until the field of this name holds this text. */
export async function waitForValue(page: Page, name: string, value: string): Promise<void> {
  await page.waitForFunction(
    (field, wanted) =>
      document.querySelector<HTMLInputElement>(`input[name="${field}"]`)?.value === wanted,
    { timeout: PATIENCE_MS },
    name,
    value,
  );
}

/** What axe finds, each with the first place where. */
export async function violationsOf(page: Page): Promise<string[]> {
  const { violations } = await new AxePuppeteer(page).analyze();
  return violations.map((one) => `${one.id}: ${one.nodes[0]?.html}`);
}
