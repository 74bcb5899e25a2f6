import { WETNESSES } from '../terms';
import type { SnowConditions } from './conditions';
import { HOUSE_LIMITS } from './figures';
import type { Contradiction } from './findings';

const rank = (wetness: SnowConditions['wetness'] | undefined) =>
  wetness === undefined ? -1 : WETNESSES.indexOf(wetness);

/** What was measured and seen that cannot be true at once, each with what is taken; of what is known so far. */
export function contradictionsOf(snow: Partial<SnowConditions>): Contradiction[] {
  const { temperatureC, wetness, grain, origin, glazed } = snow;
  const found: Contradiction[] = [];
  const wet = rank(wetness);
  if (wet > 0 && temperatureC !== undefined && temperatureC < HOUSE_LIMITS.wetSnowColdestC) {
    found.push({ code: 'wet_snow_below_zero', gravity: 'caution', temperatureC });
  }
  if (grain === 'MM' && origin === 'natural') {
    found.push({ code: 'made_and_natural', gravity: 'caution' });
  }
  if (grain === 'refrozen_crust' && wet >= rank('wet')) {
    found.push({ code: 'crust_and_wet', gravity: 'caution' });
  }
  if (glazed && wet >= rank('very_wet')) {
    found.push({ code: 'glazed_and_soaked', gravity: 'caution' });
  }
  return found;
}
