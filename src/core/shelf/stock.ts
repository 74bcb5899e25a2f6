import type { Discipline, Form } from '../terms';

/** What a pair takes, g, by form: narrow skis and wide ones (bench practice; house). */
const GRAMS_A_PAIR: Record<Form, { narrow: number; wide: number }> = {
  block: { narrow: 6, wide: 11 },
  powder: { narrow: 2, wide: 3.5 },
  liquid: { narrow: 3, wide: 5 },
  paste: { narrow: 2, wide: 4 },
  roller_block: { narrow: 0.7, wide: 1.2 },
  tube: { narrow: 5, wide: 5 },
  stick: { narrow: 2, wide: 2 },
};
const WIDE: readonly Discipline[] = ['alpine', 'snowboard', 'touring'];

/** Grams of a form that one coat on a pair (or a board) takes. */
export const gramsAPair = (form: Form, discipline: Discipline): number =>
  GRAMS_A_PAIR[form][WIDE.includes(discipline) ? 'wide' : 'narrow'];

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
