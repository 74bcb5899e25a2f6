// npm run screenshots [-- FOLDER [VIEW …]]: one picture of each main view from fresh demo data.
import { mkdtempSync, mkdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { spawn } from 'node:child_process';
import puppeteer from 'puppeteer-core';
import { CHROMIUM, CHROMIUM_FLAGS } from './lib/browser.mjs';
import { ROOT } from './lib/install.mjs';

const PORT = 3297;
const WIDE = { width: 1280, height: 800 };
const NARROW = { width: 390, height: 844, isMobile: true, hasTouch: true };

const CHART = '.js-plotly-plot';
const relay = '/outing/demo-relay';
/** @param {string} ski */
const job = (ski) => `/outing/demo-slalom/bench?ski=demo-ski-${ski}`;
const MOST_STEPS = 40;

/**
 * Starts the job sheet of the page and goes on by the one key until a step has these words.
 * @param {string} words
 */
const runTo = (words) => async (/** @type {import('puppeteer-core').Page} */ page) => {
  await page.locator('::-p-text(Start job)').click();
  await page.waitForSelector('[data-testid="step-title"]');
  for (let i = 0; i < MOST_STEPS; i += 1) {
    const title = await page.$eval('[data-testid="step-title"]', (one) => one.textContent ?? '');
    if (title.includes(words)) return;
    // Two presses within 400 ms are one.
    await new Promise((resolve) => setTimeout(resolve, 450));
    await page.keyboard.press('Space');
    await page.waitForFunction(
      (old) => document.querySelector('[data-testid="step-title"]')?.textContent !== old,
      {},
      title,
    );
  }
};
/**
 * Shows a code to pair with.
 * @param {import('puppeteer-core').Page} page
 */
async function coded(page) {
  await page.locator('::-p-aria(Show a code)').click();
  await page.waitForSelector('[data-testid="pair-code"]');
}

/**
 * Practises as one of the club.
 * @param {import('puppeteer-core').Page} page
 */
async function asIlo(page) {
  await page.select('select', 'demo-learner-ilo');
  await page.waitForFunction(() => document.body.innerText.includes('What does Ilo'));
  await page.waitForSelector(CHART);
}

/**
 * Irons half a ski with the mouse, and leaves the iron on it.
 * @param {import('puppeteer-core').Page} page
 */
async function ironing(page) {
  const ski = await page.waitForSelector('[data-testid="iron-ski"]');
  const { x, y, width } = /** @type {import('puppeteer-core').BoundingBox} */ (
    await ski?.boundingBox()
  );
  await page.mouse.move(x + IRON.edge, y + IRON.below);
  await page.mouse.down();
  for (let i = 0; i < IRON.moves; i += 1) {
    await page.mouse.move(x + IRON.edge + (0.6 * width * i) / IRON.moves, y + IRON.below);
    await new Promise((resolve) => setTimeout(resolve, IRON.everyMs));
  }
}
const IRON = { edge: 70, below: 90, moves: 200, everyMs: 35 };

/**
 * Saves the choice, and plans the bench with it.
 * @param {import('puppeteer-core').Page} page
 */
async function planned(page) {
  await page.locator('::-p-aria(Save choice)').click();
  await page.waitForFunction(() => document.body.innerText.includes('saved'));
  await page.goto(`http://127.0.0.1:${PORT}${relay}/plan`, { waitUntil: 'networkidle2' });
  await page.locator('::-p-aria(Make the plan)').click();
  await page.waitForFunction(() => document.body.innerText.includes('The plan is made'), {
    timeout: 120_000,
  });
  await page.locator('::-p-aria(Close)').click();
  await page.evaluate(() => scrollTo(0, 0));
}

/**
 * @type {Record<string, {
 *   at: string,
 *   waitFor?: string,
 *   size?: import('puppeteer-core').Viewport,
 *   prepare?: (page: import('puppeteer-core').Page) => Promise<void>,
 * }>}
 */
const VIEWS = {
  quick: { at: '/quick?snow=-9&humidity=65&grain=DF&wetness=dry&on=classic&for=race' },
  snow: { at: `${relay}/snow`, waitFor: CHART },
  pick: { at: `${relay}/pick`, waitFor: CHART },
  log: { at: `${relay}/log` },
  shelf: { at: `${relay}/shelf`, waitFor: CHART },
  grip: { at: '/outing/demo-tour/grip', waitFor: CHART },
  iron: { at: `${relay}/iron`, waitFor: CHART },
  skis: { at: `${relay}/skis` },
  venue: { at: `${relay}/venue` },
  practice: { at: '/practice', prepare: asIlo },
  'iron-drill': { at: '/practice/iron?topic=middle&seed=2', prepare: ironing },
  'snow-drill': { at: '/practice/snow?topic=clear_night&seed=3', size: NARROW },
  pairs: { at: `${relay}/pairs` },
  test: { at: `${relay}/test` },
  learning: { at: `${relay}/learning` },
  season: { at: `${relay}/season` },
  devices: { at: '/devices', prepare: coded },
  plan: { at: `${relay}/pick`, prepare: planned },
  // The last ones start jobs: their timers would stand in the pictures of the others.
  runner: { at: job('jorin-slalom'), prepare: runTo('Iron in') },
};

const [folder = 'docs/screenshots', ...names] = process.argv.slice(2);
const full = names[0] === '--full' ? names.shift() : undefined;
const target = path.resolve(ROOT, folder);
mkdirSync(target, { recursive: true });

const server = spawn(
  process.execPath,
  [
    'scripts/demo.mjs',
    '--port',
    String(PORT),
    '--data',
    mkdtempSync(path.join(tmpdir(), 'shots-')),
    // Stands for the address on a network.
    '--lan',
    '127.0.0.2',
  ],
  { cwd: ROOT, stdio: ['ignore', 'pipe', 'inherit'] },
);
await new Promise((/** @type {(value?: unknown) => void} */ resolve) => {
  server.stdout.on('data', (text) => String(text).includes('Frost Pick is at') && resolve());
});
const browser = await puppeteer.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
try {
  for (const [name, view] of Object.entries(VIEWS)) {
    if (names.length > 0 && !names.includes(name)) continue;
    const page = await browser.newPage();
    await page.setViewport(view.size ?? WIDE);
    await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: 'light' }]);
    page.on('console', (entry) => entry.type() === 'error' && console.error(name, entry.text()));
    page.on('pageerror', (error) => console.error(name, String(error)));
    await page.goto(`http://127.0.0.1:${PORT}${view.at}`, { waitUntil: 'networkidle2' });
    if (view.waitFor === CHART) {
      // A chart is drawn when it comes into view.
      await page.$eval('[data-testid="chart"]', (one) => one.scrollIntoView());
      await page.waitForSelector(CHART);
      await page.evaluate(() => scrollTo(0, 0));
    } else if (view.waitFor) await page.waitForSelector(view.waitFor);
    if (view.prepare) await view.prepare(page);
    await new Promise((resolve) => setTimeout(resolve, 400));
    await page.screenshot({ path: path.join(target, `${name}.png`), fullPage: full !== undefined });
    await page.close();
    console.log(name);
  }
} finally {
  await browser.close();
  server.kill('SIGTERM');
}
