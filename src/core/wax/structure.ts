import type { Wetness } from '../terms';
import { effectiveSharpness } from './ledger';
import type { SnowConditions } from './conditions';
import { HOUSE_LIMITS } from './figures';
import type { StructureReason } from './findings';
import { straightBetween, waterOf } from './terms';

export type StructureKind = 'fine' | 'medium' | 'medium_coarse' | 'coarse' | 'pressed_rills';

export interface Structure {
  widthMm: number;
  kind: StructureKind;
  reason: StructureReason;
}

/** Width for moist snow, mm: by the size of its grains, or by their sharpness where nobody knows the size. */
function moistWidth(snow: SnowConditions): number {
  const { moistSharp, moistRound } = HOUSE_LIMITS.structure;
  if (snow.grainMm === undefined) return isSharp(snow) ? moistSharp : moistRound;
  const [fine, coarse] = HOUSE_LIMITS.structureGrainMm;
  const share = (snow.grainMm - fine) / (coarse - fine);
  return moistSharp + Math.min(1, Math.max(0, share)) * (moistRound - moistSharp);
}

const isSharp = (snow: SnowConditions) =>
  effectiveSharpness(snow) > HOUSE_LIMITS.structureSharpAbove;

/** Width, mm, by the liquid water: straight between the classes. */
function widthOf(snow: SnowConditions): number {
  const { structure } = HOUSE_LIMITS;
  const isCold = snow.temperatureC < HOUSE_LIMITS.structureColdBelowC;
  const atClasses = [
    isCold ? structure.cold : structure.dry,
    moistWidth(snow),
    structure.wet,
    structure.freeWater,
    structure.freeWater,
  ];
  return straightBetween(atClasses)(waterOf(snow));
}

const KIND: Record<Wetness, StructureKind> = {
  dry: 'medium',
  moist: 'medium_coarse',
  wet: 'coarse',
  very_wet: 'pressed_rills',
  soaked: 'pressed_rills',
};

function reasonOf(snow: SnowConditions): StructureReason {
  switch (snow.wetness) {
    case 'soaked':
    case 'very_wet':
      return { code: 'structure_free_water' };
    case 'wet':
      return { code: 'structure_wet' };
    case 'moist': {
      const { moistSharp, moistRound } = HOUSE_LIMITS.structure;
      const isFine = moistWidth(snow) < (moistSharp + moistRound) / 2;
      return { code: isFine ? 'structure_moist_fine' : 'structure_moist_round' };
    }
    case 'dry':
      return snow.temperatureC < HOUSE_LIMITS.structureColdBelowC
        ? { code: 'structure_cold' }
        : { code: 'structure_dry' };
  }
}

/**
 * Structure of the base by liquid water and grain (house): cold 0.25 mm or none, dry 0.5, moist 0.75 for fine grains
 * to 1 for coarse ones, wet 1.5, free water 2 mm with pressed rills; the width straight between them.
 */
export function structureFor(snow: SnowConditions): Structure {
  const reason = reasonOf(snow);
  const kind = reason.code === 'structure_cold' ? 'fine' : KIND[snow.wetness];
  return { widthMm: widthOf(snow), kind, reason };
}
