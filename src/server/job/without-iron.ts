import type { Choice, ShelfProduct } from '@/core/model';
import { isFilm, isIroned, type PlannedLayer } from '@/core/bench';
import { glideLossPercent, isExcluded, labelShape } from '@/core/wax';
import { asBench } from './sheet-parts';

/** A liquid in place of what is ironed in, and what it loses on glide more than that, %. */
export interface LiquidInstead {
  layers: PlannedLayer[];
  product: string;
  lossPercent: number;
}

const isLiquidWax = (one: ShelfProduct) =>
  one.role === 'glide' && isFilm(one) && one.applications.some((way) => way !== 'iron');

/**
 * The layers of a choice without an iron: what would be ironed makes way for the liquid of the shelf that loses least
 * on this snow; layers that go on cold stay. Undefined where nothing is ironed, or no liquid is on the shelf.
 */
export function liquidInstead(
  layers: readonly PlannedLayer[],
  { choice, shelf }: { choice: Choice | undefined; shelf: readonly ShelfProduct[] },
): LiquidInstead | undefined {
  const glide = layers.find(({ place }) => place === 'glide');
  if (!choice || !glide || !isIroned(glide.product)) return undefined;
  const lossOf = ({ labelLowC, labelHighC }: ShelfProduct) =>
    glideLossPercent(choice.equivalentTemperatureC, labelShape(labelLowC, labelHighC));
  const [best] = shelf
    .filter((one) => isLiquidWax(one) && !isExcluded(one, choice.inputs.outing))
    .sort((a, b) => lossOf(a) - lossOf(b) || a.id.localeCompare(b.id, 'en'));
  const chosen = shelf.find(({ id }) => id === glide.product.id);
  if (!best || !chosen) return undefined;
  return {
    layers: layers.flatMap((layer): PlannedLayer[] => {
      if (layer.place === 'glide') return [{ place: 'glide', product: asBench(best), coats: 1 }];
      return isIroned(layer.product) ? [] : [layer];
    }),
    product: best.name,
    lossPercent: lossOf(best) - lossOf(chosen),
  };
}
