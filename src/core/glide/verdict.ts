import { GLIDE } from './figures';
import { signOf } from './ranking';
import type { Difference, GlideMeasure, GlideRun, Verdict } from './types';

/** A difference as seen from one ski: above 0 it is the better one. */
function seenFrom(ski: string, { a, b, estimate, always, moreRuns }: Difference, sign: number) {
  const turn = sign * (ski === b ? 1 : -1);
  const ends = always && [always.low * turn, always.high * turn];
  return {
    other: ski === b ? a : b,
    better: estimate * turn,
    moreRuns,
    low: ends ? Math.min(...ends) : -Infinity,
    high: ends ? Math.max(...ends) : Infinity,
  };
}

interface VerdictGround {
  measure: GlideMeasure;
  runs: readonly GlideRun[];
  skis: readonly string[];
  differences: readonly Difference[];
}

/**
 * What may be said by now, and whether the test may stop. It rests on intervals that hold at every look, so asking
 * after each run and stopping at the first clear word is right 19 times in 20.
 */
export function verdictOf(ground: VerdictGround): Verdict {
  const { measure, runs, skis, differences } = ground;
  if (skis.length < 2 || differences.length === 0) {
    // One effect a ski, the drift, and one run to be left over.
    const needed = Math.max(2, skis.length) + 2;
    return { code: 'too_few', moreRuns: Math.max(1, needed - runs.length) };
  }
  const sign = signOf(measure);
  const of = (ski: string) =>
    differences.filter(({ a, b }) => a === ski || b === ski).map((one) => seenFrom(ski, one, sign));
  const best = skis.find((ski) => of(ski).every(({ better }) => better >= 0)) ?? skis[0]!;
  if (of(best).every(({ low }) => low > 0)) {
    return { code: 'faster', ski: best, than: of(best).map(({ other }) => other) };
  }
  const usual = Math.abs(runs.reduce((sum, { value }) => sum + value, 0) / runs.length);
  const within = GLIDE.alikeShare[measure] * usual;
  if (differences.every(({ always }) => always && always.low > -within && always.high < within)) {
    return { code: 'alike', skis, within, measure };
  }
  // Known only where every ski that is not apart from the best yet has a number.
  const waits = of(best).flatMap(({ low, moreRuns }) => (low > 0 ? [] : [moreRuns ?? Infinity]));
  const longest = Math.max(...waits);
  return {
    code: 'not_yet',
    ahead: best,
    ...(Number.isFinite(longest) ? { moreRuns: longest } : {}),
  };
}
