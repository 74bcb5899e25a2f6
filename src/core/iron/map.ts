import { IRON } from './figures';
import { ironPasses } from './passes';
import type { IronQuestion } from './types';

/** What a set temperature and a pace give: nothing flows, it is good, it flows too far, or it harms. */
export const MAP_REGIONS = ['sets_at_once', 'good', 'flows_too_far', 'harms'] as const;
export type MapRegion = (typeof MAP_REGIONS)[number];

export interface IronMapAxes {
  setC: number[];
  passS: number[];
}

/** Axes of a map about a wax: 20 set temperatures and 20 paces unless told otherwise. */
export function mapAxes(ironC: number, cells = IRON.map.cells): IronMapAxes {
  const { belowK, aboveK, passS, setC } = IRON.map;
  const between = (low: number, high: number) =>
    Array.from({ length: cells }, (_, i) => low + ((high - low) * i) / (cells - 1));
  return {
    setC: between(Math.max(setC[0], ironC - belowK), Math.min(setC[1], ironC + aboveK)),
    passS: between(passS[0], passS[1]),
  };
}

/** One row of the map: a set temperature at every pace, as places in {@link MAP_REGIONS}. */
export function mapRow(question: IronQuestion, setC: number, passS: readonly number[]): number[] {
  return passS.map((pace) => {
    const { passes, warnings } = ironPasses({
      ...question,
      iron: { ...question.iron, setC },
      passS: pace,
    });
    const last = passes.at(-1)!;
    const isHarmful =
      last.peakBaseC > IRON.warnBaseC || warnings.some(({ code }) => code === 'wax_smokes');
    if (isHarmful) return MAP_REGIONS.indexOf('harms');
    if (passes[0]!.trailM < IRON.trailLeastM) return MAP_REGIONS.indexOf('sets_at_once');
    return MAP_REGIONS.indexOf(last.trailM > IRON.trailMostM ? 'flows_too_far' : 'good');
  });
}
