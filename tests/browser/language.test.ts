import { beforeAll, describe, expect, it } from 'vitest';
import type { Page } from 'puppeteer-core';
import { DEMO_COURSES, DEMO_STATIONS } from '@/data/demo/course';
import { demoReadings } from '@/data/demo/readings';
import { DEMO_LEARNERS } from '@/data/demo/practice';
import { DEMO_LOG_NOTE, DEMO_NOTE } from '@/data/demo/seed';
import { DEMO_SHELF } from '@/data/demo/shelf';
import { DEMO_SKIS } from '@/data/demo/skis';
import { DEMO_VENUES, lanternOutings } from '@/data/demo/weekend';
import { PSEUDO } from '@/words/pseudo';
import { LOCALE_COOKIE, LOCALE_NAMES } from '@/words/locale';
import { goTo, NARROW, PATIENCE_MS, selection, WIDE, withDemo } from './app';
import { EVERY_SCREEN } from './every-screen';

const demo = withDemo();

/** Every string in a value, at any depth. */
function strings(value: unknown): string[] {
  if (typeof value === 'string') return [value];
  if (typeof value !== 'object' || value === null) return [];
  return Object.values(value).flatMap(strings);
}

const DAY = new Date('2027-01-16T00:00:00Z');
const OUTINGS = lanternOutings(DAY);
/** Names and notes of the demo are data, not words of the app. */
const DATA = strings([
  DEMO_COURSES,
  DEMO_STATIONS,
  DEMO_SHELF,
  DEMO_SKIS,
  DEMO_VENUES,
  OUTINGS,
  demoReadings(OUTINGS, DAY, DAY),
  DEMO_LEARNERS,
  DEMO_NOTE,
  DEMO_LOG_NOTE,
  LOCALE_NAMES,
])
  .filter((text) => /[a-z]{2}/i.test(text))
  .sort((a, b) => b.length - a.length);

/** What a choice said when it was made is a record: it stays in the language of who made it. */
const records = new Set<string>();
const LONG = 12;
const longRecords = () =>
  [...records]
    .filter((text) => text.length > LONG && text.includes(' '))
    .sort((a, b) => b.length - a.length);
beforeAll(async () => {
  const kept = await fetch(`${demo.app.url}/api/v1/choices?format=json`);
  strings(await kept.json()).forEach((text) => records.add(text));
});

const SYMBOLS =
  /\b(Mon|Tue|Wed|Thu|Fri|Sat|Sun|Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Sept|Oct|Nov|Dec)\b|\b(km|cm|mm|kg|min|µm|hPa|ft|mi|°[CF]|CET|UTC|PP|DF|RG|FC|MF|MFcr|MM)\b|https?:\S+/g;

/** Names of time zones are the same in every language here: Area/City. */
const ZONES = /^([A-Z][A-Za-z-]+\/)+[\w +-]+$/;

/** What of a text stands outside brackets and is neither data nor a figure with its unit. */
function unsaid(text: string): string {
  if (ZONES.test(text)) return '';
  if (records.has(text)) return '';
  let rest = text;
  for (const record of longRecords()) rest = rest.replaceAll(record, ' ');
  for (let before = ''; before !== rest;) {
    before = rest;
    rest = rest.replace(/⟦[^⟦⟧]*⟧/g, ' ');
  }
  for (const data of DATA) rest = rest.replaceAll(data, ' ');
  return rest.replace(SYMBOLS, ' ').replace(/\s+/g, ' ').trim();
}

/** What a person reads or hears of a page: texts, labels, titles, with everything unfolded. */
const readable = (page: Page) =>
  page.evaluate(async () => {
    const closed = '[data-fold="closed"]';
    document.querySelectorAll<HTMLElement>(closed).forEach((trigger) => trigger.click());
    await new Promise((resolve) => setTimeout(resolve, 300));
    const shown: string[] = [document.title];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const parent = node.parentElement!;
      if (!parent.closest('script, style, noscript, next-route-announcer')) {
        shown.push(node.textContent ?? '');
      }
    }
    for (const element of document.querySelectorAll('*')) {
      for (const name of ['aria-label', 'title', 'placeholder', 'alt']) {
        shown.push(element.getAttribute(name) ?? '');
      }
    }
    return shown;
  });

/** A page of somebody who chose this language on the device. */
async function pageIn(tag: string): Promise<Page> {
  const context = await demo.browser.createBrowserContext();
  await context.setCookie({ name: LOCALE_COOKIE, value: tag, domain: '127.0.0.1' });
  const page = await context.newPage();
  page.setDefaultTimeout(PATIENCE_MS);
  return page;
}

// The server speaks English to others: what it keeps of a word from one request to the next shows here.
describe('with every word in brackets', () => {
  it.each(selection(EVERY_SCREEN, 3))('says every word through the language: %s', async (path) => {
    const page = await pageIn(PSEUDO);
    await page.setViewport(WIDE);
    await goTo(page, demo.app.url + path);
    await page.waitForFunction(() => !document.body.textContent.includes('Drawing'));
    const left = (await readable(page)).map(unsaid).filter((text) => /[A-Za-z]{2,}/.test(text));
    expect([...new Set(left)]).toEqual([]);
    await page.close();
  });
});

/** What sticks out of its box, or out of the page. */
const sticksOut = (page: Page) =>
  page.evaluate(async () => {
    document
      .querySelectorAll<HTMLElement>('[data-fold="closed"]')
      .forEach((trigger) => trigger.click());
    await new Promise((resolve) => setTimeout(resolve, 200));
    const found: string[] = [];
    const { scrollWidth } = document.documentElement;
    if (scrollWidth > window.innerWidth) found.push(`the page: ${scrollWidth} px`);
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    const BOXES = 'button, label, td, th, a, h1, h2, h3, p, li';
    const NOT_SHOWN = 'script, style, svg, option, .js-plotly-plot, [hidden], [aria-hidden=true]';
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const parent = node.parentElement!;
      const range = document.createRange();
      range.selectNodeContents(node);
      const text = range.getBoundingClientRect();
      const box = (parent.closest(BOXES) ?? parent).getBoundingClientRect();
      const isSeen = text.width > 2 && text.height > 2 && box.width > 2;
      if (!isSeen || parent.closest(NOT_SHOWN)) continue;
      if (text.right > box.right + 2 || text.left < box.left - 2) {
        found.push(`${node.textContent}: ${Math.round(text.right - box.right)} px`);
      }
    }
    return found;
  });

describe.each(['nb', 'de'])('in %s', (tag) => {
  it(
    'the longest words fit a telephone, and no page stumbles over its language',
    async () => {
      const page = await pageIn(tag);
      await page.setViewport(NARROW);
      const faults: string[] = [];
      page.on('pageerror', (error) => faults.push(`${page.url()}: ${error}`));
      for (const path of selection(EVERY_SCREEN, 4)) {
        await page.goto(demo.app.url + path, { waitUntil: 'load' });
        await page.waitForFunction(() => document.fonts.status === 'loaded');
        expect(await page.evaluate(() => document.documentElement.lang), path).toBe(tag);
        faults.push(...(await sticksOut(page)).map((what) => `${path}: ${what}`));
      }
      await page.close();
      expect(faults).toEqual([]);
    },
    4 * PATIENCE_MS,
  );
});

describe('the choice of a language', () => {
  it('follows the browser until somebody chooses, and goes back to it', async () => {
    const page = await (await demo.browser.createBrowserContext()).newPage();
    page.setDefaultTimeout(PATIENCE_MS);
    await page.setViewport(WIDE);
    await page.setExtraHTTPHeaders({ 'accept-language': 'nb-NO,nb;q=0.9,en;q=0.5' });
    await goTo(page, `${demo.app.url}/settings`);
    const heard = () =>
      page.evaluate(() => [
        document.documentElement.lang,
        document.querySelector('h1')?.textContent ?? '',
        document.title,
      ]);
    expect(await heard()).toEqual(['nb', 'Innstillinger', 'Innstillinger · Frost Pick']);
    const isAlive = () =>
      page.waitForFunction(() =>
        Object.keys(document.querySelector('input[type=radio]') ?? {}).some((key) =>
          key.startsWith('__react'),
        ),
      );
    /** A tap may come before the choice listens: again, until the page speaks the language. */
    const choose = async (choice: string, tag: string) => {
      for (let left = 10; ; left -= 1) {
        try {
          await page.locator(`label ::-p-text(${choice})`).click();
          // The tag comes with the first bytes of a page, its words later.
          const speaks = (wanted: string) =>
            document.readyState === 'complete' && document.documentElement.lang === wanted;
          await page.waitForFunction(speaks, { timeout: PATIENCE_MS / 10 }, tag);
          return;
        } catch (error) {
          if (left === 0) throw error;
        }
      }
    };
    for (const [choice, said] of [
      ['Deutsch', ['de', 'Einstellungen', 'Einstellungen · Frost Pick']],
      ['English', ['en', 'Settings', 'Settings · Frost Pick']],
      ['Same as browser', ['nb', 'Innstillinger', 'Innstillinger · Frost Pick']],
    ] as const) {
      await isAlive();
      await choose(choice, said[0]);
      expect(await heard()).toEqual(said);
    }
    await page.close();
  });

  it('holds for the API too, whose codes stay', async () => {
    const ask = async (tag: string, path: string, init: RequestInit = {}) => {
      const answer = await fetch(demo.app.url + path, {
        ...init,
        headers: { 'content-type': 'application/json', 'accept-language': tag },
      });
      return (await answer.json()) as { code: string; message: string; details: unknown[] };
    };
    const bad = { method: 'POST', body: '{"snow":{"temperatureC":99}}' };
    const [english, german, norwegian] = await Promise.all(
      ['en', 'de', 'nb'].map((tag) => ask(tag, '/api/v1/pick', bad)),
    );
    expect([english!.code, german!.code, norwegian!.code]).toEqual(Array(3).fill('invalid_input'));
    expect(english!.message).toContain('outing is missing.');
    expect(german!.message).toContain('outing fehlt.');
    expect(norwegian!.message).toContain('outing mangler.');
    expect(german!.message).not.toContain('missing');
    const unknown = await ask('de', '/api/v1/season?outing=none');
    expect(unknown.code).toBe('not_found');
    expect(unknown.message).toMatch(/[äöü]|nicht|keine/i);
    const strange = await ask('nb', '/', { method: 'PROPFIND' });
    expect(strange).toEqual({
      code: 'method_not_allowed',
      message: 'Denne metoden besvares ikke.',
      details: [],
    });
  });
});
