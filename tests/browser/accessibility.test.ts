import { expect, it } from 'vitest';
import { AxePuppeteer } from '@axe-core/puppeteer';
import { openPage, withDemo } from './app';
import { DRILL_PAGES } from './drill-pages';

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
  'test',
  'learning',
  'season',
  'bench?ski=demo-ski-wessa-slalom',
  'labels',
  '/quick',
  '/devices',
  '/settings',
  '/practice',
  ...DRILL_PAGES,
  '/pair',
  '/outing/new',
];
const demo = withDemo();

const urlOf = (screen: string) =>
  `${demo.app.url}${screen.startsWith('/') ? screen : `/outing/demo-slalom/${screen}`}`;

it.each(SCREENS)('the %s screen has no axe violation, in light and in dark', async (screen) => {
  const { page } = await openPage(demo.browser, urlOf(screen));
  for (const value of ['light', 'dark']) {
    await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value }]);
    await page.waitForFunction(
      (scheme) => document.documentElement.classList.contains(scheme),
      {},
      value,
    );
    // Axe takes no page that is still loading something, a chart's script for one.
    await page.waitForFunction(() => document.readyState === 'complete');
    const { violations } = await new AxePuppeteer(page).analyze();
    expect(
      violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.target).join('; ')}`),
      value,
    ).toEqual([]);
  }
  await page.close();
});
