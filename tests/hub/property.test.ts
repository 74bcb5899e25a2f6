import { expect, it } from 'vitest';
import { runFederation } from './federation';

/** All 500 run in `npm run attack`. */
const SEEDS = Number(process.env.FROST_PICK_SEEDS ?? 20);

it('three cabins end with one book, and nothing acknowledged is lost without being listed', async () => {
  expect(SEEDS).toBeGreaterThan(0);
  for (let seed = 1; seed <= SEEDS; seed += 1) await runFederation(seed);
}, 3_600_000);
