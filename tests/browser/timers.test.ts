import { describe, expect, it } from 'vitest';
import { wallMs } from '@/core/time';
import { AxePuppeteer } from '@axe-core/puppeteer';
import type { Page } from 'puppeteer-core';
import {
  PATIENCE_MS,
  goTo,
  openPage,
  press,
  reloadPage,
  startDemo,
  typeInto,
  untilFree,
  waitForText,
  withDemo,
} from './app';
import { endWait, runUntil, startSheetAt } from './bench-hands';

const demo = withDemo();

interface Timers {
  nowMs: number;
  timers: { skiName: string; dueMs: number }[];
}

const bench = (rest = '') => `${demo.app.url}/outing/demo-slalom/bench${rest}`;
const timers = async (): Promise<Timers> =>
  (await fetch(`${demo.app.url}/api/v1/timers`)).json() as Promise<Timers>;
const startSheet = (page: Page, skiId: string, leaveOut: readonly string[]) =>
  startSheetAt(page, bench(`?ski=${skiId}`), leaveOut);

describe('timers', () => {
  it('are the same on a second device, after a reload and after a kill -9', async () => {
    const { page } = await openPage(demo.browser, bench());
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
    await reloadPage(page);
    expect((await tileOf(page)).map(([due]) => due)).toContain(String(mine.dueMs));
    const { page: second } = await openPage(demo.browser, `${demo.app.url}/outing/demo-relay/snow`);
    const [ours, theirs] = [await tileOf(page), await tileOf(second)];
    expect(theirs.map(([due]) => due)).toEqual(ours.map(([due]) => due));
    expect(theirs[0]![1]).toMatch(/cool(29|30):\d\d/);

    demo.app.child.kill('SIGKILL');
    await demo.app.ended;
    const port = Number(new URL(demo.app.url).port);
    await untilFree(port);
    demo.app = await startDemo(port, demo.folder);
    expect(demo.app.output()).toContain('Frost Pick is at');
    expect((await timers()).timers.find((one) => one.skiName === 'Wessa slalom 2')).toEqual(mine);
    await goTo(page, bench());
    await waitForText(page, 'Wessa slalom 2');
    expect((await tileOf(page)).map(([due]) => due)).toContain(String(mine.dueMs));
  });

  it('keep the screen awake, and sound and notify once when a wait ends', async () => {
    const { page } = await openPage(demo.browser, 'about:blank');
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
    const open = await (await fetch(`${demo.app.url}/api/v1/timers`)).json();
    const { jobId } = (open as { timers: { jobId: string }[] }).timers[0]!;
    const { openDatabase } = await import('@/data/database');
    const db = openDatabase(demo.folder);
    await goTo(page, bench(`?job=${jobId}`));
    await db
      .updateTable('job_step')
      .set({ due_at: new Date(wallMs() + 1000).toISOString() })
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
    const { page, errors } = await openPage(demo.browser, bench());
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
    const { page, errors } = await openPage(demo.browser, `${demo.app.url}/outing/demo-relay/skis`);
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
    await press(page, 'Delete: 12 km, usual snow');
    await waitForText(page, 'deleted.');
    await press(page, 'Undo');
    await waitForText(page, '12 km, usual snow');
    await goTo(page, `${demo.app.url}/ski/demo-ski-ilo-skate`);
    expect(page.url()).toContain('/skis/demo-ski-ilo-skate');
    await goTo(page, `${demo.app.url}/outing/demo-relay/labels`);
    expect((await page.$$('[role="img"][aria-label^="QR label"]')).length).toBeGreaterThan(29);
    expect(errors).toEqual([]);
  });

  it('has room for the team’s own iron, which the lab and the sheets then use', async () => {
    const { page, errors } = await openPage(
      demo.browser,
      `${demo.app.url}/outing/demo-slalom/iron`,
    );
    await press(page, 'Your own iron');
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
