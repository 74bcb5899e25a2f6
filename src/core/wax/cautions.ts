import { contradictionsOf } from './contradictions';
import { HOUSE_LIMITS } from './figures';
import type { GlideProduct, OutingFacts, SnowConditions } from './conditions';
import type { ChoiceCaution } from './findings';
import type { RankedProduct } from './ranked-product';

/** What the figures cannot know or what could go wrong today. */
export function cautionsFor(
  snow: SnowConditions,
  {
    outing,
    equivalentTemperatureC,
    products,
    ranking,
  }: {
    outing: OutingFacts;
    equivalentTemperatureC: number;
    products: readonly GlideProduct[];
    ranking: readonly RankedProduct[];
  },
): ChoiceCaution[] {
  const cautions: ChoiceCaution[] = contradictionsOf(snow);
  const { temperatureC } = snow;
  const belowC = HOUSE_LIMITS.abradesAnyWaxBelowC;
  if (temperatureC < belowC) {
    cautions.push({ code: 'abrades_any_wax', gravity: 'note', belowC });
  }
  const best = ranking.find((one) => !one.excluded);
  if (!best) {
    cautions.push({ code: 'all_excluded', gravity: 'danger' });
  } else if (best.expectedLossPercent > HOUSE_LIMITS.nothingFitsPercent) {
    cautions.push({
      code: 'nothing_fits',
      gravity: 'caution',
      equivalentC: equivalentTemperatureC,
      nearest: best.name,
      lossPercent: best.expectedLossPercent,
    });
  }
  const hasLegacy = products.some((product) => product.additives.includes('fluorocarbon'));
  if (outing.fluorocarbonsAllowed === true && hasLegacy) {
    cautions.push({ code: 'legacy_fluorocarbons', gravity: 'danger' });
  }
  return cautions;
}
