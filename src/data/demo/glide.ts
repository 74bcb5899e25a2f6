import type { KeptGlideRun, KeptGlideTest } from '../../core/model';

const MINUTE_MS = 60_000;
const BEFORE_MIN = 150;
const EVERY_MIN = 4;
/** Seconds between the gates, there and back and there again. */
const RUNS: readonly (readonly [wax: 0 | 1, seconds: number])[] = [
  [0, 27.42],
  [1, 27.51],
  [1, 27.56],
  [0, 27.49],
  [1, 27.6],
  [0, 27.56],
  [0, 27.58],
  [1, 27.73],
];

/** Two waxes against each other on the loop, run by run, until the difference is clear. */
export function demoGlideTest(
  outingId: string,
  now: Date,
): { test: KeptGlideTest; runs: KeptGlideRun[] } {
  const skis = ['Cold', 'Hard frost'];
  const atMs = (minute: number) => now.getTime() - (BEFORE_MIN - minute) * MINUTE_MS;
  const isoAt = (minute: number) => new Date(atMs(minute)).toISOString();
  const test: KeptGlideTest = {
    id: 'demo-glide-test',
    outingId,
    startedAt: isoAt(0),
    measure: 'seconds',
    skis,
    hill: { dropM: 5, lengthM: 90, fromRest: true },
    snow: {
      temperatureC: -9,
      humidityFraction: 0.6,
      origin: 'machine_made',
      grain: 'MM',
      wetness: 'dry',
      dirt: 'clean',
      glazed: false,
    },
    tester: 'Odemi',
  };
  const runs = RUNS.map(([wax, value], k): KeptGlideRun => ({
    id: `demo-glide-run-${k}`,
    testId: test.id,
    ski: skis[wax]!,
    value,
    ranAt: isoAt(1 + k * EVERY_MIN),
  }));
  return { test, runs };
}
