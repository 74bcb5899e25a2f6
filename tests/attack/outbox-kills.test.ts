import { execFileSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import puppeteer, { type Browser, type Page } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import { CHROMIUM, CHROMIUM_FLAGS } from '../../scripts/lib/browser.mjs';
import { freePort, freshFolder, startDemo, stopDemo, type Started } from '../browser/app';
import { note } from './measure';

const MOMENTS = Math.ceil(Number(process.env.FROST_PICK_MOMENTS ?? 6) / 2);
/** Runs that wait at each moment. */
const RUNS = 6;
/** Sending six takes about this long, ms: the kill falls somewhere in it. */
const SENDING_MS = 160;

/** A device whose store outlives its browser. */
class Device {
  private readonly profile = mkdtempSync(path.join(tmpdir(), 'frost-device-'));
  private browser: Browser | undefined;

  async open(url: string): Promise<Page> {
    this.browser = await puppeteer.launch({
      executablePath: CHROMIUM,
      args: CHROMIUM_FLAGS,
      userDataDir: this.profile,
    });
    const page = await this.browser.newPage();
    await page.goto(url, { waitUntil: 'load' });
    // The page makes its store as it wakes.
    await page.waitForFunction(
      async () => (await indexedDB.databases()).some(({ name }) => name === 'frost-outbox'),
      { timeout: 60_000, polling: 100 },
    );
    return page;
  }

  async kill(): Promise<void> {
    const child = this.browser!.process()!;
    const ended = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGKILL');
    await ended;
  }

  close = () => this.browser?.close();
}

/** Keeps runs as the page does, and has them sent; resolves when all are kept. */
const keepRuns = (page: Page, runs: { key: string; input: object }[]) =>
  page.evaluate(async (all) => {
    const opened = indexedDB.open('frost-outbox', 1);
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      opened.onsuccess = () => resolve(opened.result);
      opened.onerror = () => reject(opened.error!);
    });
    const transaction = db.transaction('entry', 'readwrite');
    for (const { key, input } of all) {
      transaction
        .objectStore('entry')
        .add({ kind: 'run', key, input, label: key, at: '2027-01-13T12:00:00.000Z' });
    }
    await new Promise((resolve) => {
      transaction.oncomplete = resolve;
    });
    db.close();
    window.dispatchEvent(new Event('online'));
  }, runs);

const waitUntilSent = (page: Page) =>
  page.waitForFunction(
    async () => {
      const opened = indexedDB.open('frost-outbox', 1);
      const db = await new Promise<IDBDatabase>((resolve) => {
        opened.onsuccess = () => resolve(opened.result);
      });
      const asked = db.transaction('entry').objectStore('entry').count();
      const count = await new Promise((resolve) => {
        asked.onsuccess = () => resolve(asked.result);
      });
      db.close();
      return count === 0;
    },
    { timeout: 60_000, polling: 200 },
  );

const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Kills the server itself, not the script that started it. */
function killServer({ child }: Started): void {
  const [pid] = execFileSync('pgrep', ['-P', String(child.pid)])
    .toString()
    .split('\n');
  process.kill(Number(pid), 'SIGKILL');
}

describe('killed while the outbox sends', () => {
  it.each(['server', 'browser'] as const)('the %s: nothing lost, nothing double', async (who) => {
    const [port, folder] = [await freePort(), freshFolder()];
    let app = await startDemo(port, folder);
    const book = async () =>
      (await (await fetch(`${app.url}/api/v1/book?format=json`)).json()) as {
        records: Record<'glide_run' | 'glide_test', { id: string; test_id: string }[]>;
      };
    const { glide_test: tests } = (await book()).records;
    const testId = tests[0]!.id;
    const screen = `${app.url}/outing/demo-relay/test`;
    const device = new Device();
    let page = await device.open(screen);
    const keys: string[] = [];
    let half = 0;
    for (let moment = 0; moment < MOMENTS; moment += 1) {
      const runs = Array.from({ length: RUNS }, (_, i) => ({
        key: `${who}-${String(moment).padStart(3, '0')}-${i}-of-the-attack`,
        input: { testId, ski: 'Cold', value: 20 + i / 10, ranAt: '2027-01-13T12:00:00.000Z' },
      }));
      keys.push(...runs.map(({ key }) => key));
      await keepRuns(page, runs);
      await wait((SENDING_MS * moment) / MOMENTS);
      if (who === 'server') {
        killServer(app);
        await app.ended;
        app = await startDemo(port, folder);
      } else {
        await device.kill();
        page = await device.open(screen);
      }
      const ids = new Set((await book()).records.glide_run.map(({ id }) => id));
      const there = runs.filter(({ key }) => ids.has(key)).length;
      if (there > 0 && there < RUNS) half += 1;
      await waitUntilSent(page);
    }
    const ids = (await book()).records.glide_run.map(({ id }) => id);
    expect(ids.filter((id) => keys.includes(id)).sort()).toEqual([...keys].sort());
    note(
      `the ${who} killed while six runs were being sent, ${MOMENTS} moments`,
      `${keys.length} runs there once; at ${half} moments some were there and some not`,
    );
    await device.close();
    await stopDemo(app);
  });
});
