import { choose, NO_NUDGE, type SnowCases } from '../src/core/choice';
import { randomSource } from '../src/core/random';
import { withDemoPage } from './demo-page';
import { report, scalarBaselineNs, times } from './measure';

const PRODUCTS = 40;
const MEMBERS = 400;
const SEGMENTS = 4;
const TIMES = 6;
const size = TIMES * SEGMENTS * MEMBERS;
const random = randomSource(1);
/** Members stand coldest first in each place and time, as an outlook gives them. */
const temperatureC = Float64Array.from({ length: size }, () =>
  Math.min(0, -6 + 2 * random.normal()),
);
for (let from = 0; from < size; from += MEMBERS) temperatureC.subarray(from, from + MEMBERS).sort();
const cases: SnowCases = {
  timesMs: Array.from({ length: TIMES }, (_, t) => t * 3_600_000),
  segments: Array.from({ length: SEGMENTS }, (_, s) => ({
    name: `Segment ${s}`,
    share: 1 / SEGMENTS,
    origin: 'machine_made',
  })),
  members: MEMBERS,
  memberWeights: new Float64Array(MEMBERS).fill(1 / MEMBERS),
  temperatureC,
  humidity: new Float64Array(size).fill(0.7),
  sharpness: new Float64Array(size).fill(0.4),
  waterPercent: new Float64Array(size),
  airTemperatureC: new Float64Array(TIMES * SEGMENTS).fill(-3),
  hardTrack: new Float64Array(size),
  dirt: 'clean',
};
const products = Array.from({ length: PRODUCTS }, (_, i) => ({
  id: `wax-${i}`,
  name: `Wax ${i}`,
  labelLowC: -20 + 0.5 * i,
  labelHighC: -14 + 0.5 * i,
  additives: i % 3 === 0 ? (['graphite'] as const) : [],
  form: 'block' as const,
  role: 'glide' as const,
}));
const question = {
  cases,
  products,
  shelf: products,
  outing: { discipline: 'skate', purpose: 'race', distanceKm: 10 } as const,
  own: { venueC: 0, handC: 0 },
};
console.log(`scalar baseline: ${scalarBaselineNs().toFixed(2)} ns a multiply-add`);
report(
  'the whole choice anew, 40 × 400 × 4 × 6',
  await times(() => choose({ ...question, nudge: { ...NO_NUDGE, temperatureK: 1 } }), 30, 5),
  'aim: under 30 ms',
);

const RUNS = 40;
const WARM = 8;
/** Typed arrays do not pass into a page as they are. */
const asLists = JSON.stringify(
  { ...question, nudge: { ...NO_NUDGE, temperatureK: 1 } },
  (_, value) =>
    ArrayBuffer.isView(value) ? Array.from(value as unknown as ArrayLike<number>) : value,
);

/** In the page: the same question to the app's own worker, from message to reply, ms. */
async function inWorker(url: string, text: string, runs: number): Promise<number[]> {
  const asked = JSON.parse(text);
  for (const key of [
    'temperatureC',
    'humidity',
    'sharpness',
    'waterPercent',
    'hardTrack',
    'airTemperatureC',
  ]) {
    asked.cases[key] = Float64Array.from(asked.cases[key]);
  }
  asked.cases.memberWeights = Float64Array.from(asked.cases.memberWeights);
  const worker = new Worker(url);
  const taken: number[] = [];
  for (let id = 0; id < runs; id += 1) {
    const from = performance.now();
    await new Promise<void>((resolve, reject) => {
      worker.onmessage = ({ data }) =>
        data.kind === 'done' ? resolve() : reject(new Error(JSON.stringify(data.reason)));
      worker.postMessage({ kind: 'run', id, input: asked });
    });
    taken.push(performance.now() - from);
  }
  worker.terminate();
  return taken;
}

await withDemoPage(async (page, base) => {
  await page.goto(`${base}/outing/demo-relay/pick`, { waitUntil: 'networkidle2' });
  await page.focus('aria/Snow temperature[role="slider"]');
  await page.keyboard.press('ArrowRight');
  await new Promise((resolve) => setTimeout(resolve, 2000));
  const url = page.workers()[0]!.url();
  const runs = (await page.evaluate(inWorker, url, asLists, RUNS + WARM)).slice(WARM);
  runs.sort((a, b) => a - b);
  report('the same in the browser’s worker, there and back', runs, 'aim: under 30 ms');
});
