import { describe, expect, it } from 'vitest';
import { wallMs } from '@/core/time';
import type { Page } from 'puppeteer-core';
import {
  NARROW,
  openPage,
  PATIENCE_MS,
  press,
  textOf,
  violationsOf,
  waitForText,
  withDemo,
} from './app';

const demo = withDemo();
const at = (path: string) => `${demo.app.url}/outing/demo-tour/${path}`;

interface Line {
  person?: string;
  pair: string;
  begin: string;
}
const lines = async () =>
  (await (await fetch(`${demo.app.url}/api/v1/plan?format=json`)).json()) as Line[];

/** Who begins with each pair. The plan has another shape at each hour of the day. */
async function beginners(): Promise<Map<string, string | undefined>> {
  const all = (await lines()).sort((a, b) => a.begin.localeCompare(b.begin));
  return new Map(all.reverse().map(({ pair, person }) => [pair, person]));
}

/** The first open tick of each person, where it begins a pair. */
async function ready(page: Page) {
  const begins = await beginners();
  const lists = await page.$$('[data-testid="person-list"]');
  const firsts = await Promise.all(
    lists.map(async (list) => {
      const who = await list.$eval('p', (one) => one.textContent ?? '');
      const row = await list.$('[data-testid="tick"]:has(input:not(:checked))');
      const name = await row?.evaluate((one) => one.textContent ?? '');
      return begins.get(name ?? '') === who ? [{ who, name: name!, row: row! }] : [];
    }),
  );
  return firsts.flat();
}

/** Ticks the first step of a pair that has none done yet. */
async function tick(page: Page): Promise<void> {
  const { name, row } = (await ready(page))[0]!;
  const first = (await row.$('input'))!;
  await first.evaluate((box) => box.click());
  // It shows under the finger, before the server has answered.
  expect(await first.evaluate((box) => box.checked)).toBe(true);
  await page.waitForFunction(
    (pair) =>
      [...document.querySelectorAll('[role="status"]')].some((one) =>
        new RegExp(`${pair} is done`).test(one.textContent ?? ''),
      ),
    { timeout: PATIENCE_MS },
    name,
  );
}

describe('from who races to a plan on the wall', () => {
  it('gives pairs, plans, is worked, made anew without somebody, and printed', async () => {
    const { page, errors } = await openPage(demo.browser, at('pairs'));
    await waitForText(page, 'All 8 have a pair');
    expect(await violationsOf(page)).toEqual([]);
    await press(page, 'Plan the bench', 'link');
    await waitForText(page, '8 pairs to plan');
    await press(page, 'Make the plan');
    await waitForText(page, 'The plan is made.');
    // The screen comes anew a moment after the notice.
    await page.waitForFunction(
      () =>
        /^All 8 ready by |^\d of 8 /.test(
          document.querySelector('[data-testid="plan-answer"]')?.textContent ?? '',
        ),
      { timeout: PATIENCE_MS },
    );
    await press(page, 'Close');
    expect(await violationsOf(page)).toEqual([]);

    await tick(page);
    await tick(page);
    // The same list as one job on the bench: one large key a pair, and back.
    const bench = await openPage(demo.browser, at('bench'));
    const [{ who } = { who: '' }] = await ready(page);
    await press(bench.page, `Work ${who}’s block`, 'link');
    const before = await textOf(bench.page, 'block-title');
    const open = await bench.page.$$eval(
      '[data-testid="block-pair"] input:not(:checked)',
      (boxes) => boxes.length,
    );
    await bench.page.keyboard.press('Space');
    await waitForText(bench.page, ': done.');
    await bench.page.keyboard.press('u');
    await waitForText(bench.page, ': open again.');
    expect(await textOf(bench.page, 'block-title')).toBe(before);
    expect(
      await bench.page.$$eval(
        '[data-testid="block-pair"] input:not(:checked)',
        (boxes) => boxes.length,
      ),
    ).toBe(open);
    expect(await violationsOf(bench.page)).toEqual([]);
    expect(bench.errors).toEqual([]);
    await bench.page.close();
    await press(page, 'What to do with Tarvo');
    await press(page, 'Tarvo leaves now: plan again', 'menuitem');
    await waitForText(page, 'The plan is made.');
    const planned = await lines();
    expect(planned.length).toBeGreaterThan(8);
    const coming = planned.filter(({ begin }) => Date.parse(begin) > wallMs());
    expect(coming.length).toBeGreaterThan(0);
    expect(coming.map(({ person }) => person)).not.toContain('Tarvo');

    await page.emulateMediaType('print');
    const shown = await page.evaluate(() => ({
      isMenuShown: [...document.querySelectorAll('nav')].some((nav) => nav.offsetHeight > 0),
      board: document.querySelector('.plan-board')!.getBoundingClientRect().width,
    }));
    expect(shown.isMenuShown).toBe(false);
    expect(shown.board).toBeLessThanOrEqual(1045);
    expect((await page.pdf({ landscape: true, format: 'A4' })).length).toBeGreaterThan(10_000);
    expect(errors).toEqual([]);
  });

  it('moves a step by mouse and by keys, and follows on a phone without a scroll sideways', async () => {
    const { page, errors } = await openPage(demo.browser, at('plan'));
    // Of those that are neither done nor under way.
    const box = await page.waitForSelector(
      '.plan-board [role="group"] button:not([aria-label*="done"], [aria-label*="under way"])',
    );
    await box!.evaluate((one) => one.scrollIntoView({ block: 'center', inline: 'center' }));
    await box!.click();
    expect(await textOf(page, 'chosen-step')).toContain(' for ');
    const place = (await box!.boundingBox())!;
    await page.mouse.move(place.x + 3, place.y + 20);
    await page.mouse.down();
    await page.mouse.move(place.x + 60, place.y + 22, { steps: 6 });
    await page.mouse.up();
    await page.waitForFunction(() => /Not moved\.|now starts at/.test(document.body.innerText), {
      timeout: PATIENCE_MS,
    });
    expect(errors).toEqual([]);
    for (const path of ['plan', 'pairs']) {
      const phone = await openPage(demo.browser, at(path), NARROW);
      expect(await phone.page.evaluate(() => document.body.scrollWidth)).toBe(390);
      expect(phone.errors).toEqual([]);
    }
  });
});
