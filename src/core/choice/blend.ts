import type { GlideProduct } from '../wax';
import { CHOICE } from './figures';
import type { RobustRanked } from './ranking';
import { spectrumLoss, type Spectrum } from './spectrum';

/** Two waxes melted together by mass. */
export interface Blend {
  /** The harder and the softer one. */
  hard: { id: string; name: string; parts: number };
  soft: { id: string; name: string; parts: number };
  labelLowC: number;
  labelHighC: number;
  expectedLossPercent: number;
  /** What it saves over the better of the two, %. */
  gainPercent: number;
}

const {
  blendParts: PARTS,
  leastBlendGainPercent: LEAST_GAIN_PERCENT,
  blendFromTop: NEAR_THE_TOP,
  neighboursK: NEIGHBOURS_K,
} = CHOICE;

const middle = (one: GlideProduct) => 0.5 * (one.labelLowC + one.labelHighC);
const additivesOf = (one: GlideProduct) => [...one.additives].sort().join();

function mixed(hard: GlideProduct, soft: GlideProduct, [h, s]: readonly [number, number]) {
  const share = h / (h + s);
  const between = (a: number, b: number) => share * a + (1 - share) * b;
  return {
    labelLowC: between(hard.labelLowC, soft.labelLowC),
    labelHighC: between(hard.labelHighC, soft.labelHighC),
    additives: hard.additives,
  };
}

/**
 * The blend of two neighbouring blocks with the same additives that beats both, or undefined. A blend's label
 * is the mean of the two by mass (house).
 */
export function bestBlend(
  spectrum: Spectrum,
  products: readonly GlideProduct[],
  ranking: readonly RobustRanked[],
): Blend | undefined {
  const top = ranking.filter((one) => !one.excluded).slice(0, NEAR_THE_TOP);
  const blocks = top
    .map((ranked) => ({ ranked, product: products.find((one) => one.id === ranked.id)! }))
    .filter(({ product }) => product.form === 'block')
    .sort((a, b) => middle(a.product) - middle(b.product));
  // To be worth it a blend must beat the best of the shelf, not its own two parts alone.
  const toBeat = (top[0]?.expectedLossPercent ?? 0) - LEAST_GAIN_PERCENT;
  let best: Blend | undefined;
  blocks.forEach((hard, i) => {
    for (const soft of blocks.slice(i + 1)) {
      const gap = middle(soft.product) - middle(hard.product);
      const isPair = additivesOf(hard.product) === additivesOf(soft.product);
      if (!isPair || gap <= 0 || gap > NEIGHBOURS_K) continue;
      for (const parts of PARTS) {
        const mix = mixed(hard.product, soft.product, parts);
        const loss = spectrumLoss(spectrum, mix);
        if (loss > toBeat || (best && loss >= best.expectedLossPercent)) continue;
        best = {
          hard: { id: hard.product.id, name: hard.product.name, parts: parts[0] },
          soft: { id: soft.product.id, name: soft.product.name, parts: parts[1] },
          labelLowC: mix.labelLowC,
          labelHighC: mix.labelHighC,
          expectedLossPercent: loss,
          gainPercent: top[0]!.expectedLossPercent - loss,
        };
      }
    }
  });
  return best;
}
