import { alwaysHalfWidth, unitVariance } from '../statistics';
import type { Effects } from './effects';
import { GLIDE } from './figures';
import { limitOf } from './limit';
import type { Difference, Ends } from './types';

/** An interval, and the estimate in it, in another unit; where that counts the other way its ends change places. */
function scaled<E extends Ends>(all: E, factor: number): E {
  const [low, high] = factor < 0 ? [all.high, all.low] : [all.low, all.high];
  return Object.fromEntries(
    Object.entries({ ...all, low, high }).map(([key, value]) => [key, factor * value]),
  ) as unknown as E;
}

/** The weights that take ski `b` minus ski `a` out of the coefficients of a fit. */
const contrast = ({ skis, fit }: Effects, a: string, b: string) =>
  fit.coefficients.map((_, k) => Number(k === skis.indexOf(b)) - Number(k === skis.indexOf(a)));

/** How far apart two skis are, and how sure that is. */
interface Apart {
  estimate: number;
  sd: number;
  unit: number;
  freedom: number;
  /** The chance of a wrong word, each pair its share. */
  chance: number;
}

/** Half of the interval that may be looked at after every run, with so many runs more of the same kind. */
function halfAfter(apart: Apart, { runs, more }: { runs: number; more: number }): number {
  const { sd, unit, freedom, chance } = apart;
  const state = { sd, unitVariance: (unit * runs) / (runs + more), freedom: freedom + more };
  return alwaysHalfWidth(state, { chance, priorSds: GLIDE.priorSds });
}

function moreRunsOf(apart: Apart, runs: number): number | undefined {
  const isEnough = (more: number) => halfAfter(apart, { runs, more }) < Math.abs(apart.estimate);
  if (!isEnough(GLIDE.mostMoreRuns)) return undefined;
  let [few, enough]: [number, number] = [0, GLIDE.mostMoreRuns];
  while (enough - few > 1) {
    const middle = (few + enough) >> 1;
    if (isEnough(middle)) enough = middle;
    else few = middle;
  }
  return enough;
}

/** Every pair of skis: b − a, with its intervals; empty while nothing is left over to tell a spread. */
export function differencesOf(
  effects: Effects,
  { runs, percentPerUnit }: { runs: number; percentPerUnit: number | undefined },
): Difference[] {
  const { fit, skis } = effects;
  if (fit.freedom < 1) return [];
  const sd = Math.sqrt(fit.squares / fit.freedom);
  const limit = limitOf(fit.freedom);
  // Somebody is wrongly called the best only if the true best is found worse than it, on one side, by one of the others.
  const chance = Math.min(GLIDE.chance, (2 * GLIDE.chance) / Math.max(1, skis.length - 1));
  return skis.flatMap((a, k) =>
    skis.slice(k + 1).map((b): Difference => {
      const weights = contrast(effects, a, b);
      const estimate = weights.reduce((sum, weight, i) => sum + weight * fit.coefficients[i]!, 0);
      const unit = unitVariance(fit.unitCovariance, weights);
      const half = limit * sd * Math.sqrt(unit);
      const apart: Apart = { estimate, sd, unit, freedom: fit.freedom, chance };
      const always = halfAfter(apart, { runs, more: 0 });
      const isApart = Math.abs(estimate) > always;
      const moreRuns = isApart ? undefined : moreRunsOf(apart, runs);
      const within = (halfWidth: number): Ends => ({
        low: estimate - halfWidth,
        high: estimate + halfWidth,
      });
      const inPercent = <E extends Ends>(ends: E) =>
        percentPerUnit === undefined ? {} : { frictionPercent: scaled(ends, percentPerUnit) };
      const single = { estimate, ...within(half) };
      const watched = Number.isFinite(always) ? within(always) : undefined;
      return {
        a,
        b,
        ...single,
        ...inPercent(single),
        ...(watched ? { always: { ...watched, ...inPercent(watched) } } : {}),
        ...(moreRuns === undefined ? {} : { moreRuns }),
      };
    }),
  );
}
