import { costAPair } from '../shelf/stock';
import type { GlideProduct, OutingFacts, RankedProduct } from '../wax';
import { CHOICE } from './figures';

const { lossPercent: LOSS_PERCENT, costShare: COST_SHARE } = CHOICE.thrift;

/**
 * Outside races a costly wax is not spent where a clearly cheaper one loses hardly more: that one comes first then, and
 * says what it saves. Without prices, or in a race, the ranking stays as it is. `ranking` by loss, the best first.
 */
export function withThrift<Ranked extends RankedProduct>(
  ranking: readonly Ranked[],
  products: readonly GlideProduct[],
  { purpose, discipline }: OutingFacts,
): Ranked[] {
  const best = ranking[0];
  const productOf = ({ id }: Ranked) => products.find((one) => one.id === id);
  const form = best && productOf(best)?.form;
  const costOf = (one: Ranked) => {
    const product = productOf(one);
    // Another form is another job: it lasts otherwise, and asks for other tools.
    return product?.form === form && product ? costAPair(product, discipline) : undefined;
  };
  const cost = best && costOf(best);
  if (purpose === 'race' || !best || best.excluded || cost === undefined) return [...ranking];
  const cheaper = ranking
    .filter(
      (one) => !one.excluded && one.expectedLossPercent - best.expectedLossPercent < LOSS_PERCENT,
    )
    .map((one) => ({ one, cost: costOf(one) }))
    .filter((entry): entry is { one: Ranked; cost: number } => {
      return entry.cost !== undefined && entry.cost <= COST_SHARE * cost;
    })
    .sort((a, b) => a.cost - b.cost)[0];
  if (!cheaper) return [...ranking];
  const reason = {
    code: 'keeps_costlier' as const,
    costlier: best.name,
    extraPercent: cheaper.one.expectedLossPercent - best.expectedLossPercent,
    savedAPair: cost - cheaper.cost,
  };
  const first = { ...cheaper.one, reasons: [...cheaper.one.reasons, reason] };
  return [first, ...ranking.filter(({ id }) => id !== first.id)];
}
