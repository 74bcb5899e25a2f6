import type { FindingOf } from '../finding';
import type { GlideProduct } from '../wax';
import { SHELF } from './figures';

/** What a look along the glide waxes would notice. */
export type ShelfNote = FindingOf<{
  same_labels: { names: string[] };
  very_wide_label: { name: string; spanK: number };
}>;

const labelOf = (one: GlideProduct) =>
  [one.labelLowC, one.labelHighC, one.form, ...[...one.additives].sort()].join(' ');

/** What a look along the glide waxes would notice: labels that are the same, and labels that say little. */
export function shelfNotes(products: readonly GlideProduct[]): ShelfNote[] {
  const byLabel = new Map<string, GlideProduct[]>();
  for (const one of products) {
    byLabel.set(labelOf(one), [...(byLabel.get(labelOf(one)) ?? []), one]);
  }
  const twins = [...byLabel.values()].filter((same) => same.length > 1);
  const spanOf = (one: GlideProduct) => one.labelHighC - one.labelLowC;
  const wide = products.filter((one) => spanOf(one) > SHELF.wideLabelK);
  return [
    ...twins.map((same) => ({ code: 'same_labels' as const, names: same.map((one) => one.name) })),
    ...wide.map((one) => ({
      code: 'very_wide_label' as const,
      name: one.name,
      spanK: spanOf(one),
    })),
  ];
}
