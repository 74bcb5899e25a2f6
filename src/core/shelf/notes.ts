import { writeSpan, type TemperatureUnit } from '../units';
import type { GlideProduct } from '../wax';

/** Labels wider than this say little, K (house). */
const WIDE_K = 25;

const labelOf = (one: GlideProduct) =>
  [one.labelLowC, one.labelHighC, one.form, ...[...one.additives].sort()].join(' ');

/** What a look along the glide waxes would notice: labels that are the same, and labels that say little. */
export function shelfNotes(
  products: readonly GlideProduct[],
  unit: TemperatureUnit = 'C',
): string[] {
  const byLabel = new Map<string, GlideProduct[]>();
  for (const one of products) {
    byLabel.set(labelOf(one), [...(byLabel.get(labelOf(one)) ?? []), one]);
  }
  const twins = [...byLabel.values()].filter((same) => same.length > 1);
  const wide = products.filter((one) => one.labelHighC - one.labelLowC > WIDE_K);
  return [
    ...twins.map((same) => {
      const names = same.map((one) => one.name).join(' and ');
      return `${names} say the same on their labels: either will do, and one of them may be spared.`;
    }),
    ...wide.map(
      (one) =>
        `${one.name} has a label ${writeSpan(one.labelHighC - one.labelLowC, unit, 0)} wide: check it, or take it as a wax for no day in particular.`,
    ),
  ];
}
