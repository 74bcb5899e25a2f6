import type { Page } from 'puppeteer-core';
import { goTo, PATIENCE_MS, press, textOf } from './app';

/** Ends a wait before its least, which is asked again, and waits until the next step stands. */
export async function endWait(page: Page): Promise<void> {
  const before = await page.$eval('h1', (heading) => heading.textContent);
  await press(page, 'End the wait early');
  await press(page, 'End it anyway');
  await page.waitForFunction(
    (old) => document.querySelector('h1')?.textContent !== old,
    { timeout: PATIENCE_MS },
    before,
  );
}

/** One press of the key, and again where the page was not ready for it, as a person would. */
async function goOn(page: Page, before: string | null): Promise<void> {
  // Two presses within 400 ms are one.
  await new Promise((resolve) => setTimeout(resolve, 450));
  for (let left = 3; ; left -= 1) {
    const shown = await page.$eval('h1', (heading) => heading.textContent);
    if (shown !== before) return;
    if (await page.$('[role="timer"]')) return endWait(page);
    await page.keyboard.press('Space');
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
export async function runUntil(
  page: Page,
  words: string,
  onStep?: (title: string) => Promise<void>,
) {
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

/** The sheet at an address of the bench, without these programmes, started. */
export async function startSheetAt(page: Page, url: string, leaveOut: readonly string[]) {
  await goTo(page, url);
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
