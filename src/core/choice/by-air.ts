import { casesByAir, thinned } from './cases';
import type { ChoiceQuestion } from './question';
import { demandsOf } from './demands';
import { CHOICE } from './figures';
import type { RobustRanked } from './ranking';
import { withModelSpread } from './model-spread';
import { spectrumLoss, spectrumOf } from './spectrum';

/** What going by the air's temperature would have chosen, and its true cost. */
export interface ByAir {
  id: string;
  name: string;
  airTemperatureC: number;
  /** Expected loss of that choice in the snow there is, %, and over the best. */
  lossPercent: number;
  costPercent: number;
}

/** The air's own choice, weighed in the snow there is. */
export function byAirOf(
  question: ChoiceQuestion,
  { ranking, modelSdC }: { ranking: readonly RobustRanked[]; modelSdC: number },
): ByAir | undefined {
  const { cases, outing, own, products, nudge } = question;
  const best = ranking.find((one) => !one.excluded);
  if (!best) return undefined;
  const air = withModelSpread(casesByAir(thinned(cases, CHOICE.membersByAir)), modelSdC);
  const spectrum = spectrumOf(
    air,
    demandsOf(air, { outing, own, nudge: nudge && { ...nudge, temperatureK: 0 } }),
  );
  const lossById = new Map(products.map((one) => [one.id, spectrumLoss(spectrum, one)]));
  const taken = ranking
    .filter((one) => !one.excluded)
    .reduce((a, b) => (lossById.get(b.id)! < lossById.get(a.id)! ? b : a));
  const airs = cases.airTemperatureC;
  return {
    id: taken.id,
    name: taken.name,
    airTemperatureC: airs.reduce((sum, one) => sum + one, 0) / airs.length,
    lossPercent: taken.expectedLossPercent,
    costPercent: taken.expectedLossPercent - best.expectedLossPercent,
  };
}
