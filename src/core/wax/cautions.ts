import { writeTemperature, type TemperatureUnit } from '../units';
import { HOUSE_LIMITS } from './coefficients';
import type { GlideProduct, OutingFacts, SnowConditions } from './conditions';
import type { RankedProduct } from './ranking';

/** Snow with free water stands at 0 °C; a probe may read this much below, °C. */
const WET_SNOW_COLDEST_C = -2;
/** An expected loss above this, %, means the shelf has nothing made for the day. */
const NOTHING_SUITABLE_PERCENT = 2;

/** Short sentences on what the figures cannot know or what could go wrong today. */
export function cautionsFor(
  snow: SnowConditions,
  outing: OutingFacts,
  equivalentTemperatureC: number,
  products: readonly GlideProduct[],
  ranking: readonly RankedProduct[],
  unit: TemperatureUnit = 'C',
): string[] {
  const cautions: string[] = [];
  if (snow.wetness !== 'dry' && snow.temperatureC < WET_SNOW_COLDEST_C) {
    cautions.push(
      `Snow with free water stands at ${writeTemperature(0, unit, 0)}: check the probe, or the snowball test.`,
    );
  }
  if (snow.temperatureC < HOUSE_LIMITS.abradesAnyWaxBelowC) {
    cautions.push(
      `Below ${writeTemperature(HOUSE_LIMITS.abradesAnyWaxBelowC, unit, 0)} crystals abrade any wax: expect wear, wax hard and in layers.`,
    );
  }
  const best = ranking.find((one) => !one.excluded);
  if (!best) {
    cautions.push('Every product is excluded by the rule of this outing: none can be recommended.');
  } else if (best.expectedLossPercent > NOTHING_SUITABLE_PERCENT) {
    cautions.push(
      `Nothing on the shelf is made for this: a label around ${writeTemperature(equivalentTemperatureC, unit, 0)} is missing; ${best.name} is the nearest, and loses ${best.expectedLossPercent.toFixed(1)} %.`,
    );
  }
  const hasLegacy = products.some((product) => product.additives.includes('fluorocarbon'));
  if (outing.fluorocarbonsAllowed === true && hasLegacy) {
    cautions.push(
      'Legacy fluorocarbons: not for a sanctioned race. Extraction and a suitable respirator, no flame, no smoking, cover skin; waste by local rules. Labels and local codes come first.',
    );
  }
  return cautions;
}
