import { existsSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Browser, Page } from 'puppeteer-core';
import {
  freePort,
  freshFolder,
  goTo,
  launchBrowser,
  NARROW,
  openPage,
  press,
  type Started,
  startOwn,
  stopDemo,
  typeInto,
  waitForText,
  WIDE,
} from './app';

const folder = freshFolder();
let app: Started;
let browser: Browser;

beforeAll(async () => {
  app = await startOwn(await freePort(), folder);
  browser = await launchBrowser();
});
afterAll(async () => {
  await browser?.close();
  await stopDemo(app);
});

const label = (page: Page) =>
  page.$eval('[data-testid="quick-label"]', (one) => one.textContent ?? '');

/** What a person does until an answer for this evening stands there, each counted. */
async function sixTaps(page: Page): Promise<number> {
  let taps = 0;
  for (const name of ['Only the air', 'Clear', 'Night', 'Dry', 'Skate', 'Training']) {
    await press(page, name, 'radio');
    taps += 1;
  }
  return taps;
}

describe('npm start, with nothing yet', () => {
  it.each([
    ['at 1280 px', WIDE],
    ['at 390 px', NARROW as typeof WIDE],
  ])('answers at once, and after six taps for tonight, %s', async (_, viewport) => {
    const { page, errors } = await openPage(browser, app.url, viewport);
    expect(new URL(page.url()).pathname).toBe('/quick');
    const first = await label(page);
    expect(first).toMatch(/°C$/);
    expect(await sixTaps(page)).toBeLessThanOrEqual(6);
    await page.waitForFunction(
      (old) => document.querySelector('[data-testid="quick-label"]')?.textContent !== old,
      {},
      first,
    );
    const tonight = await label(page);
    await goTo(page, page.url());
    expect(await label(page)).toBe(tonight);
    const isWide = await page.evaluate(() => document.documentElement.scrollWidth > innerWidth);
    expect(isWide).toBe(false);
    expect(errors).toEqual([]);
  });

  it('keeps one’s own blocks on the shelf, apart from the demo', async () => {
    const { page } = await openPage(browser, app.url);
    await typeInto(page, 'From', '-8');
    await typeInto(page, 'To', '-2');
    await typeInto(page, 'Name (optional)', 'Old blue');
    await press(page, 'Add block');
    await waitForText(page, 'the best you have');
    await press(page, 'Keep these on my shelf');
    await waitForText(page, 'One block added to the shelf.');
    const shelf = (await (await fetch(`${app.url}/api/v1/products?format=json`)).json()) as {
      name: string;
    }[];
    expect(shelf.map((one) => one.name)).toEqual(['Old blue']);
    expect(existsSync(path.join(folder, 'frost-pick.db'))).toBe(true);
  });

  it('goes on answering when the server is gone', async () => {
    const { page } = await openPage(browser, app.url);
    const before = await label(page);
    // Its parts that come late are there.
    await page.waitForFunction(() => !document.querySelector('[aria-busy="true"]'));
    await stopDemo(app);
    await typeInto(page, 'Snow temperature', '-18');
    expect(await label(page)).not.toBe(before);
    await press(page, 'Machine-made', 'radio');
    await waitForText(page, 'with dry lubricant');
    app = await startOwn(Number(new URL(app.url).port), folder);
  });
});
