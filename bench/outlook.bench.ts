import { outlook, type OutlookInput } from '../src/core/snow/outlook';
import { withDemoPage } from './demo-page';
import { quantile, report, scalarBaselineNs, times } from './measure';

const HOUR = 3_600_000;
const START = Date.parse('2027-01-15T17:00:00Z');
const MEMBERS = 400;
const LAYERS = 20;
const input: OutlookInput = {
  site: {
    latitude: 46.6,
    longitude: 10.2,
    altitudeM: 700,
    slopeDeg: 5,
    aspectDeg: 0,
    shadeFraction: 0.2,
  },
  surface: { kind: 'machine_made' },
  weather: Array.from({ length: 25 }, (_, h) => ({
    timeMs: START + h * HOUR,
    airTemperatureC: -4 + 4 * Math.sin((2 * Math.PI * h) / 24),
    humidityFraction: 0.7,
    windMPerS: 2,
    cloudFraction: 0.3,
  })),
  members: MEMBERS,
  layers: LAYERS,
};
const baseline = scalarBaselineNs();
const taken = await times(() => outlook(input), 10, 2);
report('outlook, 400 members, 24 h at 5 min, 20 layers', taken, 'aim: under 400 ms');
const perLayerStep = (quantile(taken, 0.5) * 1e6) / (MEMBERS * 288 * LAYERS);
console.log(
  `a layer-step: ${perLayerStep.toFixed(1)} ns (aim: 60), ${(perLayerStep / baseline).toFixed(1)} × the scalar baseline of ${baseline.toFixed(2)} ns`,
);
const bytes = MEMBERS * LAYERS * 3 * 8 + 97 * MEMBERS * 6 * 4;
console.log(`memory of the ensemble: ${(bytes / 1e6).toFixed(1)} MB (limit: 64)`);

/** In the page: four outlooks in two workers made for it, from the first message to the last reply, ms. */
async function fourSegments(url: string, request: OutlookInput): Promise<number> {
  const from = performance.now();
  const workers = [0, 1].map(() => new Worker(url));
  // No named function in here: the compiler would call a helper that the page has not.
  await Promise.all(
    workers.map(
      (worker) =>
        new Promise<void>((resolve) => {
          let left = 2;
          worker.onmessage = ({ data }) => {
            if (data.kind === 'done' && --left === 0) resolve();
          };
          for (const id of [1, 2]) worker.postMessage({ kind: 'run', id, input: request });
        }),
    ),
  );
  const taken = performance.now() - from;
  workers.forEach((worker) => worker.terminate());
  return taken;
}

/** What the screen is given to draw its chart, so that the next figure is of the workers alone. */
const CHART_MS = 2000;
await withDemoPage(async (page, base) => {
  const screen: number[] = [];
  const four: number[] = [];
  for (let i = 0; i < 7; i += 1) {
    await page.goto(`${base}/outing/demo-relay/snow`);
    const found = await page.waitForFunction(
      () => performance.getEntriesByName('outlooks')[0]?.duration,
      { timeout: 60_000 },
    );
    screen.push((await found.jsonValue()) as number);
    await new Promise((resolve) => setTimeout(resolve, CHART_MS));
    const url = page.workers()[0]!.url();
    four.push(await page.evaluate(fourSegments, url, input));
  }
  for (const runs of [screen, four]) runs.sort((a, b) => a - b);
  report('the Snow screen: 5 outlooks of 41 h, two workers', screen, 'no limit');
  report('browser: 4 segments of 24 h in two new workers', four, 'aim: under 1 s');
});
