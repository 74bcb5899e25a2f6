import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Browser, Page } from 'puppeteer-core';
import {
  freePort,
  freshFolder,
  launchBrowser,
  openPage,
  press,
  showChart,
  startDemo,
  stopDemo,
  textOf,
  typeInto,
  waitForText,
  waitForValue,
  type Started,
} from './app';

const RELAY = '/outing/demo-relay';
let app: Started;
let browser: Browser;

beforeAll(async () => {
  app = await startDemo(await freePort(), freshFolder());
  browser = await launchBrowser();
});
afterAll(async () => {
  await browser?.close();
  await stopDemo(app);
});

const numbersIn = (text: string) =>
  [...text.replaceAll('−', '-').matchAll(/-?\d+(\.\d+)?/g)].map(([one]) => Number(one));

async function pullOf(page: Page) {
  const text = await textOf(page, 'pull');
  const [alone, pulled] = text.split(/With \d+ readings?/);
  const count = Number(/With (\d+)/.exec(text)![1]);
  const spread = (part: string) => Number(/± (\d+\.\d)/.exec(part)![1]);
  return { count, before: spread(alone!), after: spread(pulled!) };
}

const SAMPLING_C = 0.25;

describe('the dusk relay', () => {
  it('has snow degrees below the air at the start, and says both', async () => {
    const { page, errors } = await openPage(browser, `${app.url}${RELAY}/snow`);
    const [snow] = numbersIn(await textOf(page, 'snow-start'));
    const [air] = numbersIn(await textOf(page, 'air-start'));
    expect(air! - snow!).toBeGreaterThan(3);
    await showChart(page);
    expect(await textOf(page, 'course-answer')).toMatch(/^Coldest: [A-Z]/);
    const line = await textOf(page, 'line-start');
    expect(numbersIn(line)[0]).toBeCloseTo(snow!, 1);
    expect(errors).toEqual([]);
  });

  it('would be waxed a grade or more wrong by the air’s temperature', async () => {
    const { page } = await openPage(browser, `${app.url}${RELAY}/pick`);
    const chosen = await textOf(page, 'answer-product');
    const byAir = await textOf(page, 'by-air');
    expect(byAir).toContain('would choose');
    expect(byAir).not.toContain(chosen);
    const [lossByAir, lossBest] = [...byAir.matchAll(/([\d.]+)\s%/g)].map(([, loss]) =>
      Number(loss),
    );
    expect(lossByAir! - lossBest!).toBeGreaterThan(1);
  });

  it('has its outlook narrowed by readings, and by one more', async () => {
    const { page } = await openPage(browser, `${app.url}${RELAY}/snow`);
    const first = await pullOf(page);
    expect(first.count).toBe(3);
    // A reading of hours ago hardly narrows the start: what is left is the sampling of 400 members.
    expect(first.after).toBeLessThanOrEqual(first.before + SAMPLING_C);
    const now = await textOf(page, 'snow-now');
    await typeInto(page, 'Snow temperature', String(numbersIn(now)[0]));
    await press(page, 'Save reading');
    await waitForText(page, 'With 4 readings');
    const next = await pullOf(page);
    expect(next.after).toBeLessThanOrEqual(first.before + SAMPLING_C);
  });
});

describe('instruments', () => {
  it('computes what is typed with the compiled kernel, which pages may not run', async () => {
    const { page } = await openPage(browser, `${app.url}${RELAY}/snow`);
    await typeInto(page, 'Snow temperature', '-9');
    await page.waitForSelector('[data-testid="typed-change"]');
    expect(page.workers()).not.toEqual([]);
    // The least of all programs: its sign and its version.
    const compile = () => {
      const least = Uint8Array.of(0, 0x61, 0x73, 0x6d, 1, 0, 0, 0);
      try {
        return new WebAssembly.Module(least) instanceof WebAssembly.Module;
      } catch {
        return false;
      }
    };
    for (const worker of page.workers()) expect(await worker.evaluate(compile)).toBe(true);
    expect(await page.evaluate(compile)).toBe(false);
  });

  it('let a probe be pulled early, and fill the form', async () => {
    const { page } = await openPage(browser, `${app.url}/outing/demo-slalom/snow`);
    await page.waitForSelector('[data-testid="snow-start"]');
    await press(page, 'Read the instruments');
    await press(page, 'Hygrometer');
    await press(page, 'Put the probe in');
    await waitForText(page, 'You can pull it out');
    await press(page, 'Use this value');
    await page.waitForFunction(
      () => document.querySelector<HTMLInputElement>('input[name="temperatureC"]')?.value !== '',
    );
    await press(page, 'Infra-red gun');
    await waitForValue(page, 'temperatureSdC', '1.5');
  });
});

describe('the venue', () => {
  const venue = () => openPage(browser, `${app.url}/outing/demo-tour/venue`);

  it('says when the service is down, late or stale, and what else there is', async () => {
    const { page } = await venue();
    await press(page, 'Weather service', 'radio');
    await press(page, 'Down', 'radio');
    await press(page, 'Get forecast');
    await waitForText(page, 'The weather service is down (503)');
    await press(page, 'Stale', 'radio');
    await press(page, 'Get forecast');
    await waitForText(page, 'This forecast is 14 h old');
    await press(page, 'Undo');
    await press(page, 'Late', 'radio');
    await press(page, 'Get forecast');
    await waitForText(page, 'did not answer in time');
  });

  it('reads pasted reports and names the line it cannot read', async () => {
    const { page } = await venue();
    await press(page, 'METAR or TAF', 'radio');
    await page.type('#reports', 'METAR LXXX 231150Z 24008KT M03/M06 Q1013\nnonsense');
    await press(page, 'Import reports');
    await waitForText(page, 'is no METAR or TAF');
    await page.click('#reports', { count: 1 });
    for (let i = 0; i < 'nonsense'.length; i += 1) await page.keyboard.press('Backspace');
    await press(page, 'Import reports');
    await waitForText(page, '1 hour imported.');
  });

  it('draws a course from a track, and takes the old one back', async () => {
    const { page } = await venue();
    const input = (await page.waitForSelector('#track')) as unknown as {
      uploadFile: (file: string) => Promise<void>;
    };
    await input.uploadFile('examples/pass.gpx');
    await waitForText(page, 'Set shade, wind and surface, then save.');
    await press(page, 'Save course');
    await waitForText(page, 'Course saved.');
    await press(page, 'Undo');
    await waitForText(page, 'The old course is back.');
  });

  it('hands out the outing as a calendar entry', async () => {
    const calendar = await fetch(`${app.url}/api/v1/outings/demo-tour/calendar`);
    expect(calendar.headers.get('content-type')).toContain('text/calendar');
    expect(await calendar.text()).toContain('SUMMARY:Lantern tour over the pass');
    expect((await fetch(`${app.url}/api/v1/outings/none/calendar`)).status).toBe(404);
  });
});
