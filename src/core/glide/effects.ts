import { leastSquares, type Fit } from '../statistics';
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
  return fit && { fit, skis, hasDrift };
}
