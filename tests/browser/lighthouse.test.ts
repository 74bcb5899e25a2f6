import { expect, it } from 'vitest';
import lighthouse from 'lighthouse';
import type { Page } from 'puppeteer-core';
import { goTo, openPage, withDemo } from './app';
import { EVERY_SCREEN } from './every-screen';
import { pairDevice, withBeyond } from './beyond';

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

/** Compressed script that a page may bring along before it is there, bytes. */
const MOST_SCRIPT = 250_000;

/** Bytes of the scripts that a page names, as they are sent. */
async function scriptOf(path: string): Promise<number> {
  const page = await fetch(demo.app.url + path, { headers: { accept: 'text/html' } });
  const tags = [...(await page.text()).matchAll(/<script[^>]*src="([^"]+)"[^>]*>/g)];
  const named = tags.filter(([tag]) => !/nomodule/i.test(tag)).map(([, source]) => source!);
  const sizes = [...new Set(named)].map(async (source) => {
    const script = await fetch(demo.app.url + source, {
      method: 'HEAD',
      headers: { 'accept-encoding': 'br' },
    });
    return Number(script.headers.get('content-length'));
  });
  return (await Promise.all(sizes)).reduce((sum, bytes) => sum + bytes, 0);
}

it('no screen brings along more script than a phone takes in a second', async () => {
  const heavy: string[] = [];
  for (const path of EVERY_SCREEN) {
    const bytes = await scriptOf(path);
    expect(bytes, path).toBeGreaterThan(100_000);
    if (bytes > MOST_SCRIPT) heavy.push(`${path}: ${bytes}`);
  }
  expect(heavy).toEqual([]);
});

it('its scripts are read whole while they come, by browsers that know how', async () => {
  const page = await fetch(`${demo.app.url}/quick`, { headers: { accept: 'text/html' } });
  const named = [...(await page.text()).matchAll(/<script[^>]*src="([^"]+chunks[^"]+)"/g)];
  expect(named.length).toBeGreaterThan(5);
  for (const [, source] of named) {
    const script = await (await fetch(demo.app.url + source!)).text();
    expect(script, source).toMatch(/^\/\/# allFunctionsCalledOnLoad\n/);
  }
});

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
