import type { BenchProduct } from './types';
import type { StepCaution } from './work';

const isLegacy = (product: BenchProduct) => product.additives.includes('fluorocarbon');

/** The caution of heat for a product: a legacy one says more. */
export const heatCaution = (product: BenchProduct): StepCaution =>
  isLegacy(product) ? 'legacy' : 'iron';

/** The caution of a liquid: a legacy one says more. */
export const liquidCaution = (product: BenchProduct): StepCaution =>
  isLegacy(product) ? 'legacy' : 'flammable';
