import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { AxePuppeteer } from '@axe-core/puppeteer';
import type { Browser, Page } from 'puppeteer-core';
import {
  freePort,
  freshFolder,
  launchBrowser,
  NARROW,
  openPage,
  PATIENCE_MS,
  press,
  startDemo,
  stopDemo,
  textOf,
  typeInto,
  waitForText,
  WIDE,
  type Started,
} from './app';

let app: Started;
let browser: Browser;
const folder = freshFolder();

interface Timers {
  nowMs: number;
  timers: { skiName: string; dueMs: number }[];
}

const bench = (rest = '') => `${app.url}/outing/demo-slalom/bench${rest}`;
const timers = async (): Promise<Timers> =>
  (await fetch(`${app.url}/api/v1/timers`)).json() as Promise<Timers>;
const reserveOf = async (page: Page, skiId: string): Promise<number> => {
  await page.goto(`${app.url}/outing/demo-slalom/skis/${skiId}`, { waitUntil: 'networkidle0' });
  return Number((await textOf(page, 'reserve')).replace(/\D/g, ''));
};
const stockLeft = async (): Promise<Record<string, number>> => {
  const { openDatabase } = await import('@/data/database');
  const { remainingGrams } = await import('@/data/stock');
  const db = openDatabase(folder);
  const left = await remainingGrams(db);
  await db.destroy();
  return left;
};

/** Ends a wait before its least, which is asked again. */
async function endWait(page: Page): Promise<void> {
  await press(page, 'End the wait early');
  await press(page, 'End it anyway');
}

/** One press of the key, and again where the page was not ready for it, as a person would. */
async function goOn(page: Page, before: string | null): Promise<void> {
  // Two presses within 400 ms are one.
  await new Promise((resolve) => setTimeout(resolve, 450));
  for (let left = 3; ; left -= 1) {
    const shown = await page.$eval('h1', (heading) => heading.textContent);
    if (shown !== before) return;
    if (await page.$('[role="timer"]')) await endWait(page);
    else await page.keyboard.press('Space');
    try {
      await page.waitForFunction(
        (old) => document.querySelector('h1')?.textContent !== old,
        { timeout: PATIENCE_MS / 3 },
        before,
      );
      return;
    } catch (error) {
      if (left === 0) throw error;
    }
  }
}

/** Presses on by the one key until the title has these words; gives every title on the way. */
async function runUntil(page: Page, words: string, onStep?: (title: string) => Promise<void>) {
  const titles: string[] = [];
  for (let i = 0; i < 60; i += 1) {
    const title = await textOf(page, 'step-title');
    titles.push(title);
    if (title.includes(words)) return titles;
    await onStep?.(title);
    const before = await page.$eval('h1', (heading) => heading.textContent);
    await goOn(page, before);
  }
  throw new Error(`never came to ${words}`);
}

/** The sheet of a ski with these programmes alone. */
async function startSheet(page: Page, skiId: string, leaveOut: readonly string[]) {
  await page.goto(bench(`?ski=${skiId}`), { waitUntil: 'networkidle0' });
  for (const name of leaveOut) {
    const before = await textOf(page, 'steps');
    await press(page, name, 'checkbox');
    await page.waitForFunction(
      (old) => document.querySelector('[data-testid="steps"]')?.textContent?.length !== old,
      { timeout: PATIENCE_MS },
      before.length,
    );
  }
  await press(page, 'Start job');
  await page.waitForSelector('[data-testid="step-title"]');
}

beforeAll(async () => {
  app = await startDemo(await freePort(), folder);
  browser = await launchBrowser();
});
afterAll(async () => {
  await browser?.close();
  await stopDemo(app);
});

const JOURNEYS = [
  {
    name: 'at 1280 px',
    viewport: WIDE,
    firstName: 'Jorin slalom',
    first: 'demo-ski-jorin-slalom',
    second: 'demo-ski-maro-slalom',
  },
  {
    name: 'at 390 px',
    viewport: NARROW as typeof WIDE,
    firstName: 'Pella slalom',
    first: 'demo-ski-pella-slalom',
    second: 'demo-ski-dunai-slalom',
  },
];

describe.each(JOURNEYS)(
  'from the look-over to a finished base $name',
  ({ viewport, first, firstName, second }) => {
    it('marks, makes the sheet, runs two skis, and moves reserve, stock and log', async () => {
      const { page, errors } = await openPage(
        browser,
        `${app.url}/outing/demo-slalom/skis`,
        viewport,
      );
      const reserve = await reserveOf(page, first);
      const map = viewport === WIDE ? 'base-map' : 'base-map-narrow';
      const svg = await page.waitForSelector(`[data-testid="${map}"] svg`);
      await svg!.evaluate((element) => element.scrollIntoView({ block: 'center' }));
      const box = (await svg!.boundingBox())!;
      await page.mouse.click(box.x + 0.5 * box.width, box.y + 0.26 * box.height);
      await press(page, 'Rust (Ru)', 'radio');
      await press(page, 'Add mark');
      await waitForText(page, 'Rust on the edge');
      await press(page, 'Not flat (Nf)', 'radio');
      await typeInto(page, 'From the tip', '20');
      await press(page, 'Add mark');
      await waitForText(page, 'Have it ground before you work');
      await press(page, 'Remove Not flat at 20 cm, middle');
      await waitForText(page, 'middle: removed.');

      const before = await stockLeft();
      await startSheet(page, first, ['Harden the edges', 'Top layer by roller']);
      const titles = await runUntil(page, 'Cool');
      expect(titles.join(' ')).toMatch(/Take rust off.*Wipe the filings off.*Put on .*Iron in/);
      expect(await textOf(page, 'countdown')).toMatch(/^(29|30):\d\d$/);

      await startSheet(page, second, ['Harden the edges', 'Top layer by roller', 'Hot wax']);
      expect((await textOf(page, 'step-title')).length).toBeGreaterThan(3);
      await page.click(`nav[aria-label="Skis on the bench"] ::-p-text(${firstName})`);
      await page.waitForFunction(
        () => document.querySelector('[data-testid="countdown"]') !== null,
        { timeout: PATIENCE_MS },
      );
      await endWait(page);
      await page.waitForFunction(
        () => document.querySelector('[data-testid="step-title"]')?.textContent === 'Scrape',
        { timeout: PATIENCE_MS },
      );
      await press(page, 'Back one step');
      await page.waitForSelector('[data-testid="countdown"]');
      await press(page, 'Skip');
      await press(page, 'Skip this step');
      await waitForText(page, 'Say why you skip this step.');
      await typeInto(page, 'Reason for skipping', 'Fan on it');
      await press(page, 'Skip this step');
      await page.waitForFunction(
        () => document.querySelector('[data-testid="step-title"]')?.textContent === 'Scrape',
        { timeout: PATIENCE_MS },
      );
      await runUntil(page, 'Done');
      await waitForText(page, 'Wax reserve, shelf and log are updated.');

      const after = await stockLeft();
      // Three ironed coats of about nine grams a pair, whatever wax the hour of the demo asks for.
      const total = (left: Record<string, number>) =>
        Object.values(left).reduce((sum, grams) => sum + grams, 0);
      expect(total(after)).toBeLessThan(total(before) - 15);
      expect(await reserveOf(page, first)).toBeGreaterThan(reserve);
      expect(await page.evaluate(() => document.body.innerText)).not.toContain('Rust on the edge');
      await waitForText(page, 'from a job');
      await page.goto(`${app.url}/outing/demo-slalom/log`, { waitUntil: 'networkidle0' });
      expect(await textOf(page, 'bench-log')).toMatch(/ended early|skipped cool: Fan on it/);
      const isWide = await page.evaluate(() => document.documentElement.scrollWidth > innerWidth);
      expect(isWide).toBe(false);
      expect(errors).toEqual([]);
    });
  },
);

describe('timers', () => {
  it('are the same on a second device, after a reload and after a kill -9', async () => {
    const { page } = await openPage(browser, bench());
    await startSheet(page, 'demo-ski-wessa-slalom-2', ['Harden the edges', 'Top layer by roller']);
    await runUntil(page, 'Cool');
    const { timers: running } = await timers();
    const mine = running.find((one) => one.skiName === 'Wessa slalom 2')!;
    const tileOf = async (one: Page) => {
      await one.waitForSelector('[data-testid="timer"]');
      return one.$$eval('[data-testid="timer"]', (tiles) =>
        tiles.map((tile) => [tile.getAttribute('data-due'), tile.textContent]),
      );
    };
    await page.reload({ waitUntil: 'networkidle0' });
    expect((await tileOf(page)).map(([due]) => due)).toContain(String(mine.dueMs));
    const { page: second } = await openPage(browser, `${app.url}/outing/demo-relay/snow`);
    const [ours, theirs] = [await tileOf(page), await tileOf(second)];
    expect(theirs.map(([due]) => due)).toEqual(ours.map(([due]) => due));
    expect(theirs[0]![1]).toMatch(/cool(29|30):\d\d/);

    app.child.kill('SIGKILL');
    await app.ended;
    app = await startDemo(Number(new URL(app.url).port), folder);
    expect(app.output()).toContain('Frost Pick is at');
    expect((await timers()).timers.find((one) => one.skiName === 'Wessa slalom 2')).toEqual(mine);
    await page.goto(bench(), { waitUntil: 'networkidle0' });
    await waitForText(page, 'Wessa slalom 2');
    expect((await tileOf(page)).map(([due]) => due)).toContain(String(mine.dueMs));
  });

  it('keep the screen awake, and sound and notify once when a wait ends', async () => {
    const { page } = await openPage(browser, 'about:blank');
    await page.evaluateOnNewDocument(() => {
      const heard: string[] = [];
      const node = { connect: (next: unknown) => next };
      class Tone {
        currentTime = 0;
        createOscillator() {
          return { ...node, frequency: {}, start: () => heard.push('tone'), stop: () => undefined };
        }
        createGain() {
          const gain = {
            setValueAtTime: () => undefined,
            exponentialRampToValueAtTime: () => undefined,
          };
          return { ...node, gain };
        }
      }
      class Note {
        static permission = 'granted';
        constructor(title: string) {
          heard.push(title);
        }
      }
      const request = (kind: string) => {
        heard.push(`awake ${kind}`);
        return Promise.resolve({ release: () => Promise.resolve() });
      };
      Object.assign(window, { AudioContext: Tone, Notification: Note, heard });
      Object.defineProperty(navigator, 'wakeLock', { value: { request } });
    });
    const open = await (await fetch(`${app.url}/api/v1/timers`)).json();
    const { jobId } = (open as { timers: { jobId: string }[] }).timers[0]!;
    const { openDatabase } = await import('@/data/database');
    const db = openDatabase(folder);
    await page.goto(bench(`?job=${jobId}`), { waitUntil: 'networkidle0' });
    await db
      .updateTable('job_step')
      .set({ due_at: new Date(Date.now() + 1000).toISOString() })
      .where('job_id', '=', jobId)
      .where('ended_at', 'is', null)
      .execute();
    await db.destroy();
    await page.waitForFunction(() =>
      (window as never as { heard: string[] }).heard.includes('tone'),
    );
    const heard = () => page.evaluate(() => (window as never as { heard: string[] }).heard);
    expect(await heard()).toContain('awake screen');
    expect((await heard()).filter((one) => one.endsWith('is over'))).toHaveLength(1);
    await page.waitForFunction(() =>
      document.querySelector('[data-testid="timer"]')?.textContent?.includes('Over'),
    );
  });

  it('let the runner be used by a reader, and count strokes and passes', async () => {
    const { page, errors } = await openPage(browser, bench());
    await startSheet(page, 'demo-ski-jorin-slalom-2', ['Top layer by roller']);
    let hasPaced = false;
    await runUntil(page, 'Cool', async (title) => {
      if (!title.includes('Iron in') || hasPaced) return;
      hasPaced = true;
      await press(page, 'Start the pace');
      await waitForText(page, 'Back to the tip');
      const { violations } = await new AxePuppeteer(page).analyze();
      expect(violations.map((one) => one.id)).toEqual([]);
    });
    expect(hasPaced).toBe(true);
    await endWait(page);
    await runUntil(page, 'Brush: fine steel');
    await page.keyboard.press('c');
    await press(page, 'Count a stroke');
    await waitForText(page, '2 of 6');
    await page.keyboard.press('u');
    await page.waitForFunction(
      () => document.querySelector('[data-testid="step-title"]')?.textContent === 'Cool',
      { timeout: PATIENCE_MS },
    );
    await press(page, 'Stop this job');
    await waitForText(page, 'stopped before the end.');
    await press(page, 'Undo');
    expect(errors).toEqual([]);
  });
});

describe('the rack of skis', () => {
  it('is searched, filtered, grown by a form and a file, and opened by its label', async () => {
    const { page, errors } = await openPage(browser, `${app.url}/outing/demo-relay/skis`);
    await typeInto(page, 'Find by name, owner or note', 'tivia');
    await waitForText(page, 'Tivia skate 2');
    expect(await page.evaluate(() => document.body.innerText)).not.toContain('Ekko classic');
    await typeInto(page, 'Name of the pair', 'Loaner 1');
    await press(page, 'Add to rack');
    await waitForText(page, 'Length is missing.');
    await typeInto(page, 'Length', '188');
    await typeInto(page, 'Waist', '44');
    await press(page, 'Add to rack');
    await waitForText(page, 'All skis');
    await waitForText(page, 'Loaner 1');
    await typeInto(page, 'Distance', '12');
    await press(page, 'Add to history');
    await waitForText(page, '12 km, usual snow');
    await press(page, 'Remove: 12 km, usual snow');
    await waitForText(page, 'removed.');
    await press(page, 'Undo');
    await waitForText(page, '12 km, usual snow');
    await page.goto(`${app.url}/ski/demo-ski-ilo-skate`, { waitUntil: 'networkidle0' });
    expect(page.url()).toContain('/skis/demo-ski-ilo-skate');
    await page.goto(`${app.url}/outing/demo-relay/labels`, { waitUntil: 'networkidle0' });
    expect((await page.$$('[role="img"][aria-label^="QR label"]')).length).toBeGreaterThan(29);
    expect(errors).toEqual([]);
  });

  it('has room for the team’s own iron, which the lab and the sheets then use', async () => {
    const { page, errors } = await openPage(browser, `${app.url}/outing/demo-slalom/iron`);
    await page.click('button::-p-text(Your own iron)');
    await press(page, 'Save this iron');
    await waitForText(page, 'Give the iron a name.');
    await typeInto(page, 'Name of the iron', 'Old brass one');
    await typeInto(page, 'Plate along the ski', '12');
    await typeInto(page, 'Mass of the plate', '0.9');
    await typeInto(page, 'Power', '400');
    await press(page, 'Save this iron');
    await page.waitForSelector('::-p-aria([name="Old brass one"][role="radio"])');
    await press(page, 'Delete Old brass one');
    await waitForText(page, 'is deleted.');
    expect(errors).toEqual([]);
  });
});
