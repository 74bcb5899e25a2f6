import type { Page } from 'puppeteer-core';
import { ironItem, ironRow, moveIron } from '../src/core/practice';
import { report, times } from './measure';
import { withDemoPage } from './demo-page';

const TICK_S = 1 / 60;
const { bench } = ironItem('middle', 2);
const row = ironRow(bench);
moveIron(row, { placeM: 0.5, isDown: true }, 1);
report(
  'iron drill, one frame of 72 places',
  await times(() => moveIron(row, { placeM: 0.5, isDown: true }, TICK_S), 200, 20),
  'aim: under 4 ms',
);

/** Times between frames, ms, while the iron is moved by keys for some seconds. */
async function frames(page: Page, url: string): Promise<number[]> {
  await page.goto(`${url}/practice/iron?topic=middle&seed=2`, { waitUntil: 'networkidle2' });
  await page.focus('[role="application"]');
  await page.keyboard.press('Space');
  await page.keyboard.down('ArrowRight');
  const seen = await page.evaluate(
    () =>
      new Promise<number[]>((resolve) => {
        const all: number[] = [];
        let before = performance.now();
        const step = (now: number) => {
          all.push(now - before);
          before = now;
          if (all.length < 300) requestAnimationFrame(step);
          else resolve(all.slice(10).sort((a, b) => a - b));
        };
        requestAnimationFrame(step);
      }),
  );
  await page.keyboard.up('ArrowRight');
  return seen;
}

await withDemoPage(async (page, url) => {
  report('iron drill, between frames', await frames(page, url), 'aim: 60 a second, 16.7 ms');
  await page.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true });
  await page.emulateCPUThrottling(4);
  report(
    'iron drill, between frames of a phone 4 times slower',
    await frames(page, url),
    'aim: 30 a second, 33 ms',
  );
});
