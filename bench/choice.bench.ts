import { choose, NO_NUDGE, type SnowCases } from '../src/core/choice';
import { randomSource } from '../src/core/random';
import { report, scalarBaselineNs, times } from './measure';

const PRODUCTS = 40;
const MEMBERS = 400;
const SEGMENTS = 4;
const TIMES = 6;
const size = TIMES * SEGMENTS * MEMBERS;
const random = randomSource(1);
/** Members stand coldest first in each place and time, as an outlook gives them. */
const temperatureC = Float32Array.from({ length: size }, () =>
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
  humidity: new Float32Array(size).fill(0.7),
  sharpness: new Float32Array(size).fill(0.4),
  wetness: new Uint8Array(size),
  airTemperatureC: new Float32Array(TIMES * SEGMENTS).fill(-3),
  dirt: 'clean',
  glazed: false,
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
