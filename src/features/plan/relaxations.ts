import type { PlanWish } from '@/core/model';
import type { Programme } from '@/core/bench';
import type { PairLiquid } from './use-cases/plan-ground';

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

/** Less to do: programmes left out, fewer coats, a liquid in place of hot wax for some pairs. */
export interface Relaxation {
  leaveOut: Programme[];
  mostCoats?: number;
  liquid?: readonly PairLiquid[];
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

/**
 * A liquid in place of hot wax, for one pair, then for twice as many each time: those that are latest first. Who looks
 * for the smallest change that helps takes the first that does.
 */
export function liquidSteps(
  liquids: readonly PairLiquid[],
  late: ReadonlyMap<string, number>,
): Relaxation[] {
  const lateness = ({ pairId }: PairLiquid) => late.get(pairId) ?? 0;
  const worstFirst = [...liquids].sort(
    (a, b) => lateness(b) - lateness(a) || a.pairId.localeCompare(b.pairId, 'en'),
  );
  const steps: Relaxation[] = [];
  for (let count = 1; count < worstFirst.length; count *= 2) {
    steps.push({ leaveOut: [], liquid: worstFirst.slice(0, count) });
  }
  if (worstFirst.length > 0) steps.push({ leaveOut: [], liquid: worstFirst });
  return steps;
}

/** A wish with less to do. */
export const relaxed = (
  wish: PlanWish,
  { leaveOut, mostCoats, liquid = [] }: Relaxation,
): PlanWish => ({
  ...wish,
  leaveOut: [...new Set([...(wish.leaveOut ?? []), ...leaveOut])],
  mostCoats: mostCoats ?? wish.mostCoats,
  ...(liquid.length > 0
    ? { liquidFor: [...(wish.liquidFor ?? []), ...liquid.map(({ pairId }) => pairId)] }
    : {}),
});

/** All of several at once. */
export const together = (all: readonly Relaxation[]): Relaxation => ({
  leaveOut: [...new Set(all.flatMap(({ leaveOut }) => leaveOut))],
  mostCoats: all.reduce<number | undefined>(
    (least, { mostCoats }) =>
      mostCoats === undefined ? least : Math.min(least ?? Infinity, mostCoats),
    undefined,
  ),
  liquid: all.findLast(({ liquid }) => liquid)?.liquid,
});
