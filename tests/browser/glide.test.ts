import type { Page } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import {
  goTo,
  NARROW,
  openPage,
  PATIENCE_MS,
  press,
  reloadPage,
  textOf,
  typeInto,
  violationsOf,
  waitForText,
  withDemo,
} from './app';

const demo = withDemo();
const at = (path: string) => `${demo.app.url}/outing/demo-tour/${path}`;
/** Another venue, without a test of its own. */
const on = (path: string) => `${demo.app.url}/outing/demo-slalom/${path}`;

/** Cold and hard frost in turn, in an order that a drift does not decide. */
const TIMES = ['27.42', '27.51', '27.56', '27.49', '27.6', '27.56', '27.58', '27.73'];

const tickBox = (page: Page, name: string) =>
  page.evaluate((label) => {
    const box = [...document.querySelectorAll('label')].find((one) => one.innerText === label);
    box!.querySelector('input')!.click();
  }, name);

/** Enters a run by the large keys. */
async function run(page: Page, result: string): Promise<void> {
  for (const key of result) await press(page, key === '.' ? 'Decimal point' : key);
  await press(page, 'Save run');
}

/** Enters a run from the gates, or by the keys where they missed a pulse. */
async function gatedRun(page: Page): Promise<void> {
  await press(page, 'Let the skier go');
  await page.waitForFunction(
    () =>
      /The gates (say|give no time)/.test(
        document.querySelector('[data-testid="gates"]')?.textContent ?? '',
      ),
    { timeout: PATIENCE_MS },
  );
  if ((await textOf(page, 'gates')).includes('The gates say')) await press(page, 'Save run');
  else await run(page, '27.6');
}

const countRuns = (page: Page, count: number) =>
  page.waitForFunction(
    (wanted) => document.querySelectorAll('[aria-label="Runs"] tbody tr').length === wanted,
    { timeout: PATIENCE_MS },
    count,
  );

/** Waits until the server has every run: one under way when the connection goes waits with those after it. */
const allSent = (page: Page) =>
  page.waitForFunction(() => !document.body.innerText.includes('this device'), {
    timeout: PATIENCE_MS,
  });

describe('a glide test on a phone at the hill', () => {
  it('is set up, run by run, over a lost connection, until it may stop', async () => {
    const { page, errors } = await openPage(demo.browser, at('test'), NARROW);
    await waitForText(page, 'No glide test yet');
    expect(await violationsOf(page)).toEqual([]);
    await typeInto(page, 'Skis or waxes, one per line', 'Left\nRight');
    await press(page, 'Start test');
    await waitForText(page, 'Ready for the first run');
    await run(page, '20.1');
    await countRuns(page, 1);
    await allSent(page);
    expect(await textOf(page, 'next-ski')).toBe('Next: Right');

    await page.setOfflineMode(true);
    await run(page, '20.9');
    await waitForText(page, '1 run waits on this device');
    await run(page, '20.8');
    await waitForText(page, '2 runs wait on this device');
    await page.setOfflineMode(false);
    await allSent(page);
    await reloadPage(page);
    await countRuns(page, 3);

    for (const result of ['20.2', '20.9', '20.1', '20.2', '20.8']) await run(page, result);
    await countRuns(page, 8);
    expect(await textOf(page, 'verdict')).toContain('Left is better than Right');
    expect(await page.evaluate(() => document.body.scrollWidth)).toBe(NARROW.width);
    expect(await violationsOf(page)).toEqual([]);
    expect(errors.filter((one) => !/ERR_INTERNET_DISCONNECTED/.test(one))).toEqual([]);
  });
});

describe('a test of two waxes', () => {
  it('read from the gates or typed, moves the ledger of the venue, and Pick says so', async () => {
    const { page, errors } = await openPage(demo.browser, on('learning'));
    await waitForText(page, 'elsewhere');
    const before = await textOf(page, 'learned-offset');
    await goTo(page, on('test'));
    await page.waitForFunction(() => document.body.innerText.includes('Waxes of the shelf'), {
      timeout: PATIENCE_MS,
    });
    for (const wax of ['Cold', 'Hard frost']) await tickBox(page, wax);
    await typeInto(page, 'Drop of the hill', '5');
    await typeInto(page, 'Length along the slope', '90');
    await press(page, 'Start test');
    await waitForText(page, 'Ready for the first run');
    await press(page, 'Read the timing gates');
    await press(page, 'Let the skier go');
    await page.waitForFunction(() => /The gates (say|give no time)/.test(document.body.innerText), {
      timeout: PATIENCE_MS,
    });
    // The stand-ins do not know this hill yet: what they said is put away, and the times of the day are typed.
    await reloadPage(page);
    for (const result of TIMES) await run(page, result);
    await countRuns(page, TIMES.length);
    expect(await textOf(page, 'verdict')).toContain('Cold');
    // From here on they pretend a run like the last one of the ski.
    await press(page, 'Read the timing gates');
    for (const count of [1, 2]) {
      await gatedRun(page);
      await countRuns(page, TIMES.length + count);
    }

    await goTo(page, on('learning'));
    await waitForText(page, 'From 1 test here');
    expect(await textOf(page, 'learned-offset')).not.toBe(before);
    expect(await violationsOf(page)).toEqual([]);
    await goTo(page, on('pick'));
    await waitForText(page, 'learned, from 1 test here');
    expect(errors).toEqual([]);
  });
});
