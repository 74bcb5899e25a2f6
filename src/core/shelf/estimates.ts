import { hardness } from '../wax';
import { SHELF } from './figures';

/** A figure that is known, or estimated because nobody said. */
export interface Figure {
  value: number;
  isEstimate: boolean;
}

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
  const value = Math.min(
    SHELF.ironMostC,
    Math.round(SHELF.ironSoftC + SHELF.ironPerHardness * own),
  );
  return { value, isEstimate: true };
}

/** Melting point, °C: the label's, else from the iron temperature. */
export function meltingPoint(product: Labelled): Figure {
  if (product.meltingC !== undefined) return { value: product.meltingC, isEstimate: false };
  return { value: ironTemperature(product).value - SHELF.ironOverMeltingK, isEstimate: true };
}
