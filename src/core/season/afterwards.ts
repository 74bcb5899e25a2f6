import { casesFromReading, rank } from '../choice';
import type { GlideProduct, OutingFacts, OwnCorrection, SnowConditions } from '../wax';
import { SEASON } from './figures';

/** A choice as it is looked at afterwards. */
export interface PastChoice {
  productId: string;
  products: readonly GlideProduct[];
  snow: SnowConditions;
  /** Spread of what the snow was, °C. */
  snowSdC: number;
  outing: OutingFacts;
}

/** What a choice lost against the best of its shelf, as is known by now. */
export interface Afterwards {
  best: { id: string; name: string };
  lostSeconds: number;
}

/**
 * How good a choice was by what tests and outcomes have taught since: the expected seconds of the product that was
 * taken over those of the best, on the snow of that day, with the ledger of today. Undefined where nothing of the shelf
 * could be ranked.
 */
export function afterwards(
  { productId, products, snow, snowSdC, outing }: PastChoice,
  own: OwnCorrection,
): Afterwards | undefined {
  if (products.length === 0) return undefined;
  const read = { ...snow, temperatureSdC: Math.max(SEASON.leastSdC, snowSdC) };
  const { ranking } = rank({ cases: casesFromReading(read), outing, own, products });
  const best = ranking.find((one) => !one.excluded);
  const taken = ranking.find(({ id }) => id === productId);
  if (!best || !taken) return undefined;
  return {
    best: { id: best.id, name: best.name },
    lostSeconds: Math.max(0, taken.expectedLossSeconds - best.expectedLossSeconds),
  };
}
