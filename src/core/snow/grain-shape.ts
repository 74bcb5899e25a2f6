import { requireWithin } from '../errors';
import type { Grain } from '../terms';

/** Dendricity and sphericity, each 0…1, of the surface grain (Brun et al. 1992). */
export interface GrainShape {
  dendricity: number;
  sphericity: number;
}

/**
 * Shape a technician's grain class stands for. New snow, machine-made and rounded follow the
 * published bounds (Brun 1992; Vionnet 2012); the classes between are house values.
 */
const SHAPE_BY_GRAIN: Record<Grain, GrainShape> = {
  PP: { dendricity: 1, sphericity: 0.5 },
  DF: { dendricity: 0.35, sphericity: 0.55 },
  RG: { dendricity: 0, sphericity: 0.8 },
  FC: { dendricity: 0, sphericity: 0.1 },
  MF: { dendricity: 0, sphericity: 1 },
  refrozen_crust: { dendricity: 0, sphericity: 0.85 },
  MM: { dendricity: 0, sphericity: 0.9 },
};

/** Sharpness a grain class can have when a person also judges it by eye or finger (house). */
const SHARPNESS_RANGE_BY_GRAIN: Record<Grain, readonly [number, number]> = {
  PP: [0.55, 1],
  DF: [0.25, 0.85],
  RG: [0, 0.4],
  FC: [0.2, 0.7],
  MF: [0, 0.25],
  refrozen_crust: [0, 0.5],
  MM: [0, 0.6],
};

/** Sharpness of settled snow, the neutral point of the ledger: taken when nobody looked. */
export const SETTLED_SHARPNESS = 0.35;

/** The shape of a grain class. Example: MM → dendricity 0, sphericity 0.9. */
export function grainShape(grain: Grain): GrainShape {
  return SHAPE_BY_GRAIN[grain];
}

/** The lowest and highest sharpness a person may report with this grain class. */
export function sharpnessRange(grain: Grain): readonly [number, number] {
  return SHARPNESS_RANGE_BY_GRAIN[grain];
}

/**
 * Sharpness 0…1 of a grain: `clamp(δ + ½(1−δ)(1−s), 0, 1)` (house); new snow 1 at s = 0 down to
 * rounded 0. Inputs outside 0…1: DomainError. Example: (1, 0.5) → 1; (0, 0.9) → 0.05.
 */
export function sharpness({ dendricity, sphericity }: GrainShape): number {
  requireWithin('dendricity', dendricity, 0, 1);
  requireWithin('sphericity', sphericity, 0, 1);
  return dendricity + 0.5 * (1 - dendricity) * (1 - sphericity);
}
