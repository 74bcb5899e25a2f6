import { requireWithin } from '../errors';
import type { Grain } from '../terms';
import { SNOW } from './figures';

/** Dendricity and sphericity, each 0…1, of the surface grain (Brun et al. 1992). */
export interface GrainShape {
  dendricity: number;
  sphericity: number;
}

/** Sharpness of settled snow, the neutral point of the ledger: taken when nobody looked. */
export const SETTLED_SHARPNESS = SNOW.settledSharpness;

/** The shape of a grain class. Example: MM → dendricity 0, sphericity 0.9. */
export function grainShape(grain: Grain): GrainShape {
  return SNOW.grainShape[grain];
}

/** The lowest and highest sharpness a person may report with this grain class. */
export function sharpnessRange(grain: Grain): readonly [number, number] {
  return SNOW.grainSharpness[grain];
}

/**
 * Sharpness 0…1 of a grain: `clamp(δ + ½(1−δ)(1−s), 0, 1)` (house); new snow 1 at s = 0 down to
 * rounded 0. Inputs outside 0…1: DomainError. Example: (1, 0.5) → 1; (0, 0.9) → 0.05.
 */
export function sharpness({ dendricity, sphericity }: GrainShape): number {
  requireWithin('dendricity', { value: dendricity, low: 0, high: 1 });
  requireWithin('sphericity', { value: sphericity, low: 0, high: 1 });
  return sharpnessOf(dendricity, sphericity);
}

/** The same without checks, for what was computed: both within 0…1. */
export const sharpnessOf = (dendricity: number, sphericity: number): number =>
  dendricity + 0.5 * (1 - dendricity) * (1 - sphericity);
