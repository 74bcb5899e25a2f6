import { expect, it } from 'vitest';
import { AxePuppeteer } from '@axe-core/puppeteer';
import { IS_LONG, openPage, withDemo } from './app';
import { EACH_SCREEN, EVERY_SCREEN } from './every-screen';

const demo = withDemo();

it.each(IS_LONG ? EVERY_SCREEN : EACH_SCREEN)(
  'the %s screen has no axe violation, in light and in dark',
  async (screen) => {
    const { page } = await openPage(demo.browser, demo.app.url + screen);
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
  },
);
