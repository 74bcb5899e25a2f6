import { describe, expect, it } from 'vitest';
import { goTo, NARROW, openPage, PATIENCE_MS, press, typeInto, waitForText, withDemo } from './app';

const RELAY = '/outing/demo-relay';
const demo = withDemo();

describe('the frame', () => {
  it('lists the keys under ? and goes where they say', async () => {
    const { page } = await openPage(demo.browser, `${demo.app.url}${RELAY}/snow`);
    await page.keyboard.press('?');
    await page.waitForSelector('[role="dialog"]', { visible: true });
    await page.keyboard.press('Escape');
    await page.waitForSelector('[role="dialog"]', { hidden: true });
    await page.keyboard.press('l');
    await page.waitForFunction(() => location.pathname.endsWith('/log'));
  });

  it('shows °F, feet and miles when set so', async () => {
    const { page } = await openPage(demo.browser, `${demo.app.url}${RELAY}/settings`);
    await press(page, '°F', 'radio');
    await page.waitForFunction(() =>
      document.querySelector('[data-testid="line-snow"]')?.textContent?.includes('°F'),
    );
    for (const screen of ['pick', 'iron', 'shelf']) {
      await goTo(page, `${demo.app.url}${RELAY}/${screen}`);
      const shown = await page.$eval('main article', (main) => main.innerText);
      expect(shown, screen).toContain('°F');
      expect(
        shown.split('\n').filter((line) => line.includes('°C')),
        screen,
      ).toEqual([]);
    }
  });

  it('fits 390 px without scrolling sideways', async () => {
    for (const screen of [
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
      'labels',
      'bench',
      'bench?ski=demo-ski-ilo-skate',
      'test',
      'learning',
      'season',
    ]) {
      const { page } = await openPage(demo.browser, `${demo.app.url}${RELAY}/${screen}`, NARROW);
      const overflow = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect(overflow, screen).toBeLessThanOrEqual(0);
      // One that stays open hears of every change and fetches itself anew beside the next test.
      await page.close();
    }
  });

  it.each(['/quick', `${RELAY}/snow`, `${RELAY}/skis`])(
    'stands still when its letters come late: %s',
    async (path) => {
      const page = await (await demo.browser.createBrowserContext()).newPage();
      page.setDefaultTimeout(PATIENCE_MS);
      await page.setViewport(NARROW);
      await page.setRequestInterception(true);
      page.on('request', (one) => {
        const lateMs = one.resourceType() === 'font' ? 1500 : 0;
        setTimeout(() => void one.continue(), lateMs);
      });
      await page.evaluateOnNewDocument(() => {
        const seen = window as unknown as { shifted: number };
        seen.shifted = 0;
        new PerformanceObserver((list) => {
          for (const entry of list.getEntries()) {
            seen.shifted += (entry as PerformanceEntry & { value: number }).value;
          }
        }).observe({ type: 'layout-shift', buffered: true });
      });
      await goTo(page, demo.app.url + path);
      const isThere = () =>
        [...document.fonts].some((font) => font.family === 'letters' && font.status === 'loaded');
      await page.waitForFunction(isThere);
      await new Promise((resolve) => setTimeout(resolve, 500));
      const shifted = await page.evaluate(() => (window as unknown as { shifted: number }).shifted);
      expect(shifted).toBeLessThan(0.02);
      await page.close();
    },
  );

  it.each(['/quick', `${RELAY}/pick`])(
    'leaves the styles that came with it where they stand: %s',
    async (path) => {
      const page = await (await demo.browser.createBrowserContext()).newPage();
      page.setDefaultTimeout(PATIENCE_MS);
      await page.evaluateOnNewDocument(() => {
        const seen = window as unknown as { moved: number };
        seen.moved = 0;
        const isStyle = (node: Node) => node.nodeName === 'STYLE';
        new MutationObserver((changes) => {
          for (const { removedNodes } of changes)
            seen.moved += [...removedNodes].filter(isStyle).length;
        }).observe(document, { childList: true, subtree: true });
      });
      await goTo(page, demo.app.url + path);
      const found = await page.evaluate(() => ({
        moved: (window as unknown as { moved: number }).moved,
        came: document.querySelectorAll('style[data-styles]').length,
        again: [...document.querySelectorAll<HTMLStyleElement>('style[data-emotion]')]
          .flatMap(({ sheet }) => [...sheet!.cssRules])
          .filter(({ cssText }) => cssText.startsWith('@layer reset')).length,
      }));
      expect(found).toEqual({ moved: 0, came: expect.any(Number), again: 0 });
      expect(found.came).toBeGreaterThan(0);
      await page.close();
    },
  );

  it('starts an outing from nothing, and says what an empty shelf needs', async () => {
    const { page } = await openPage(demo.browser, `${demo.app.url}/outing/new`);
    await typeInto(page, 'Name', 'Tuesday loop');
    await press(page, 'Save outing');
    await waitForText(page, 'Start is missing.');
    await page.$eval('input[type="datetime-local"]', (input) => {
      const setter = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!;
      setter.call(input, '2027-01-19T18:00');
      input.dispatchEvent(new Event('input', { bubbles: true }));
    });
    await press(page, 'Save outing');
    await waitForText(page, 'No reading yet.');
    const pickUrl = page.url().replace(/snow$/, 'pick');
    await goTo(page, pickUrl);
    await waitForText(page, 'Measure the snow first.');
  });
});
