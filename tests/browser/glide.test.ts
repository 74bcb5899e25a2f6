import type { Page } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import {
  NARROW,
  openPage,
  PATIENCE_MS,
  press,
  textOf,
  typeInto,
  violationsOf,
  waitForText,
  withDemo,
} from './app';

const demo = withDemo();
const at = (path: string) => `${demo.app.url}/outing/demo-tour/${path}`;

/** Enters a run by the large keys. */
async function run(page: Page, result: string): Promise<void> {
  for (const key of result) await press(page, key === '.' ? 'Decimal point' : key);
  await press(page, 'Save run');
}

const countRuns = (page: Page, count: number) =>
  page.waitForFunction(
    (wanted) => document.querySelectorAll('[aria-label="Runs"] tbody tr').length === wanted,
    { timeout: PATIENCE_MS },
    count,
  );

describe('a glide test on a phone at the hill', () => {
  it('is set up, run by run, over a lost connection, until it may stop', async () => {
    const { page, errors } = await openPage(demo.browser, at('test'), NARROW);
    await waitForText(page, 'No glide test yet');
    expect(await violationsOf(page)).toEqual([]);
    await typeInto(page, 'Skis or waxes, one a line', 'Left\nRight');
    await press(page, 'Begin test');
    await waitForText(page, 'Ready for the first run');
    await run(page, '20.1');
    await countRuns(page, 1);
    expect(await textOf(page, 'next-ski')).toBe('Next: Right');

    await page.setOfflineMode(true);
    await run(page, '20.9');
    await waitForText(page, '1 run waits on this device');
    await run(page, '20.8');
    await waitForText(page, '2 runs wait on this device');
    await page.setOfflineMode(false);
    await page.waitForFunction(() => !document.body.innerText.includes('this device'), {
      timeout: PATIENCE_MS,
    });
    await page.reload({ waitUntil: 'networkidle0' });
    await countRuns(page, 3);

    for (const result of ['20.2', '20.9', '20.1', '20.2', '20.8']) await run(page, result);
    await countRuns(page, 8);
    expect(await textOf(page, 'verdict')).toContain('Left is better than Right');
    expect(await page.evaluate(() => document.body.scrollWidth)).toBe(NARROW.width);
    expect(await violationsOf(page)).toEqual([]);
    expect(errors.filter((one) => !/ERR_INTERNET_DISCONNECTED/.test(one))).toEqual([]);
  });
});
