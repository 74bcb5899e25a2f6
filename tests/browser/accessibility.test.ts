import { afterAll, beforeAll, expect, it } from 'vitest';
import { AxePuppeteer } from '@axe-core/puppeteer';
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
  '/quick',
  '/outing/new',
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

const urlOf = (screen: string) =>
  `${app.url}${screen.startsWith('/') ? screen : `/outing/demo-slalom/${screen}`}`;

it.each(SCREENS)('the %s screen has no axe violation, in light and in dark', async (screen) => {
  const { page } = await openPage(browser, urlOf(screen));
  for (const value of ['light', 'dark']) {
    await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value }]);
    await page.waitForFunction(
      (scheme) => document.documentElement.classList.contains(scheme),
      {},
      value,
    );
    const { violations } = await new AxePuppeteer(page).analyze();
    expect(
      violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.target).join('; ')}`),
      value,
    ).toEqual([]);
  }
  await page.close();
});
