import { expect, it } from 'vitest';
import lighthouse from 'lighthouse';
import type { Page } from 'puppeteer-core';
import { goTo, openPage, withDemo } from '../browser/app';
import { pairDevice, withBeyond } from '../browser/beyond';

const demo = withDemo();
const beyond = withBeyond();

const urlOf = (screen: string) => `${demo.app.url}/outing/demo-slalom/${screen}`;

/** What Lighthouse finds wrong in a category, and its marks. */
async function marks(page: Page, category: 'accessibility' | 'best-practices') {
  const run = await lighthouse(
    page.url(),
    {
      onlyCategories: [category],
      output: 'json',
      formFactor: 'desktop',
      screenEmulation: { disabled: true },
      // A device that is let out would see the page of pairing alone.
      disableStorageReset: true,
    },
    undefined,
    page,
  );
  const { categories, audits } = run!.lhr;
  const { score, auditRefs } = categories[category]!;
  const failing = auditRefs.map(({ id }) => audits[id]!).filter((audit) => audit.score === 0);
  return { score, failing: failing.map(({ id }) => id) };
}

const FULL = { score: 1, failing: [] };

/** Lighthouse weighs the same rules anew and is slow: one screen of each kind. */
it.each(['snow', 'bench?ski=demo-ski-wessa-slalom'])(
  'the %s screen has full marks for accessibility from Lighthouse',
  async (screen) => {
    const { page } = await openPage(demo.browser, urlOf(screen));
    expect(await marks(page, 'accessibility')).toEqual(FULL);
    await page.close();
  },
);

it('a paired device has full marks for best practices over https', async () => {
  const { page } = await pairDevice(beyond, { name: 'Bench tablet', role: 'Works' });
  for (const screen of ['snow', 'test']) {
    await goTo(page, `${beyond.origin}/outing/demo-slalom/${screen}`);
    expect(await marks(page, 'best-practices')).toEqual(FULL);
  }
});
