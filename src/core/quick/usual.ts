import type { BenchProduct } from '../bench';
import { TYPES_FOR, type Ski } from '../ski';
import type { Discipline } from '../terms';
import { QUICK } from './figures';

/** A ski of a discipline that nobody described. */
export function usualSki(discipline: Discipline): Ski {
  const type = TYPES_FOR[discipline][0]!;
  return {
    id: type,
    name: type,
    owner: '',
    type,
    ...QUICK.ski[discipline],
    baseType: 'sintered',
    hasBrakes: type === 'alpine',
    purpose: 'training',
  };
}

/** A glide block of this name; `more` where it is another thing. */
export const usualProduct = (name: string, more: Partial<BenchProduct> = {}): BenchProduct => ({
  id: name,
  name,
  role: 'glide',
  form: 'block',
  additives: [],
  applications: ['iron'],
  ...more,
});
