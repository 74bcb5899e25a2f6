import { expect, it } from 'vitest';
import lighthouse from 'lighthouse';
import { openPage, withDemo } from './app';

const demo = withDemo();

const urlOf = (screen: string) => `${demo.app.url}/outing/demo-slalom/${screen}`;

/** Lighthouse weighs the same rules anew and is slow: one screen of each kind. */
it.each(['snow', 'bench?ski=demo-ski-wessa-slalom'])(
  'the %s screen has full marks for accessibility from Lighthouse',
  async (screen) => {
    const { page } = await openPage(demo.browser, urlOf(screen));
    const run = await lighthouse(
      urlOf(screen),
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
    await page.close();
  },
);
