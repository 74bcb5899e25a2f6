import { isHighMelt } from './forms';
import type { BenchProduct } from './types';
import type { StepCaution } from './work';

const isLegacy = (product: BenchProduct) => product.additives.includes('fluorocarbon');

/** The caution of heat for a product: a legacy one, and one that is very hot, say more. */
export const heatCaution = (product: BenchProduct): StepCaution =>
  isLegacy(product) ? 'legacy' : isHighMelt(product) ? 'high_melt' : 'iron';

/** The caution of a liquid: a legacy one says more. */
export const liquidCaution = (product: BenchProduct): StepCaution =>
  isLegacy(product) ? 'legacy' : 'flammable';
