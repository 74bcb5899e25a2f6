/** Times of repeated runs of `work`, ms, sorted; the first runs warm up and do not count. */
export async function times(
  work: () => unknown | Promise<unknown>,
  runs: number,
  warmUps = 3,
): Promise<number[]> {
  for (let i = 0; i < warmUps; i += 1) await work();
  const taken: number[] = [];
  for (let i = 0; i < runs; i += 1) {
    const from = performance.now();
    await work();
    taken.push(performance.now() - from);
  }
  return taken.sort((a, b) => a - b);
}

export const quantile = (sorted: readonly number[], fraction: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(fraction * sorted.length))]!;

/** One line: median, p95, and the limit it is held against. */
export function report(name: string, sorted: readonly number[], limit: string): void {
  const [median, p95] = [0.5, 0.95].map((fraction) => quantile(sorted, fraction).toFixed(2));
  console.log(`${name.padEnd(52)} median ${median} ms   p95 ${p95} ms   (${limit})`);
}

/** This machine's own speed in this run: 10 million dependent multiply-adds, ns each. */
export function scalarBaselineNs(): number {
  const steps = 1e7;
  let x = 1;
  const from = performance.now();
  for (let i = 0; i < steps; i += 1) x = x * 0.999999 + 1e-6;
  const taken = performance.now() - from;
  if (!Number.isFinite(x)) throw new Error('baseline diverged');
  return (taken * 1e6) / steps;
}
