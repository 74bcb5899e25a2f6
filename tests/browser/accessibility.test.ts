import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { AxePuppeteer } from '@axe-core/puppeteer';
import lighthouse from 'lighthouse';
import type { Browser } from 'puppeteer-core';
import {
  freePort,
  freshFolder,
  launchBrowser,
  openPage,
  startDemo,
  stopDemo,
  type Started,
} from './app';

const SCREENS = [
  'snow',
  'pick',
  'grip',
  'log',
  'venue',
  'shelf',
  'iron',
  'settings',
  'wall',
  'skis',
  'skis/demo-ski-ilo-skate',
  'bench',
  'bench?ski=demo-ski-wessa-slalom',
  'labels',
];
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

describe.each(SCREENS)('the %s screen', (screen) => {
  const url = () => `${app.url}/outing/demo-slalom/${screen}`;

  it.each(['light', 'dark'])('has no axe violation in %s', async (scheme) => {
    const { page } = await openPage(browser, 'about:blank');
    await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: scheme }]);
    await page.goto(url(), { waitUntil: 'networkidle0' });
    const { violations } = await new AxePuppeteer(page).analyze();
    expect(
      violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.target).join('; ')}`),
    ).toEqual([]);
  });

  it('has full marks for accessibility from Lighthouse', async () => {
    const { page } = await openPage(browser, url());
    const run = await lighthouse(
      url(),
      {
        onlyCategories: ['accessibility'],
        output: 'json',
        formFactor: 'desktop',
        screenEmulation: { disabled: true },
      },
      undefined,
      page,
    );
    const { score } = run!.lhr.categories.accessibility!;
    const failing = Object.values(run!.lhr.audits)
      .filter((audit) => audit.score === 0)
      .map((audit) => audit.id);
    expect(failing).toEqual([]);
    expect(score).toBe(1);
  });
});
