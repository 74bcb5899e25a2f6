import { describe, expect, it } from 'vitest';
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

/** Ticks one of the open steps, by its place. */
async function tick(page: Page, place: number): Promise<void> {
  const boxes = await page.$$('[data-testid="tick"] input:not(:checked)');
  const name = await boxes[place]!.evaluate(
    (box) => box.closest('[data-testid="tick"]')!.textContent ?? '',
  );
  await boxes[place]!.evaluate((box) => box.click());
  // It shows under the finger, before the server has answered.
  expect(await boxes[place]!.evaluate((box) => box.checked)).toBe(true);
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

    await tick(page, 0);
    await tick(page, 0);
    // The same list as one job on the bench: one large key a pair, and back.
    const bench = await openPage(demo.browser, at('bench'));
    await press(bench.page, 'Work Mirel’s block', 'link');
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
    const lines = (await (await fetch(`${demo.app.url}/api/v1/plan?format=json`)).json()) as {
      person?: string;
      begin: string;
    }[];
    expect(lines.length).toBeGreaterThan(8);
    const coming = lines.filter(({ begin }) => Date.parse(begin) > Date.now());
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
    await page.waitForFunction(() => /Not moved\.|now begins at/.test(document.body.innerText), {
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
