import type { SnowConditions } from '../wax';
import type { Wetness } from '../terms';
import type { KindReason } from './findings';

export type GripKind = 'stick' | 'klister' | 'klister_with_cover';

const isWetClass = (wetness: Wetness) => wetness !== 'dry' && wetness !== 'moist';

export const isRefrozen = (snow: SnowConditions) =>
  snow.grain === 'refrozen_crust' || (snow.grain === 'MF' && snow.wetness === 'dry');

/** Stick or klister, and why. */
export function kindFor(
  snow: SnowConditions,
  isNew: boolean,
): { kind: GripKind; reason: KindReason } {
  if (isWetClass(snow.wetness) && isNew) {
    return { kind: 'klister_with_cover', reason: { code: 'wet_new_snow' } };
  }
  if (isWetClass(snow.wetness)) {
    return { kind: 'klister', reason: { code: 'wet_coarse_snow' } };
  }
  if (snow.grain === 'MF' && snow.wetness === 'moist') {
    return { kind: 'klister', reason: { code: 'moist_coarse_snow' } };
  }
  if (isRefrozen(snow) || (snow.glazed && !isNew)) {
    return { kind: 'klister', reason: { code: 'refrozen_or_icy' } };
  }
  return { kind: 'stick', reason: { code: 'stick_holds' } };
}
