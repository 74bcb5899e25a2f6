import { describe, expect, it, vi } from 'vitest';
import type { Page } from 'puppeteer-core';
import {
  goTo,
  IS_LONG,
  NARROW,
  PATIENCE_MS,
  press,
  showChart,
  startDemoBeyond,
  stopDemo,
  typeInto,
  waitForText,
} from './app';
import { ADDRESS, pairDevice, withBeyond } from './beyond';

const own = withBeyond();
const port = () => Number(new URL(own.app.url).port);
const PHONE = { name: 'Hill phone', role: 'Works' } as const;

/** Waits until a page lies on the device. */
const waitUntilKept = (page: Page, path: string) =>
  page.waitForFunction(
    async (wanted) => {
      const pages = await caches.open('frost-pages');
      return (await pages.match(wanted, { ignoreVary: true })) !== undefined;
    },
    { timeout: PATIENCE_MS, polling: 500 },
    path,
  );

const listOf = async (path: string): Promise<Record<string, unknown>[]> => {
  const answer = await fetch(`${own.app.url}${path}`);
  return (await answer.json()) as Record<string, unknown>[];
};
const back = async () => {
  own.app = await startDemoBeyond(port(), own.folder, ADDRESS);
};
const line = (page: Page, text: string) =>
  page.waitForFunction(
    (wanted) => document.querySelector('[data-testid="link-line"]')?.textContent?.includes(wanted),
    { timeout: PATIENCE_MS },
    text,
  );

/** By the large keys. */
async function dial(page: Page, number: string): Promise<void> {
  for (const sign of number) await press(page, sign === '.' ? 'Decimal point' : sign);
}

describe('a phone on the hill', () => {
  it.runIf(IS_LONG)('can be installed', async () => {
    const { page } = await pairDevice(own, { ...PHONE, name: 'New phone' }, NARROW);
    await goTo(page, `${own.origin}/outing/demo-relay/snow`);
    await page.evaluate(() => navigator.serviceWorker.ready);
    const session = await page.createCDPSession();
    // A context of a test is a private one, which may not install; nothing else is in the way.
    const inTheWay = async () => {
      const { installabilityErrors } = await session.send('Page.getInstallabilityErrors');
      return installabilityErrors.filter(({ errorId }) => errorId !== 'in-incognito');
    };
    // The browser fetches manifest and icons when it finds the time.
    await vi.waitFor(async () => expect(await inTheWay()).toEqual([]), {
      timeout: PATIENCE_MS,
      interval: 500,
    });
  });

  it('takes two readings and four runs without the server; they are there once when it is back', async () => {
    const { page } = await pairDevice(own, PHONE, NARROW);
    await goTo(page, `${own.origin}/outing/demo-relay/snow`);
    await page.evaluate(() => navigator.serviceWorker.ready);
    for (const screen of ['snow', 'test', 'iron']) {
      await waitUntilKept(page, `/outing/demo-relay/${screen}`);
    }
    const readings = (await listOf('/api/v1/readings?format=json&outing=demo-relay')).length;
    await stopDemo(own.app);
    await line(page, 'No connection to the host computer');

    await dial(page, '8.5');
    await press(page, 'Save');
    await line(page, '1 record waiting on this device');
    const said = await page.$$eval('[data-testid="kept-here"]', (all) =>
      all.map((one) => one.textContent).join(''),
    );
    expect(said).toContain('Kept on this device.');
    await dial(page, '9.5');
    await press(page, 'Save');
    await line(page, '2 records waiting on this device');
    // Another screen, opened without the server.
    await goTo(page, `${own.origin}/outing/demo-relay/test`);
    for (const value of ['20.5', '20.9', '20.4', '21']) {
      await dial(page, value);
      await press(page, 'Save run');
    }
    await line(page, '6 records waiting on this device');
    // The phone is put away and opened anew, still out of reach.
    await page.goto(`${own.origin}/outbox`, { waitUntil: 'load' });
    await waitForText(page, '6 to be sent');
    expect(await page.$$('[data-testid="outbox-entry"]')).toHaveLength(6);
    // The quick answer and the iron lab need no server.
    await page.goto(`${own.origin}/quick`, { waitUntil: 'load' });
    await waitForText(page, 'Print');
    await page.goto(`${own.origin}/outing/demo-relay/iron`, { waitUntil: 'load' });
    await waitForText(page, 'Trail');
    await waitForText(page, 'Liquid for');
    // What computes beside the page is kept with it: the fit and the map are made here and now.
    await typeInto(page, 'Trail you saw', '4');
    await typeInto(page, 'After pass', '1');
    await waitForText(page, 'Heat contact fitted to');
    await showChart(page, 1);
    await page.waitForFunction(() => !document.body.innerText.includes('% computed'));
    await page.waitForSelector('.js-plotly-plot .heatmaplayer image, .js-plotly-plot .hm image');
    // What was never seen says so.
    await page.goto(`${own.origin}/outing/demo-tour/venue`, { waitUntil: 'load' });
    await waitForText(page, 'This page is not on this device');

    await back();
    await page.goto(`${own.origin}/outing/demo-relay/test`, { waitUntil: 'load' });
    await line(page, '6 records sent');
    const after = await listOf('/api/v1/readings?format=json&outing=demo-relay');
    expect(after).toHaveLength(readings + 2);
    const book = (await (await fetch(`${own.app.url}/api/v1/book?format=json`)).json()) as {
      records: { glide_run: { value: number }[]; signature: { hand: string; kind: string }[] };
    };
    const values = book.records.glide_run.map(({ value }) => value);
    expect(values.slice(-4)).toEqual([20.5, 20.9, 20.4, 21]);
    const hands = book.records.signature.filter(({ hand }) => hand === PHONE.name);
    expect(hands.map(({ kind }) => kind).sort()).toEqual([
      ...Array<string>(4).fill('glide_run'),
      ...Array<string>(2).fill('reading'),
    ]);
  });
});
