import { closeSync, mkdtempSync, openSync, writeFileSync, writeSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import Database from 'better-sqlite3';
import type { Browser, ElementHandle, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  freePort,
  freshFolder,
  launchBrowser,
  openPage,
  press,
  reloadPage,
  startDemo,
  type Started,
  stopDemo,
  typeInto,
  waitForText,
} from './app';

let browser: Browser;
let app: Started;
const folder = freshFolder();
const files = mkdtempSync(path.join(tmpdir(), 'frost-files-'));
const file = (name: string, content: string | Uint8Array) => {
  const where = path.join(files, name);
  writeFileSync(where, content);
  return where;
};

beforeAll(async () => {
  browser = await launchBrowser();
  app = await startDemo(await freePort(), folder);
});
afterAll(async () => {
  await browser.close();
  await stopDemo(app);
});

const focused = (page: Page) =>
  page.evaluate(() => document.activeElement?.closest('button, a, input, [tabindex]')?.tagName);

describe('a page of another site', () => {
  let other: Server;
  beforeAll(async () => {
    other = createServer((_asked, answer) => {
      answer.setHeader('content-type', 'text/html');
      answer.end('<title>Elsewhere</title>');
    }).listen(0, '127.0.0.1');
    await new Promise((resolve) => other.once('listening', resolve));
  });
  afterAll(() => other.close());

  it('cannot store a reading or a product, nor frame the app', async () => {
    const url = `http://127.0.0.1:${(other.address() as AddressInfo).port}/`;
    const { page } = await openPage(browser, url);
    const body = 'time,snow temperature [°C],humidity [%]\n2027-01-17T06:00:00Z,-9,70\n';
    await page.evaluate(
      async (target, text) => {
        const send = (route: string) =>
          fetch(`${target}${route}`, { method: 'POST', mode: 'no-cors', body: text });
        await Promise.allSettled([
          send('/api/v1/readings?outing=demo-tour'),
          send('/api/v1/products'),
        ]);
      },
      app.url,
      body,
    );
    const readings = await fetch(`${app.url}/api/v1/readings?outing=demo-tour&format=json`);
    expect(await readings.json()).toHaveLength(1);
    expect(readings.headers.get('cache-control')).toBe('no-store');
    const framed = await page.evaluate(async (target) => {
      const frame = document.createElement('iframe');
      frame.src = `${target}/outing/demo-relay/log`;
      document.body.append(frame);
      await new Promise((resolve) => frame.addEventListener('load', resolve));
      return frame.contentDocument === null;
    }, app.url);
    expect(framed).toBe(true);
    const policy = (await fetch(`${app.url}/outing/demo-relay/log`)).headers;
    expect(policy.get('content-security-policy')).toContain("frame-ancestors 'none'");
  });
});

describe('two tabs', () => {
  const address = () => `${app.url}/outing/demo-relay/skis/demo-ski-ilo-skate`;
  const change = async (page: Page, length: string) => {
    await press(page, 'Change');
    await typeInto(page, 'Length', length);
  };

  it('that change the same pair show each other’s change before one is lost', async () => {
    const first = await openPage(browser, address());
    const second = await openPage(browser, address());
    await change(second.page, '187');
    await change(first.page, '191');
    await press(first.page, 'Save changes');
    await waitForText(first.page, '191 cm');
    expect(await focused(first.page)).toBe('BUTTON');
    await press(second.page, 'Save changes');
    await waitForText(second.page, 'Someone else changed this in the meantime');
    await waitForText(second.page, 'they entered 191');
    await press(second.page, 'Use theirs');
    await press(second.page, 'Save changes');
    await waitForText(second.page, '191 cm');
    expect([...first.errors, ...second.errors]).toEqual([]);
  });
});

describe('a double click', () => {
  it('books stock once', async () => {
    const { page, errors } = await openPage(browser, `${app.url}/outing/demo-relay/shelf`);
    const count = () => {
      const db = new Database(path.join(folder, 'frost-pick.db'), { readonly: true });
      const moves = Number(db.prepare('select count(*) from stock_move').pluck().get());
      db.close();
      return moves;
    };
    const before = count();
    await typeInto(page, 'Grams', '7');
    const button = await page.waitForSelector(
      '::-p-aria([name="Save stock change"][role="button"])',
    );
    await button!.click({ count: 2, delay: 1 });
    await waitForText(page, ' saved.');
    await reloadPage(page);
    expect(count()).toBe(before + 1);
    expect(errors).toEqual([]);
  });
});

describe('files from elsewhere', () => {
  it('a track of 20 MB is read on the device, with progress', async () => {
    const { page, errors } = await openPage(browser, `${app.url}/outing/demo-tour/venue`);
    const point = (i: number) =>
      `<trkpt lat="${(46.5 + i * 1e-6).toFixed(7)}" lon="10.2000000"><ele>${(700 + 200 * Math.sin(i / 9000)).toFixed(1)}</ele><time>2027-01-01T00:00:00Z</time></trkpt>`;
    const points = Array.from({ length: 215_000 }, (_, i) => point(i)).join('\n');
    const track = `<gpx version="1.1"><trk><trkseg>${points}</trkseg></trk></gpx>`;
    expect(track.length).toBeGreaterThan(19_000_000);
    const input = (await page.waitForSelector('#track')) as ElementHandle<HTMLInputElement>;
    await input.uploadFile(file('long.gpx', track));
    await waitForText(page, 'Reading the track');
    await waitForText(page, 'in 8 segments');
    expect(errors).toEqual([]);
  });

  it('a file in Latin-1 keeps its letters, and an open quote is refused at its line', async () => {
    const { page } = await openPage(browser, `${app.url}/outing/demo-tour/snow`);
    const upload = async (name: string, content: string | Uint8Array) => {
      const input = (await page.waitForSelector(
        '#readings-file',
      )) as ElementHandle<HTMLInputElement>;
      await input.uploadFile(file(name, content));
    };
    const header = 'time;snow temperature [C];humidity [%];spot\n';
    await upload(
      'open.csv',
      `${header}2027-01-17 06:00;-9;70;a\n2027-01-17 07:00;-9;70;"open\n2027-01-17 08:00;-9;70;b\n`,
    );
    await waitForText(page, 'is never closed');
    const latin1 = Buffer.from(`${header}2027-01-17 06:00;-9;70;Höhe\n`, 'latin1');
    await upload('latin.csv', latin1);
    await waitForText(page, '1 reading imported.');
    const stored = await fetch(`${app.url}/api/v1/readings?outing=demo-tour&format=json`);
    const spots = ((await stored.json()) as { spot?: string }[]).map((reading) => reading.spot);
    expect(spots).toContain('Höhe');
  });
});

describe('by keyboard', () => {
  it('the first tab leads to the work and on to the reading, and saving keeps the place', async () => {
    const { page } = await openPage(browser, `${app.url}/outing/demo-relay/snow`);
    await page.keyboard.press('Tab');
    const text = () => page.evaluate(() => document.activeElement?.textContent);
    expect(await text()).toBe('Skip to content');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Tab');
    expect(await text()).toBe('Skip to the reading');
    await page.keyboard.press('Enter');
    await typeInto(page, 'Snow temperature', '-8');
    await press(page, 'Save reading');
    await waitForText(page, 'Reading saved.');
    expect(await page.evaluate(() => document.activeElement === document.body)).toBe(false);
  });
});

describe('a damaged file', () => {
  it('is shown as far as it can be read, says so on the screen, and takes no write', async () => {
    const other = freshFolder();
    await stopDemo(await startDemo(await freePort(), other));
    const where = path.join(other, 'frost-pick.db');
    const whole = new Database(where);
    whole.pragma('wal_checkpoint(TRUNCATE)');
    // Pages of the weather, not of the list of tables: with that a file cannot be used at all.
    const hit = whole
      .prepare("select pageno, pgsize from dbstat where name = 'weather' and pagetype = 'leaf'")
      .all() as { pageno: number; pgsize: number }[];
    whole.close();
    const handle = openSync(where, 'r+');
    for (const { pageno, pgsize } of hit.slice(0, 4)) {
      writeSync(handle, Buffer.alloc(pgsize, 0x5a), 0, pgsize, (pageno - 1) * pgsize);
    }
    closeSync(handle);
    const damaged = await startDemo(await freePort(), other);
    for (const screen of ['snow', 'pick', 'skis', 'bench', 'log', 'shelf', 'venue', 'settings']) {
      const answer = await fetch(`${damaged.url}/outing/demo-relay/${screen}`);
      expect([screen, answer.status]).toEqual([screen, 200]);
      expect(await answer.text()).toContain('The database file is damaged');
    }
    const body = 'time,snow temperature [°C],humidity [%]\n2027-01-17T06:00:00Z,-9,70\n';
    const write = await fetch(`${damaged.url}/api/v1/readings?outing=demo-tour`, {
      method: 'POST',
      headers: { 'content-type': 'text/csv' },
      body,
    });
    expect(write.status).toBe(503);
    expect(((await write.json()) as { message: string }).message).toContain('nothing was saved');
    await stopDemo(damaged);
  });
});
