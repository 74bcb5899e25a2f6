import { IRON } from './figures';

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
