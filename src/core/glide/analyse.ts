import { differencesOf } from './differences';
import { effectsOf, skisOf } from './effects';
import { percentPerUnit } from './friction-percent';
import { outliersOf } from './outliers';
import { rankingOf } from './ranking';
import type { GlideResult, GlideTest } from './types';
import { verdictOf } from './verdict';

/**
 * What a glide test says by now: each ski's difference from each other with intervals, the drift of the track taken
 * out, odd runs told and kept, and a verdict that may be asked after every run. Runs in any order; at least one.
 */
export function analyseGlide(test: GlideTest): GlideResult {
  const { measure, runs } = test;
  const effects = effectsOf(runs);
  const skis = skisOf(runs);
  if (!effects || skis.length < 2) {
    const verdict = verdictOf({ measure, runs, skis, differences: [] });
    return { measure, differences: [], ranking: [], outliers: [], verdict };
  }
  const { fit, hasDrift } = effects;
  const isOver = fit.freedom >= 1;
  const differences = differencesOf(effects, {
    runs: runs.length,
    percentPerUnit: percentPerUnit(test),
  });
  return {
    measure,
    ...(isOver ? { driftPerMin: hasDrift ? fit.coefficients.at(-1)! : 0 } : {}),
    ...(isOver ? { runSd: Math.sqrt(fit.squares / fit.freedom) } : {}),
    differences,
    ranking: rankingOf(effects, test),
    outliers: outliersOf(effects, measure),
    verdict: verdictOf({ measure, runs, skis, differences }),
  };
}
