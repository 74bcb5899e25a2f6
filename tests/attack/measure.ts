import { appendFileSync, mkdirSync } from 'node:fs';
import path from 'node:path';
import { Worker } from 'node:worker_threads';

const REPORT = path.join(process.cwd(), 'tmp', 'attack.md');

/** Writes a row of the report of `npm run attack`. */
export function note(what: string, figure: string): void {
  mkdirSync(path.dirname(REPORT), { recursive: true });
  appendFileSync(REPORT, `| ${what} | ${figure} |\n`);
  console.log(`${what}: ${figure}`);
}

export const quantile = (values: readonly number[], share: number): number => {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;
};

export const ms = (value: number) => `${Math.round(value)} ms`;

/** What the other person does: a small request again and again, each timed. */
const OTHER = `
const { parentPort, workerData } = require('node:worker_threads');
let isDone = false;
const waits = [];
parentPort.once('message', () => { isDone = true; });
(async () => {
  do {
    const from = performance.now();
    await (await fetch(workerData)).arrayBuffer();
    waits.push(performance.now() - from);
    if (waits.length === 1) parentPort.postMessage('ready');
    await new Promise((resolve) => setTimeout(resolve, 5));
  } while (!isDone);
  parentPort.postMessage(waits);
})();
`;

/**
 * How long a small request takes again and again while `work` goes on, ms each. It is asked from a thread of its own:
 * what keeps the sender of a large body busy is not the server's.
 */
export async function sideWaits(url: string, work: () => Promise<unknown>): Promise<number[]> {
  const other = new Worker(OTHER, { eval: true, workerData: url });
  const next = () =>
    new Promise<unknown>((resolve, reject) => {
      other.once('message', resolve);
      other.once('error', reject);
    });
  await next();
  const waits = next();
  await work().finally(() => other.postMessage('done'));
  return (await waits) as number[];
}
