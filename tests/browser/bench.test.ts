import { describe, expect, it } from 'vitest';
import type { Page } from 'puppeteer-core';
import {
  goTo,
  NARROW,
  openPage,
  PATIENCE_MS,
  press,
  selection,
  textOf,
  typeInto,
  waitForText,
  WIDE,
  withDemo,
} from './app';
import { endWait, runUntil, startSheetAt } from './bench-hands';

const demo = withDemo();

const bench = (rest = '') => `${demo.app.url}/outing/demo-slalom/bench${rest}`;
const reserveOf = async (page: Page, skiId: string): Promise<number> => {
  await goTo(page, `${demo.app.url}/outing/demo-slalom/skis/${skiId}`);
  return Number((await textOf(page, 'reserve')).replace(/\D/g, ''));
};
const stockLeft = async (): Promise<Record<string, number>> => {
  const { openDatabase } = await import('@/data/database');
  const { remainingGrams } = await import('@/data/stock');
  const db = openDatabase(demo.folder);
  const left = await remainingGrams(db);
  await db.destroy();
  return left;
};

const startSheet = (page: Page, skiId: string, leaveOut: readonly string[]) =>
  startSheetAt(page, bench(`?ski=${skiId}`), leaveOut);

const JOURNEYS = [
  {
    name: 'at 1280 px',
    viewport: WIDE,
    firstName: 'Jorin slalom',
    first: 'demo-ski-jorin-slalom',
    second: 'demo-ski-maro-slalom',
  },
  {
    name: 'at 390 px',
    viewport: NARROW as typeof WIDE,
    firstName: 'Pella slalom',
    first: 'demo-ski-pella-slalom',
    second: 'demo-ski-dunai-slalom',
  },
];

describe.each(selection(JOURNEYS, 2))(
  'from the look-over to a finished base $name',
  ({ viewport, first, firstName, second }) => {
    it('marks, makes the sheet, runs two skis, and moves reserve, stock and log', async () => {
      const { page, errors } = await openPage(
        demo.browser,
        `${demo.app.url}/outing/demo-slalom/skis`,
        viewport,
      );
      const reserve = await reserveOf(page, first);
      const map = viewport === WIDE ? 'base-map' : 'base-map-narrow';
      const svg = await page.waitForSelector(`[data-testid="${map}"] svg`);
      await svg!.evaluate((element) => element.scrollIntoView({ block: 'center' }));
      const box = (await svg!.boundingBox())!;
      await page.mouse.click(box.x + 0.5 * box.width, box.y + 0.26 * box.height);
      await press(page, 'Rust (Ru)', 'radio');
      await press(page, 'Add mark');
      await waitForText(page, 'Rust on the edge');
      await press(page, 'Not flat (Nf)', 'radio');
      await typeInto(page, 'From the tip', '20');
      await press(page, 'Add mark');
      await waitForText(page, 'Have it ground before you work');
      await press(page, 'Delete Not flat at 20 cm, middle');
      await waitForText(page, 'middle: deleted.');

      const before = await stockLeft();
      await startSheet(page, first, ['Harden the edges', 'Top layer by roller']);
      const titles = await runUntil(page, 'Cool');
      expect(titles.join(' ')).toMatch(/Take rust off.*Wipe the filings off.*Put on .*Iron in/);
      expect(await textOf(page, 'countdown')).toMatch(/^(29|30):\d\d$/);

      await startSheet(page, second, ['Harden the edges', 'Top layer by roller', 'Hot wax']);
      expect((await textOf(page, 'step-title')).length).toBeGreaterThan(3);
      await page.click(`nav[aria-label="Skis on the bench"] ::-p-text(${firstName})`);
      await page.waitForFunction(
        () => document.querySelector('[data-testid="countdown"]') !== null,
        { timeout: PATIENCE_MS },
      );
      await endWait(page);
      await page.waitForFunction(
        () => document.querySelector('[data-testid="step-title"]')?.textContent === 'Scrape',
        { timeout: PATIENCE_MS },
      );
      await press(page, 'Back one step');
      await page.waitForSelector('[data-testid="countdown"]');
      await press(page, 'Skip');
      await press(page, 'Skip this step');
      await waitForText(page, 'Say why you skip this step.');
      await typeInto(page, 'Reason for skipping', 'Fan on it');
      await press(page, 'Skip this step');
      await page.waitForFunction(
        () => document.querySelector('[data-testid="step-title"]')?.textContent === 'Scrape',
        { timeout: PATIENCE_MS },
      );
      await runUntil(page, 'Done');
      await waitForText(page, 'Wax reserve, shelf and log are updated.');

      const after = await stockLeft();
      // Three ironed coats of about nine grams a pair, whatever wax the hour of the demo asks for.
      const total = (left: Record<string, number>) =>
        Object.values(left).reduce((sum, grams) => sum + grams, 0);
      expect(total(after)).toBeLessThan(total(before) - 15);
      expect(await reserveOf(page, first)).toBeGreaterThan(reserve);
      expect(await page.evaluate(() => document.body.innerText)).not.toContain('Rust on the edge');
      await waitForText(page, 'from a job');
      await goTo(page, `${demo.app.url}/outing/demo-slalom/log?show=jobs&here=1`);
      expect(await textOf(page, 'log')).toMatch(/ended early|skipped cool: Fan on it/);
      const isWide = await page.evaluate(() => document.documentElement.scrollWidth > innerWidth);
      expect(isWide).toBe(false);
      expect(errors).toEqual([]);
    });
  },
);
