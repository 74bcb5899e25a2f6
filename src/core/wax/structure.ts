import { effectiveSharpness } from './ledger';
import type { SnowConditions } from './conditions';

export type StructureKind = 'fine' | 'medium' | 'medium_coarse' | 'coarse' | 'pressed_rills';

export interface Structure {
  widthMm: number;
  kind: StructureKind;
  reason: string;
}

/** House thresholds: below this the snow is cold for structure, °C; above this a grain counts as sharp. */
const COLD_BELOW_C = -10;
const SHARP_ABOVE = 0.2;

/**
 * Structure of the base by wetness and grain (house): cold 0.25 mm or none, dry 0.5, moist 0.75
 * for sharp grains and 1 for round, wet 1.5, free water 2 mm with pressed rills.
 */
export function structureFor(snow: SnowConditions): Structure {
  switch (snow.wetness) {
    case 'soaked':
    case 'very_wet':
      return {
        widthMm: 2,
        kind: 'pressed_rills',
        reason: 'Free-running water needs pressed rills: two firm passes, glide zones only.',
      };
    case 'wet':
      return { widthMm: 1.5, kind: 'coarse', reason: 'Wet snow sucks at a smooth base.' };
    case 'moist':
      return effectiveSharpness(snow) > SHARP_ABOVE
        ? { widthMm: 0.75, kind: 'medium_coarse', reason: 'Moist snow of fine grain.' }
        : { widthMm: 1, kind: 'medium_coarse', reason: 'Moist snow of round grain.' };
    case 'dry':
      return snow.temperatureC < COLD_BELOW_C
        ? { widthMm: 0.25, kind: 'fine', reason: 'Cold and fine: little or no structure.' }
        : { widthMm: 0.5, kind: 'medium', reason: 'Dry snow: a shallow, medium structure.' };
  }
}
