import { hardness } from '../wax';

/** A figure that is known, or estimated because nobody said. */
export interface Figure {
  value: number;
  isEstimate: boolean;
}

/** Iron temperature by hardness, °C (house: soft 110, universal 118, hard 135, very hard 150). */
const IRON_SOFT_C = 108;
const IRON_PER_HARDNESS = 0.5;
const IRON_MOST_C = 155;
/** A wax runs well this far above its melting point, K (house). */
const IRON_OVER_MELTING_K = 60;

interface Labelled {
  labelLowC: number;
  labelHighC: number;
  ironC?: number;
  meltingC?: number;
}

/** Iron temperature, °C: the label's, else from its hardness. */
export function ironTemperature(product: Labelled): Figure {
  if (product.ironC !== undefined) return { value: product.ironC, isEstimate: false };
  const own = hardness(0.5 * (product.labelLowC + product.labelHighC));
  const value = Math.min(IRON_MOST_C, Math.round(IRON_SOFT_C + IRON_PER_HARDNESS * own));
  return { value, isEstimate: true };
}

/** Melting point, °C: the label's, else from the iron temperature. */
export function meltingPoint(product: Labelled): Figure {
  if (product.meltingC !== undefined) return { value: product.meltingC, isEstimate: false };
  return { value: ironTemperature(product).value - IRON_OVER_MELTING_K, isEstimate: true };
}
