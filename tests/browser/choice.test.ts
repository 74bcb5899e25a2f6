import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Browser, Page } from 'puppeteer-core';
import {
  freePort,
  freshFolder,
  goTo,
  launchBrowser,
  openPage,
  press,
  reloadPage,
  showChart,
  startDemo,
  type Started,
  stopDemo,
  textOf,
  typeInto,
  waitForText,
} from './app';

let app: Started;
let browser: Browser;

beforeAll(async () => {
  app = await startDemo(await freePort(), freshFolder());
  browser = await launchBrowser();
});
afterAll(async () => {
  await browser?.close();
  await stopDemo(app);
});

const changed = (page: Page, testId: string, before: string) =>
  page.waitForFunction(
    (id, old) => document.querySelector(`[data-testid="${id}"]`)?.textContent !== old,
    {},
    testId,
    before,
  );

describe('the choice in full', () => {
  it('moves with a slider, saves no what-if, and goes back', async () => {
    const { page, errors } = await openPage(browser, `${app.url}/outing/demo-relay/pick`);
    const before = await textOf(page, 'answer-equivalent');
    const product = await textOf(page, 'answer-product');
    const slider = await page.waitForSelector('aria/Snow temperature[role="slider"]');
    await slider!.focus();
    for (let i = 0; i < 10; i += 1) await page.keyboard.press('ArrowRight');
    await changed(page, 'answer-product', product);
    await waitForText(page, 'A what-if cannot be saved');
    await press(page, 'Reset the sliders');
    await page.waitForFunction(
      (old) => document.querySelector('[data-testid="answer-equivalent"]')?.textContent === old,
      {},
      before,
    );
    expect(errors).toEqual([]);
  });

  it('takes what the base looks like, and copies the saved choice as text', async () => {
    const { page, errors } = await openPage(browser, `${app.url}/outing/demo-relay/pick`);
    await press(page, 'Burnt edges', 'radio');
    await waitForText(page, 'The base is burnt along the edges: a strip');
    await press(page, 'In use', 'radio');
    await goTo(page, `${app.url}/outing/demo-slalom/wall`);
    await page
      .browserContext()
      .overridePermissions(app.url, ['clipboard-read', 'clipboard-sanitized-write']);
    await press(page, 'Copy as text');
    await waitForText(page, 'Copied as text.');
    const copied = await page.evaluate(() => navigator.clipboard.readText());
    expect(copied).toMatch(/^.+, .+, start .+\nWax: .+/);
    expect(copied.split('\n').length).toBeGreaterThan(6);
    expect(errors).toEqual([]);
  });

  it('says what, how and at what cost, and what the air would have cost', async () => {
    const { page } = await openPage(browser, `${app.url}/outing/demo-relay/pick`);
    expect(await textOf(page, 'answer-how')).toMatch(/coats, .* structure of /);
    expect(await textOf(page, 'answer-cost')).toMatch(/ s over .* Best of the shelf /);
    // One figure everywhere: the Snow line, the Snow screen and the choice mean the same snow.
    const snow = await textOf(page, 'answer-snow');
    expect(await textOf(page, 'line-start')).toBe(snow);
    const asked = await textOf(page, 'answer-equivalent');
    await goTo(page, `${app.url}/outing/demo-relay/snow`);
    expect(await textOf(page, 'snow-start')).toBe(snow);
    expect(await textOf(page, 'asked-equivalent')).toBe(asked);
    await goTo(page, `${app.url}/outing/demo-relay/pick`);
    expect(await textOf(page, 'by-air')).toMatch(/would choose .* instead of/);
    expect(await textOf(page, 'window')).toMatch(/One wax/);
  });
});

describe('grip', () => {
  it('measures the pocket, says what is wrong with it, and remembers what was tried', async () => {
    const { page, errors } = await openPage(browser, `${app.url}/outing/demo-tour/grip`);
    expect(await textOf(page, 'grip-sentence')).toContain('by the simple rule');
    await press(page, 'Feeler, two ends', 'radio');
    await typeInto(page, 'Feeler stops at the back at', '50');
    await typeInto(page, 'Feeler stops at the front at', '-4');
    await waitForText(page, 'The front end is behind the back end');
    await typeInto(page, 'Feeler stops at the back at', '-4');
    await typeInto(page, 'Feeler stops at the front at', '47');
    await waitForText(page, 'from -4 to 47 cm');
    await press(page, 'Gaps along the ski', 'radio');
    const half = [0, 0.4, 0.8, 1.1, 0.9, 0.3];
    for (const [i, gap] of half.entries()) {
      const rows = await page.$$('::-p-aria([name="Half"][role="textbox"])');
      await rows[i]!.type(String(gap));
      const fulls = await page.$$('::-p-aria([name="Full"][role="textbox"])');
      await fulls[i]!.type('0');
    }
    await waitForText(page, 'Full weight closes it from -10 to 40 cm');
    await typeInto(page, 'Weight of the skier', '55');
    await typeInto(page, 'Measured under', '75');
    await waitForText(page, 'converted to 55 kg');
    await press(page, 'Feeler, two ends', 'radio');
    await press(page, 'Save this fit');
    await press(page, 'It slips', 'radio');
    await waitForText(page, 'Make the zone longer');
    await press(page, 'I tried this');
    await waitForText(page, 'Add one or two layers');
    await reloadPage(page);
    expect(await textOf(page, 'grip-sentence')).toContain('to 47 cm');
    await press(page, 'It slips', 'radio');
    await waitForText(page, 'Add one or two layers');
    await press(page, 'Delete');
    await waitForText(page, 'Make the zone longer');
    expect(errors).toEqual([]);
  });
});

describe('the shelf', () => {
  it('labels a block by nail and finger, books stock, and undoes a removal', async () => {
    const { page, errors } = await openPage(browser, `${app.url}/outing/demo-relay/shelf`);
    await waitForText(page, 'The purchase that helps most');
    await typeInto(page, 'Name', 'Found in a drawer');
    await press(page, 'No label? Try a nail and a finger');
    await press(page, 'Groove with a curl', 'radio');
    await press(page, 'Greasy', 'radio');
    await waitForText(page, 'Hardness about');
    await press(page, 'Use these ends');
    await press(page, 'Add to shelf');
    await waitForText(page, '23 glide waxes');
    await press(page, 'What to do with Found in a drawer');
    await press(page, 'Delete Found in a drawer', 'menuitem');
    await waitForText(page, 'was deleted');
    await press(page, 'Undo');
    await waitForText(page, '23 glide waxes');
    await page.select('#stock-product', 'demo-frost');
    await typeInto(page, 'Grams', '12');
    await press(page, 'Save stock change');
    await waitForText(page, 'Stock of Frost saved.');
    expect(errors).toEqual([]);
  });
});

describe('the team’s own ways', () => {
  it('stand on the choice once set', async () => {
    const { page } = await openPage(browser, `${app.url}/outing/demo-relay/settings`);
    await press(page, 'Rotary', 'radio');
    await waitForText(page, 'Fast for many pairs');
    await goTo(page, `${app.url}/outing/demo-relay/pick`);
    await press(page, 'Our way of working');
    await waitForText(page, 'Fast for many pairs');
  });
});

describe('the iron lab', () => {
  it('says how hot and how fast, warns, fits itself to what was seen, and draws its map', async () => {
    const { page, errors } = await openPage(browser, `${app.url}/outing/demo-relay/iron`);
    expect(await textOf(page, 'iron-advice')).toMatch(
      /\d+ °C, (passes of [\d, ]+ s|[\d.]+ s a pass)/,
    );
    await waitForText(page, 'Liquid for');
    await typeInto(page, 'Set temperature', '300');
    await waitForText(page, 'Set temperature must be a number from 60 to 200 °C.');
    await typeInto(page, 'Set temperature', '130');
    await typeInto(page, 'Trail you saw', '4');
    await typeInto(page, 'After pass', '1');
    await waitForText(page, 'Heat contact fitted to');
    await showChart(page, 1);
    await page.waitForSelector('.js-plotly-plot .heatmaplayer image, .js-plotly-plot .hm image');
    // The page stands still once the map is whole.
    await page.waitForFunction(() => !document.body.innerText.includes('% computed'));
    await press(page, 'Play at real speed');
    await waitForText(page, 'Back to the start');
    expect(errors).toEqual([]);
  });
});
