import type { PlanWish } from '@/core/model';
import type { Programme } from '@/core/bench';

/** Programmes that a race can do without, what saves most time first. */
const OPTIONAL: readonly Programme[] = [
  'hardening',
  'clean_hot_scrape',
  'clean_liquid',
  'structure',
  'top_sponge',
  'top_roller',
  'edges',
];

/** Less to do: programmes left out, fewer coats. */
export interface Relaxation {
  leaveOut: Programme[];
  mostCoats?: number;
}

/** What could be asked less of the sheets, each alone. */
export function relaxations({
  programmes,
  coats,
}: {
  programmes: readonly Programme[];
  coats: number;
}): Relaxation[] {
  const less = (mostCoats: number): Relaxation => ({ leaveOut: [], mostCoats });
  return [
    ...OPTIONAL.filter((programme) => programmes.includes(programme)).map(
      (programme): Relaxation => ({ leaveOut: [programme] }),
    ),
    ...(coats > 1 ? [less(coats - 1)] : []),
    ...(coats > 2 ? [less(1)] : []),
  ];
}

/** A wish with less to do. */
export const relaxed = (wish: PlanWish, { leaveOut, mostCoats }: Relaxation): PlanWish => ({
  ...wish,
  leaveOut: [...new Set([...(wish.leaveOut ?? []), ...leaveOut])],
  mostCoats: mostCoats ?? wish.mostCoats,
});

/** All of several at once. */
export const together = (all: readonly Relaxation[]): Relaxation => ({
  leaveOut: [...new Set(all.flatMap(({ leaveOut }) => leaveOut))],
  mostCoats: all.reduce<number | undefined>(
    (least, { mostCoats }) =>
      mostCoats === undefined ? least : Math.min(least ?? Infinity, mostCoats),
    undefined,
  ),
});
