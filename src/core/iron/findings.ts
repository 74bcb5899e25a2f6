import type { FindingOf, GradedFindingOf, NoFigures } from '../finding';

/** What would go wrong with these passes. */
export type IronWarning = GradedFindingOf<{
  base_melts: { peakBaseC: number };
  base_softens: { peakBaseC: number };
  wax_smokes: { filmMostC: number; smokeC: number };
  iron_sags: { sagK: number };
  trail_too_long: { fromPass: number; mostM: number };
  iron_too_cold: { setC: number; meltingC: number };
  film_stays_solid: NoFigures;
}>;

/** Why the iron is set so, or why there is no good setting. */
export type IronReason = FindingOf<{
  trail_in_range: { leastM: number; mostM: number };
  cool_after: { passes: number; mostM: number };
  iron_sags: { sagK: number };
  film_sets: { slowestS: number; setC: number };
  base_too_hot: { setC: number; baseMostC: number };
  trail_stays_long: { quickestS: number; mostM: number };
}>;
