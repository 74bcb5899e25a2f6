import { expect, it } from 'vitest';
import type { Page } from 'puppeteer-core';
import { DEMO_COURSES, DEMO_STATIONS } from '@/data/demo/course';
import { demoReadings } from '@/data/demo/readings';
import { DEMO_LEARNERS } from '@/data/demo/practice';
import { DEMO_LOG_NOTE, DEMO_NOTE } from '@/data/demo/seed';
import { DEMO_SHELF } from '@/data/demo/shelf';
import { DEMO_SKIS } from '@/data/demo/skis';
import { DEMO_VENUES, lanternOutings } from '@/data/demo/weekend';
import { PSEUDO } from '@/words/pseudo';
import { openPage, withDemo } from './app';
import { DRILL_PAGES } from './drill-pages';

const demo = withDemo({ FROST_PICK_LANGUAGE: PSEUDO });

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
])
  .filter((text) => /[a-z]{2}/i.test(text))
  .sort((a, b) => b.length - a.length);

const SYMBOLS =
  /\b(Mon|Tue|Wed|Thu|Fri|Sat|Sun|Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Sept|Oct|Nov|Dec)\b|\b(km|cm|mm|kg|min|µm|hPa|ft|mi|°[CF]|CET|UTC|PP|DF|RG|FC|MF|MFcr|MM)\b|https?:\S+/g;

/** Names of time zones are the same in every language here: Area/City. */
const ZONES = /^([A-Z][A-Za-z-]+\/)+[\w +-]+$/;

/** What of a text stands outside brackets and is neither data nor a figure with its unit. */
function unsaid(text: string): string {
  if (ZONES.test(text)) return '';
  let rest = text;
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

const SLALOM = '/outing/demo-slalom';
const RELAY = '/outing/demo-relay';
const SCREENS = [
  `${RELAY}/snow`,
  `${RELAY}/pick`,
  `${SLALOM}/pick`,
  `${RELAY}/grip`,
  `${RELAY}/skis`,
  `${RELAY}/skis/${DEMO_SKIS[0]!.id}`,
  `${RELAY}/bench`,
  `${SLALOM}/bench?ski=${DEMO_SKIS[0]!.id}`,
  `${RELAY}/test`,
  `${SLALOM}/test`,
  `${RELAY}/pairs`,
  `${RELAY}/plan`,
  `${SLALOM}/log`,
  `${RELAY}/learning`,
  `${SLALOM}/season`,
  `${SLALOM}/wall`,
  `${RELAY}/venue`,
  `${RELAY}/shelf`,
  `${RELAY}/iron`,
  `${RELAY}/labels`,
  `${RELAY}/settings`,
  '/outing/new',
  '/devices',
  '/settings',
  '/practice',
  ...DRILL_PAGES,
  '/pair?no=wrong_code',
  '/quick',
  '/quick?by=air&on=classic',
  '/nowhere',
];

it.each(SCREENS)('says every word through the language: %s', async (path) => {
  const { page } = await openPage(demo.browser, demo.app.url + path);
  await page.waitForFunction(() => !document.body.textContent.includes('Drawing'));
  const left = (await readable(page)).map(unsaid).filter((text) => /[A-Za-z]{2,}/.test(text));
  expect([...new Set(left)]).toEqual([]);
  await page.close();
});
