import { requireIn } from '../errors';
import { HOUSE_LIMITS, WAX_LIMITS } from './figures';

/**
 * Hardness on the house's relative scale 0–100: `20 − 2.8·T_eq`, clamped. 90 at −25 °C, 20 at 0 °C,
 * 0 at +7 °C. Not a laboratory hardness. Non-finite or outside ±200 °C: DomainError.
 */
export function hardness(equivalentTemperatureC: number): number {
  requireIn('equivalentTemperatureC', equivalentTemperatureC, WAX_LIMITS.equivalentC);
  const raw = HOUSE_LIMITS.hardnessAtZero + HOUSE_LIMITS.hardnessPerC * equivalentTemperatureC;
  return Math.min(100, Math.max(0, raw));
}

/** Hardness of a product: that of the middle of its label. Example: −12…−6 °C → 45.2. */
export function labelHardness(labelLowC: number, labelHighC: number): number {
  return hardness(0.5 * (labelLowC + labelHighC));
}
