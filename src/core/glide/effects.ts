import { leastSquares, type Fit } from '../statistics';
import { GLIDE } from './figures';
import type { GlideRun } from './types';

/** What each ski does on an even track, with the drift of the track taken out. */
export interface Effects {
  fit: Fit;
  skis: string[];
  hasDrift: boolean;
}

/** Skis in the order in which they first ran. */
export const skisOf = (runs: readonly GlideRun[]): string[] => [
  ...new Set(runs.map(({ ski }) => ski)),
];

/** Decimals that a value is written with. */
const decimalsOf = (value: number): number => {
  const text = String(value);
  return text.includes('e') || !text.includes('.') ? 0 : text.length - text.indexOf('.') - 1;
};

/** Runs that agree to their last decimal still leave open what that decimal hides: a fit is never surer than this. */
function openedByRounding(fit: Fit, runs: readonly GlideRun[]): Fit {
  const step = GLIDE.decimalStep ** Math.max(...runs.map(({ value }) => decimalsOf(value)));
  const least = fit.freedom * GLIDE.roundingVariance * step ** 2;
  return fit.squares < least ? { ...fit, squares: least } : fit;
}

/**
 * One effect a ski and a straight drift in time, by least squares. Where all runs are of one minute there is no drift
 * to tell; where the order of the runs leaves skis and drift one, undefined.
 */
export function effectsOf(runs: readonly GlideRun[]): Effects | undefined {
  const skis = skisOf(runs);
  const mean = runs.reduce((sum, { minute }) => sum + minute, 0) / runs.length;
  const longest = Math.max(...runs.map(({ minute }) => Math.abs(minute - mean)));
  const hasDrift = longest > 0;
  const rows = runs.map(({ ski, minute }) => [
    ...skis.map((one) => Number(one === ski)),
    ...(hasDrift ? [minute - mean] : []),
  ]);
  const fit = leastSquares(
    rows,
    runs.map(({ value }) => value),
  );
  return fit && { fit: openedByRounding(fit, runs), skis, hasDrift };
}
