import { glideTestOf, type Outing } from '@/core/model';
import { analyseGlide, type GlideResult } from '@/core/glide';
import { PAIRS, type PairTest } from '@/core/pairs';
import { likeness } from '@/core/past';
import { baseFriction, lossInSeconds } from '@/core/friction';
import { glidedSnow, ledger, type SnowConditions } from '@/core/wax';
import type { FrostDatabase } from '@/data/database';
import { allGlideTests } from '@/data/glide-tests';
import { listOutings } from '@/data/outings';
import { ownOf } from './learning';

const DAY_MS = 86_400_000;

const nameOf = (name: string) => name.trim().toLowerCase();

/** A ski of a test against the mean of the others: % of friction, and half of its interval. */
function againstOthers(
  { differences }: GlideResult,
  ski: string,
): Pick<PairTest, 'percent' | 'halfPercent'> | undefined {
  const own = differences.flatMap(({ a, b, frictionPercent }) => {
    if (!frictionPercent || (a !== ski && b !== ski)) return [];
    const { estimate, low, high } = frictionPercent;
    return [{ percent: b === ski ? estimate : -estimate, half: (high - low) / 2 }];
  });
  if (own.length === 0) return undefined;
  const mean = (values: readonly number[]) =>
    values.reduce((sum, value) => sum + value, 0) / values.length;
  return {
    percent: mean(own.map(({ percent }) => percent)),
    halfPercent: mean(own.map(({ half }) => half)),
  };
}

/**
 * The newest test of each pair on snow like that of an outing's day, by the name that the pair is called by on the
 * hill; what it is over that outing in seconds.
 */
export async function testsOfPairs(
  db: FrostDatabase,
  { outing: asked, snow: today }: { outing: Outing; snow: SnowConditions },
  nowMs: number,
): Promise<Map<string, PairTest>> {
  const own = await ownOf(db, asked);
  const day = { equivalentC: ledger(today, asked, own).equivalentTemperatureC, snow: today };
  const seconds = lossInSeconds(asked, baseFriction(glidedSnow(today)));
  const [tests, outings] = await Promise.all([allGlideTests(db), listOutings(db)]);
  const outingOf = new Map<string, Outing>(outings.map((one) => [one.id, one]));
  const found = new Map<string, PairTest>();
  // The oldest first: a newer test takes its place.
  for (const { test, runs } of tests) {
    const { snow, skis, startedAt } = test;
    const outing = outingOf.get(test.outingId);
    if (!outing || !snow || runs.length === 0) continue;
    const startMs = Date.parse(startedAt);
    const { equivalentTemperatureC } = ledger(snow, outing, await ownOf(db, outing));
    const { distance } = likeness(day, { equivalentC: equivalentTemperatureC, snow });
    // One on other snow does not take the place of an older one on snow like this.
    if (distance >= PAIRS.testReach) continue;
    const result = analyseGlide(glideTestOf(test, runs));
    for (const ski of skis) {
      const against = againstOthers(result, ski);
      if (!against) continue;
      const daysAgo = Math.max(0, nowMs - startMs) / DAY_MS;
      found.set(nameOf(ski), {
        ...against,
        seconds: seconds(Math.abs(against.percent)),
        distance,
        daysAgo,
      });
    }
  }
  return found;
}

/** The test of a pair by its name. */
export const testOf = (tests: ReadonlyMap<string, PairTest>, name: string): PairTest | undefined =>
  tests.get(nameOf(name));
