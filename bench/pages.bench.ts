import lighthouse, { desktopConfig, type Config } from 'lighthouse';
import puppeteer from 'puppeteer-core';
import { CHROMIUM, CHROMIUM_FLAGS } from '../scripts/lib/browser.mjs';
import { withDemoPage } from './demo-page';
import { quantile } from './measure';

const SCREENS = ['snow', 'pick', 'skis', 'bench', '/quick'];
const REQUESTS = 9;
/** Outlooks of the demo are made at the start; measured is a warm server. */
const WARM_UP_MS = 15_000;
const FORMS: [string, Config | undefined][] = [
  ['desktop', desktopConfig],
  ['mobile', undefined],
];

const addressOf = (base: string, screen: string) =>
  screen.startsWith('/') ? `${base}${screen}` : `${base}/outing/demo-relay/${screen}`;

/** Time to the first byte of a page, ms, sorted. */
async function firstBytes(url: string): Promise<number[]> {
  const taken: number[] = [];
  for (let i = 0; i < REQUESTS; i += 1) {
    const from = performance.now();
    const answer = await fetch(url, { headers: { accept: 'text/html' } });
    taken.push(performance.now() - from);
    await answer.text();
  }
  return taken.sort((a, b) => a - b);
}

/** One run of Lighthouse in a browser of its own: performance, blocking time, shift, and script as it was sent. */
async function weigh(url: string, config: Config | undefined): Promise<string> {
  const browser = await puppeteer.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
  try {
    const flags = { output: 'json', logLevel: 'error', onlyCategories: ['performance'] } as const;
    const run = await lighthouse(
      url,
      { ...flags, onlyCategories: [...flags.onlyCategories] },
      config,
      await browser.newPage(),
    );
    const { audits, categories } = run!.lhr;
    const of = (audit: string) => audits[audit]!.numericValue ?? 0;
    const requests = audits['network-requests']!.details as unknown as {
      items: { resourceType: string; transferSize: number }[];
    };
    const script = requests.items
      .filter(({ resourceType }) => resourceType === 'Script')
      .reduce((sum, { transferSize }) => sum + transferSize, 0);
    return [
      `performance ${Math.round(100 * categories.performance!.score!)}`,
      `blocked ${of('total-blocking-time').toFixed(0)} ms`,
      `shift ${of('cumulative-layout-shift').toFixed(3)}`,
      `script ${(script / 1024).toFixed(0)} KB`,
    ].join('   ');
  } finally {
    await browser.close();
  }
}

await withDemoPage(async (_page, base) => {
  await new Promise((resolve) => setTimeout(resolve, WARM_UP_MS));
  for (const screen of SCREENS) {
    const url = addressOf(base, screen);
    const bytes = (await firstBytes(url)).slice(0, -1);
    console.log(
      `${screen.padEnd(8)} first byte median ${quantile(bytes, 0.5).toFixed(0)} ms (aim: under 150)`,
    );
    for (const [form, config] of FORMS) {
      console.log(`${screen.padEnd(8)} ${form.padEnd(8)} ${await weigh(url, config)}`);
    }
  }
});
