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
  textOf,
  typeInto,
  waitForText,
  withDemo,
} from './app';

/** A person's hands on a page: every press and every field filled counts as one. */
function hands(page: Page) {
  let actions = 0;
  return {
    count: () => actions,
    press: async (name: string, role?: string) => {
      actions += 1;
      await press(page, name, role);
    },
    fill: async (label: string, text: string) => {
      actions += 1;
      await typeInto(page, label, text);
    },
  };
}

describe('from an empty database', () => {
  let app: Started;
  let browser: Browser;
  beforeAll(async () => {
    app = await startOwn(await freePort(), freshFolder());
    browser = await launchBrowser();
  });
  afterAll(async () => {
    await browser?.close();
    await stopDemo(app);
  });

  it('to a saved choice with three own blocks in at most fifteen actions', async () => {
    const { page, errors } = await openPage(browser, app.url);
    const { fill, press: tap, count } = hands(page);
    expect(new URL(page.url()).pathname).toBe('/quick');
    for (const [from, to] of [
      ['-14', '-8'],
      ['-8', '-4'],
      ['-4', '0'],
    ]) {
      await fill('From', from!);
      await fill('To', to!);
      // Enter adds the block: it is part of typing its range.
      await page.keyboard.press('Enter');
    }
    await tap('Put it in the log');
    await fill('Name', 'Evening loop');
    await tap('Tonight 18:00');
    await fill('Name of the place', 'Behind the house');
    await tap('Save outing');
    await page.waitForSelector('[data-testid="answer-product"]');
    await tap('Save choice');
    await waitForText(page, 'Choice saved.');
    expect(count()).toBeLessThanOrEqual(15);
    const chosen = await textOf(page, 'answer-product');
    await goTo(page, page.url().replace(/pick.*$/, 'log'));
    await waitForText(page, chosen);
    expect(errors).toEqual([]);
  });
});

describe('a reading on a phone', () => {
  const demo = withDemo();

  it('is five taps on the keys, and then stands in the Snow line', async () => {
    const url = `${demo.app.url}/outing/demo-relay/snow`;
    const { page, errors } = await openPage(demo.browser, url, NARROW);
    const { press: tap, count } = hands(page);
    for (const key of ['9', 'Decimal point', '4', 'Save']) await tap(key);
    await waitForText(page, 'Reading saved.');
    expect(count()).toBeLessThanOrEqual(5);
    await page.waitForFunction(() =>
      document.querySelector('[data-testid="line-snow"]')?.textContent?.startsWith('−9.4'),
    );
    const wide = await page.evaluate(() => document.documentElement.scrollWidth > innerWidth);
    expect(wide).toBe(false);
    expect(errors).toEqual([]);
    await page.close();
  });
});
