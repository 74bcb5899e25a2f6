import { appendFileSync, mkdirSync } from 'node:fs';
import path from 'node:path';

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

/** How long a small request takes again and again while `work` goes on, ms each. */
export async function sideWaits(url: string, work: Promise<unknown>): Promise<number[]> {
  let isDone = false;
  const end = work.finally(() => {
    isDone = true;
  });
  const waits: number[] = [];
  do {
    const from = performance.now();
    const answer = await fetch(url);
    await answer.arrayBuffer();
    waits.push(performance.now() - from);
    await new Promise((resolve) => setTimeout(resolve, 5));
  } while (!isDone);
  await end;
  return waits;
}
