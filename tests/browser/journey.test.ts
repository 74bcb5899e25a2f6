import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Browser } from 'puppeteer-core';
import {
  freePort,
  freshFolder,
  goTo,
  launchBrowser,
  openPage,
  press,
  showChart,
  startDemo,
  type Started,
  stopDemo,
  textOf,
  typeInto,
  waitForText,
  waitForValue,
} from './app';

const RELAY = '/outing/demo-relay';
const folder = freshFolder();
let app: Started;
let browser: Browser;

beforeAll(async () => {
  app = await startDemo(await freePort(), folder);
  browser = await launchBrowser();
});
afterAll(async () => {
  await browser?.close();
  await stopDemo(app);
});

describe('from a reading to a choice', () => {
  it('opens on the next outing of the Lantern Weekend', async () => {
    const { page, errors } = await openPage(browser, app.url);
    await waitForText(page, 'Lantern');
    expect(page.url()).toMatch(/\/outing\/demo-[a-z]+\/snow$/);
    expect(errors).toEqual([]);
  });

  it('leaves the test of the demo out of learning, so that the ledger is the house’s', async () => {
    const { page, errors } = await openPage(browser, `${app.url}${RELAY}/learning`);
    await press(page, 'Do not count: Test: Cold, Hard frost (8 runs)');
    await waitForText(page, 'No longer counted.');
    await waitForText(page, 'Nothing yet');
    expect(errors).toEqual([]);
  });

  it('answers while one types, saves, picks, saves, and stands after a restart', async () => {
    const { page, errors } = await openPage(browser, `${app.url}${RELAY}/snow`);
    const before = await textOf(page, 'snow-start');
    await typeInto(page, 'Humidity of the air', '70');
    await typeInto(page, 'Snow temperature', '−13,5');
    // Computed in the browser, held against what the server says.
    const rendered = await textOf(page, 'typed-change');
    expect(rendered).toContain(`snow at the start ${before.split(' ±')[0]} °C →`);
    expect(rendered).toMatch(/The best wax (stays|changes from) /);
    const [, promised] = /→ (−[\d.]+ ± [\d.]+ °C)/.exec(rendered)!;
    await press(page, 'Save reading');
    await waitForText(page, 'Reading saved.');
    await page.waitForFunction(() =>
      document.querySelector('[data-testid="line-snow"]')?.textContent?.includes('−13.5'),
    );

    // What the browser said while one typed is what the server says once it is saved.
    await page.waitForFunction(
      (wanted) =>
        document
          .querySelector('[data-testid="snow-start"]')
          ?.textContent?.replace(/[\u2009\u202f\u00a0]/g, ' ') === wanted,
      {},
      promised!,
    );

    await goTo(page, `${app.url}${RELAY}/pick`);
    // The start is later than the reading: the outlook is taken unless one says otherwise.
    await press(page, 'Last reading', 'radio');
    await waitForText(page, '−15.2 ± 1.8 °C');
    const product = await textOf(page, 'answer-product');
    expect(product).toBe('Black hard frost');
    expect(await textOf(page, 'answer-equivalent')).toBe('−15.2 ± 1.8 °C');
    await showChart(page);
    await page.waitForSelector('.js-plotly-plot .scatterlayer path.js-line');
    await typeInto(page, 'Note for the log', 'Sky clear, falling fast');
    await press(page, 'Save choice');
    await waitForText(page, 'Choice saved');
    // The screen is sent anew after a save: a server that ends meanwhile cuts it off. A script that a worker was still
    // fetching when it was ended counts as on its way for good.
    await page.waitForNetworkIdle({ concurrency: 2 });

    const port = Number(new URL(app.url).port);
    expect(await stopDemo(app)).toBe(0);
    app = await startDemo(port, folder);
    await goTo(page, `${app.url}${RELAY}/log`);
    expect(await textOf(page, 'log')).toContain(product);
    expect(await textOf(page, 'log')).toContain('Sky clear, falling fast');
    expect(await textOf(page, 'line-choice')).toBe(product);
    // While the server was away the page asked for its timers in vain.
    const away = /net::ERR_|Failed to fetch RSC payload|network error/;
    expect(errors.filter((error) => !away.test(error)).join('\n')).toBe('');
  });

  it('lets one overrule the answer and says what that costs', async () => {
    const { page } = await openPage(browser, `${app.url}/outing/demo-tour/pick`);
    const best = await textOf(page, 'answer-product');
    await press(page, 'Take Everyday wide', 'radio');
    await waitForText(page, `You chose it instead of ${best}`);
    expect(await textOf(page, 'answer-product')).toBe('Everyday wide');
    await press(page, 'Save choice');
    await waitForText(page, `Say why you choose Everyday wide instead of ${best}.`);
    await typeInto(page, `Why Everyday wide instead of ${best}`, 'It is all that is left');
    await press(page, 'Save choice');
    await waitForText(page, 'Choice saved');
    await goTo(page, `${app.url}/outing/demo-tour/wall`);
    await waitForText(page, 'It is all that is left');
    await waitForText(page, 'Hard frost');
    await page.emulateMediaType('print');
    const isHidden = await page.evaluate(() => {
      const bars = [...document.querySelectorAll('.no-print')];
      return bars.every((bar) => getComputedStyle(bar).display === 'none');
    });
    expect(isHidden).toBe(true);
  });

  it('takes a choice back and undoes that', async () => {
    const { page } = await openPage(browser, `${app.url}/outing/demo-slalom/log?show=choices`);
    const entries = async () => (await page.$$('[data-testid="log"] > li')).length;
    const count = await entries();
    await page.click('[data-testid="log"] > li [data-fold]');
    await press(page, 'Delete choice');
    await waitForText(page, 'Choice deleted');
    await page.waitForFunction(
      (old) => document.querySelectorAll('[data-testid="log"] > li').length === old - 1,
      {},
      count,
    );
    await press(page, 'Undo');
    await page.waitForFunction(
      (old) => document.querySelectorAll('[data-testid="log"] > li').length === old,
      {},
      count,
    );
    expect(await entries()).toBe(count);
  });

  it('takes in the example file and ends on a choice', async () => {
    const { page } = await openPage(browser, `${app.url}/outing/demo-slalom/snow`);
    const input = (await page.waitForSelector('#readings-file')) as unknown as {
      uploadFile: (file: string) => Promise<void>;
    };
    await input.uploadFile('examples/readings.csv');
    await waitForText(page, '6 readings imported.');
    await waitForText(page, 'North bend');
    await goTo(page, `${app.url}/outing/demo-slalom/pick`);
    await press(page, 'Save choice');
    await waitForText(page, 'Choice saved');
  });

  it('guesses for someone without a probe, and says so', async () => {
    const { page } = await openPage(browser, `${app.url}/outing/demo-tour/snow`);
    await typeInto(page, 'Air temperature', '-4');
    await press(page, 'No probe? Guess from the air and the sky');
    await waitForText(page, 'Guessed, not measured');
    await press(page, 'Use this guess');
    await waitForValue(page, 'temperatureC', '−10.5');
    await waitForValue(page, 'temperatureSdC', '2.5');
  });

  it('keeps what was typed when one leaves, and says what is wrong at its field', async () => {
    const { page } = await openPage(browser, `${app.url}/outing/demo-slalom/snow`);
    await typeInto(page, 'Snow temperature', '3');
    await typeInto(page, 'Humidity of the air', '140');
    await waitForText(page, 'Snow is never warmer than 0 °C');
    await waitForText(page, 'Humidity must be from 0 to 100 %');
    await typeInto(page, 'Snow temperature', '-7.5');
    await page.goto(`${app.url}/outing/demo-slalom/log`);
    await goTo(page, `${app.url}/outing/demo-slalom/snow`);
    await waitForValue(page, 'temperatureC', '−7.5');
  });
});
