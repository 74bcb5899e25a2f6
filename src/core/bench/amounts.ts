import { baseAreaM2, GRIP_KIND, type Ski } from '../ski';
import type { Form } from '../terms';
import type { PassTiming } from '../iron';
import type { BenchProduct, IronSetting, SheetRequest, StepKind } from './types';

import { BENCH } from './figures';

export const EDGE_STRIP_SHARE = BENCH.edgeStripShare;

/** Bases that glide wax goes on: all of it, or tips and tails. */
export const glideShare = (ski: Ski): number =>
  GRIP_KIND[ski.type] === 'none' ? 1 : BENCH.glideShare;

/** Grams of a form for a share of the pair's base, to a tenth. */
export function gramsFor(ski: Ski, form: Form, share: number): number {
  return Math.round(10 * BENCH.gramsPerM2[form] * baseAreaM2(ski) * share) / 10;
}

/** Grams of one layer of grip wax or klister in the zone. */
export const gripGrams = (ski: Ski, form: Form): number => gramsFor(ski, form, BENCH.gripShare);

export const isWide = (ski: Ski): boolean => ski.waistMm >= BENCH.halvesFromMm;

/** Active minutes of a kind of step for this ski: as this bench works where known, else the house's. */
export function minutesFor(request: SheetRequest, kind: StepKind): number {
  const own = request.minutes?.[kind];
  if (own !== undefined) return Math.max(0, Math.round(own * 10) / 10);
  return BENCH.minutes[kind] * (isWide(request.ski) ? BENCH.wideFactor : 1);
}

export const houseMinutes = (kind: StepKind): number => BENCH.minutes[kind];

/** Passes as the house makes them where nobody computed better ones. */
export const usualPasses = (): PassTiming[] => {
  const { passS, restS, passes } = BENCH.usualIron;
  return Array.from({ length: passes }, () => ({ passS, restS }));
};

/** How a product is ironed on this ski: as the iron lab says, never over the label's limit. */
export function ironSetting(request: SheetRequest, product: BenchProduct): IronSetting {
  const asked = request.ironing[product.id] ?? {
    setC: product.ironC ?? BENCH.usualIron.setC,
    passes: usualPasses(),
  };
  return { ...asked, setC: Math.min(asked.setC, product.ironLimitC ?? Infinity) };
}
