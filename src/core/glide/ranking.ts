import { bradleyTerry, unitVariance, type Beaten } from '../statistics';
import type { Effects } from './effects';
import { GLIDE } from './figures';
import { limitOf } from './limit';
import type { GlideMeasure, GlideRun, RankedSki } from './types';

/** The quantile of the normal distribution beyond which, on both sides, the chance lies: Student's with many degrees. */
const MANY = 1e6;

const better: Record<GlideMeasure, number> = { seconds: -1, metres: 1, feel: 1 };

/** By how much a ski's value is better, above 0, or worse. */
export const signOf = (measure: GlideMeasure): number => better[measure];

const byStrength = (a: RankedSki, b: RankedSki) =>
  b.strength - a.strength || a.ski.localeCompare(b.ski, 'en');

/** Each run against the next of another ski: the one that felt better won, half each where they felt alike. */
function comparisons(runs: readonly GlideRun[]): Beaten[] {
  return runs.flatMap((run, k): Beaten[] => {
    const next = runs[k + 1];
    if (!next || next.ski === run.ski) return [];
    const won = 0.5 * (1 + Math.sign(run.value - next.value));
    return [
      { winner: run.ski, loser: next.ski, n: won },
      { winner: next.ski, loser: run.ski, n: 1 - won },
    ];
  });
}

/** A feel is no measure but an order: who felt better than the one before or after. */
function byFeel(runs: readonly GlideRun[]): RankedSki[] {
  const inTime = [...runs].sort((a, b) => a.minute - b.minute);
  const limit = limitOf(MANY);
  return bradleyTerry(comparisons(inTime), GLIDE.feelPrecision)
    .map(({ name, strength, sd }) => ({
      ski: name,
      strength,
      low: strength - limit * sd,
      high: strength + limit * sd,
    }))
    .sort(byStrength);
}

/** All skis against the mean of all, the best first; empty while nothing is left over to tell a spread. */
export function rankingOf(
  { fit, skis }: Effects,
  { measure, runs }: { measure: GlideMeasure; runs: readonly GlideRun[] },
): RankedSki[] {
  if (skis.length < 2) return [];
  if (measure === 'feel') return byFeel(runs);
  if (fit.freedom < 1) return [];
  const sd = Math.sqrt(fit.squares / fit.freedom);
  const limit = limitOf(fit.freedom);
  return skis
    .map((ski, at): RankedSki => {
      const weights = fit.coefficients.map((_, k) =>
        k < skis.length ? signOf(measure) * (Number(k === at) - 1 / skis.length) : 0,
      );
      const strength = weights.reduce((sum, weight, k) => sum + weight * fit.coefficients[k]!, 0);
      const half = limit * sd * Math.sqrt(unitVariance(fit.unitCovariance, weights));
      return { ski, strength, low: strength - half, high: strength + half };
    })
    .sort(byStrength);
}
