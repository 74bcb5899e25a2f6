import { studentBeyond } from '../statistics';
import type { Effects } from './effects';
import { GLIDE } from './figures';
import type { GlideMeasure, OddRun } from './types';

/**
 * Runs that do not go with the others: each is held against a fit without it (externally studentised residuals), and
 * the chance is shared among all runs. They are told, never dropped.
 */
export function outliersOf({ fit }: Effects, measure: GlideMeasure): OddRun[] {
  const count = fit.residuals.length;
  const freedom = fit.freedom - 1;
  if (freedom < 1) return [];
  return fit.residuals.flatMap((residual, index): OddRun[] => {
    const room = 1 - fit.leverages[index]!;
    const without = (fit.squares - (residual * residual) / room) / freedom;
    if (!(room > 0) || !(without > 0)) return [];
    const chance = count * studentBeyond(residual / Math.sqrt(without * room), freedom);
    if (chance > GLIDE.oddChance) return [];
    const off = residual / room;
    const oneIn = Math.round(1 / Math.max(chance, Number.EPSILON));
    return [{ index, reason: { code: 'far_off', measure, off, oneIn } }];
  });
}
