import { describe, expect, it } from 'vitest';
import type { Page } from 'puppeteer-core';
import { orderItem } from '@/core/practice';
import { drillsScreenWords } from '@/words/screens/drills';
import { practiceScreenWords } from '@/words/screens/practice';
import {
  goTo,
  NARROW,
  openPage,
  press,
  reloadPage,
  textOf,
  typeInto,
  waitForAddress,
  waitForText,
  withDemo,
} from './app';
import { DRILL_PAGES } from './drill-pages';

const demo = withDemo();
const WORDS = { ...practiceScreenWords, ...drillsScreenWords };

const pageOf = (drill: string) =>
  `${demo.app.url}${DRILL_PAGES.find((one) => one.includes(`/${drill}?`))!}`;

/** Tabs on until what has this name and role has the focus. */
async function tabTo(page: Page, name: string | RegExp): Promise<void> {
  for (let left = 80; left > 0; left -= 1) {
    await page.keyboard.press('Tab');
    const named = await page.evaluate(() => {
      const one = document.activeElement as HTMLInputElement | null;
      const label = one?.getAttribute('aria-label') ?? one?.labels?.[0]?.textContent;
      const by = one?.getAttribute('aria-labelledby');
      const text = by ? document.getElementById(by.split(' ')[0]!)?.textContent : undefined;
      return label ?? text ?? one?.textContent ?? '';
    });
    if (typeof name === 'string' ? named.startsWith(name) : name.test(named)) return;
  }
  throw new Error(`No focus on ${String(name)}.`);
}

const worth = (page: Page) => textOf(page, 'drill-worth');
const percentOf = (text: string) => Number(/(\d+) %/.exec(text)![1]);

/** Holds a key for some time. */
async function hold(page: Page, key: 'ArrowRight' | 'ArrowLeft', ms: number): Promise<void> {
  await page.keyboard.down(key);
  await new Promise((resolve) => setTimeout(resolve, ms));
  await page.keyboard.up(key);
}

describe('practice by keyboard alone', () => {
  it('irons a ski: what was passed over shines and is marked', async () => {
    const { page, errors } = await openPage(demo.browser, pageOf('iron'));
    await tabTo(page, 'The ski.');
    await page.keyboard.press('Space');
    await hold(page, 'ArrowRight', 6000);
    await page.keyboard.press('Space');
    await waitForText(page, WORDS.iron.offSki);
    await tabTo(page, WORDS.iron.done);
    await page.keyboard.press('Enter');
    expect(percentOf(await worth(page))).toBeGreaterThan(5);
    await waitForText(page, 'The base took up');
    expect(errors).toEqual([]);
  });

  it('reads a snow, and is told the truth and what the sureness cost', async () => {
    const { page } = await openPage(demo.browser, pageOf('snow'));
    await tabTo(page, WORDS.snow.temperature);
    for (let i = 0; i < 6; i += 1) await page.keyboard.press('ArrowLeft');
    // The first of a row that is not chosen takes the focus; the arrows choose.
    await tabTo(page, /New snow/);
    for (let i = 0; i < 5; i += 1) await page.keyboard.press('ArrowRight');
    await tabTo(page, /^Dry/);
    await page.keyboard.press('Space');
    await tabTo(page, WORDS.drillFrame.answer);
    await page.keyboard.press('Enter');
    expect(await worth(page)).toContain('%');
    await waitForText(page, 'It was');
    await waitForText(page, 'The air at the hut alone scores');
  });

  it('picks a wax and sees the ledger', async () => {
    const { page } = await openPage(demo.browser, pageOf('pick'));
    await tabTo(page, WORDS.drillFrame.answer);
    await page.keyboard.press('Enter');
    await waitForText(page, WORDS.drillFrame.incomplete);
    await reloadPage(page);
    await tabTo(page, /Very cold/);
    await page.keyboard.press('ArrowRight');
    await tabTo(page, WORDS.drillFrame.answer);
    await page.keyboard.press('Enter');
    await waitForText(page, 'The snow asks for');
    expect(await worth(page)).toContain('%');
  });

  it('puts steps in order with keys', async () => {
    const { page } = await openPage(demo.browser, pageOf('order'));
    const right = orderItem('liquid', 2, WORDS.order.names).right.map(({ key }) => key);
    const now = () =>
      page.$$eval('[data-step]', (all) => all.map((one) => one.getAttribute('data-step')!));
    // Each step up to its place, by its button.
    for (const [at, key] of right.entries()) {
      for (let from = (await now()).indexOf(key); from > at; from -= 1) {
        await page.focus(`[data-step="${key}"] button:nth-of-type(2)`);
        await page.keyboard.press('Enter');
        await page.waitForFunction(
          (step, place) =>
            document.querySelectorAll('[data-step]')[place]?.getAttribute('data-step') === step,
          {},
          key,
          from - 1,
        );
      }
    }
    expect(await now()).toEqual(right);
    await tabTo(page, WORDS.drillFrame.answer);
    await page.keyboard.press('Enter');
    expect(percentOf(await worth(page))).toBe(100);
    await waitForText(page, WORDS.order.right);
  });

  it('sees a mark, and says from six times what is not known', async () => {
    const { page } = await openPage(demo.browser, pageOf('see'));
    await tabTo(page, 'Delamination');
    for (let i = 0; i < 5; i += 1) await page.keyboard.press('ArrowRight');
    await tabTo(page, /^Send it/);
    for (let i = 0; i < 4; i += 1) await page.keyboard.press('ArrowRight');
    await tabTo(page, 'Yes');
    await page.keyboard.press('Space');
    await tabTo(page, WORDS.drillFrame.answer);
    await page.keyboard.press('Enter');
    expect(percentOf(await worth(page))).toBe(100);
    await goTo(page, pageOf('test'));
    await tabTo(page, 'A, I am sure');
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowRight');
    await tabTo(page, WORDS.drillFrame.answer);
    await page.keyboard.press('Enter');
    await waitForText(page, 'A is faster with');
  });
});

describe('practice by touch at 390 px', () => {
  it('irons with a finger, keeps the answer under a name, and lists what one would not sign', async () => {
    const { page } = await openPage(demo.browser, `${demo.app.url}/practice`, NARROW);
    await typeInto(page, 'Your name', 'Maro');
    await press(page, 'Add me');
    await waitForText(page, 'What does Maro practise today?');
    await goTo(page, pageOf('iron'));
    const ski = await page.waitForSelector('[data-testid="iron-ski"]');
    const { x, y, width } = (await ski!.boundingBox())!;
    const touch = await page.touchscreen.touchStart(x + 20, y + 90);
    for (let i = 1; i <= 30; i += 1) {
      await touch.move(x + 20 + ((width - 40) * i) / 30, y + 90);
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    await touch.end();
    await press(page, WORDS.iron.done);
    expect(await worth(page)).toContain('%');
    await waitForText(page, WORDS.drillFrame.kept);
    await press(page, WORDS.drillFrame.dispute);
    await press(page, WORDS.drillFrame.disputeSend);
    await waitForText(page, WORDS.drillFrame.disputed);
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide).toBeLessThanOrEqual(390);
    await goTo(page, `${demo.app.url}/practice`);
    await waitForText(page, WORDS.disputes.title);
    await press(page, WORDS.disputes.settleOf('Iron, Maro'));
    await waitForText(page, WORDS.disputes.settled);
    // It is in the file of answers until the name is deleted.
    const csv = async () =>
      page.evaluate(async () => (await fetch('/api/v1/practice?format=csv')).text());
    expect(await csv()).toContain('Maro,iron,middle');
    await press(page, 'Delete Maro');
    await press(page, 'Delete');
    await waitForText(page, 'What do you want to get better at?');
    expect(await csv()).not.toContain('Maro');
  });

  it.each(['snow', 'pick', 'order', 'see', 'test'])('%s fits and is answered', async (drill) => {
    const { page } = await openPage(demo.browser, pageOf(drill), NARROW);
    const tap = async (name: string) => press(page, name, 'radio');
    if (drill === 'snow') {
      await tap('Refrozen crust');
      await tap('Dry');
    }
    if (drill === 'pick') await page.locator('label:has(input[type="radio"])').click();
    if (drill === 'see') {
      await tap('Burn');
      await tap('Wax');
      await tap('Yes');
    }
    if (drill === 'test') await tap('Cannot tell');
    await press(page, WORDS.drillFrame.answer);
    expect(await worth(page)).toContain('%');
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide).toBeLessThanOrEqual(390);
    await page.close();
  });

  it('goes from one drill to another for five minutes', async () => {
    const { page } = await openPage(demo.browser, `${demo.app.url}/practice`, NARROW);
    await press(page, WORDS.home.five, 'link');
    await waitForAddress(page, /\/practice\/\w+\?topic=.+&until=\d+/);
    await goTo(page, `${demo.app.url}/practice/next?until=1`);
    await waitForText(page, WORDS.home.roundDone);
  });
});
