import type { Discipline, Form } from '../terms';
import { SHELF } from './figures';

const WIDE: readonly Discipline[] = ['alpine', 'snowboard', 'touring'];

/** Grams of a form that one coat on a pair (or a board) takes. */
export const gramsAPair = (form: Form, discipline: Discipline): number =>
  SHELF.gramsAPair[form][WIDE.includes(discipline) ? 'wide' : 'narrow'];

/** Price of one coat on a pair, in the team's money; undefined where price or container are not known. */
export function costAPair(
  product: { form: Form; price?: number; containerG?: number },
  discipline: Discipline,
): number | undefined {
  if (product.price === undefined || !product.containerG) return undefined;
  return (product.price * gramsAPair(product.form, discipline)) / product.containerG;
}

/** An outing still to come that a product is meant for. */
export interface PlannedUse {
  outingName: string;
  discipline: Discipline;
  pairs: number;
  coats: number;
}

/** Where what is left runs out, in the order of the outings; undefined when it lasts. */
export function runsOut(
  form: Form,
  remainingG: number,
  uses: readonly PlannedUse[],
): { outingName: string; missingG: number } | undefined {
  let left = remainingG;
  for (const use of uses) {
    left -= gramsAPair(form, use.discipline) * use.pairs * use.coats;
    if (left < 0) return { outingName: use.outingName, missingG: -left };
  }
  return undefined;
}
