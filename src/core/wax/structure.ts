import { effectiveSharpness } from './ledger';
import type { SnowConditions } from './conditions';
import { HOUSE_LIMITS } from './figures';
import type { StructureReason } from './findings';

export type StructureKind = 'fine' | 'medium' | 'medium_coarse' | 'coarse' | 'pressed_rills';

export interface Structure {
  widthMm: number;
  kind: StructureKind;
  reason: StructureReason;
}

/**
 * Structure of the base by wetness and grain (house): cold 0.25 mm or none, dry 0.5, moist 0.75
 * for sharp grains and 1 for round, wet 1.5, free water 2 mm with pressed rills.
 */
export function structureFor(snow: SnowConditions): Structure {
  const { structure: widths } = HOUSE_LIMITS;
  switch (snow.wetness) {
    case 'soaked':
    case 'very_wet':
      return {
        widthMm: widths.freeWater,
        kind: 'pressed_rills',
        reason: { code: 'structure_free_water' },
      };
    case 'wet':
      return { widthMm: widths.wet, kind: 'coarse', reason: { code: 'structure_wet' } };
    case 'moist':
      return effectiveSharpness(snow) > HOUSE_LIMITS.structureSharpAbove
        ? {
            widthMm: widths.moistSharp,
            kind: 'medium_coarse',
            reason: { code: 'structure_moist_fine' },
          }
        : {
            widthMm: widths.moistRound,
            kind: 'medium_coarse',
            reason: { code: 'structure_moist_round' },
          };
    case 'dry':
      return snow.temperatureC < HOUSE_LIMITS.structureColdBelowC
        ? { widthMm: widths.cold, kind: 'fine', reason: { code: 'structure_cold' } }
        : { widthMm: widths.dry, kind: 'medium', reason: { code: 'structure_dry' } };
  }
}
