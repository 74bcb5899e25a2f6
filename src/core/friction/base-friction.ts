import { SETTLED_SHARPNESS } from '../snow/grain-shape';
import { requireIn } from '../errors';
import { FRICTION, FRICTION_LIMITS } from './figures';

const { base: BASE, dryUntilPercent: DRY_UNTIL, sharpBiteUntilPercent: SHARP_UNTIL } = FRICTION;

/** The snow that a ski glides on. */
export interface GlidedSnow {
  temperatureC: number;
  /** Liquid water, % by volume. */
  waterPercent: number;
  sharpness: number;
}

/**
 * Coefficient of friction of the ideal wax of the day (house; see the figures). Temperature −90…0 °C, water 0…100 %
 * by volume, sharpness 0…1, otherwise DomainError. Example: −10 °C, dry, settled → 0.031.
 */
export function baseFriction({ temperatureC, waterPercent, sharpness }: GlidedSnow): number {
  requireIn('temperatureC', temperatureC, FRICTION_LIMITS.temperatureC);
  requireIn('waterPercent', waterPercent, FRICTION_LIMITS.waterPercent);
  requireIn('sharpness', sharpness, FRICTION_LIMITS.sharpness);
  const dry = Math.max(0, 1 - waterPercent / DRY_UNTIL);
  const bite = Math.max(0, 1 - waterPercent / SHARP_UNTIL);
  return (
    BASE.least +
    BASE.perColdK * Math.max(0, BASE.coldBelowC - temperatureC) * dry +
    BASE.firstWater * Math.min(1, waterPercent / DRY_UNTIL) +
    BASE.perWaterPercent * waterPercent +
    BASE.perSharpness * Math.max(0, sharpness - SETTLED_SHARPNESS) * bite
  );
}
