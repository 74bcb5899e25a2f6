import type { FindingOf, GradedFindingOf, NoFigures } from '../finding';

/** By what sign a ski wants wax or a stone. */
export type CareSign = FindingOf<{
  season_over: NoFigures;
  reserve_low: { reserve: number; dueBelow: number };
  far_since_wax: { km: number; everyKm: number };
  week_of_piste: NoFigures;
  long_since_wax: { weeks: number };
  looks_dry: NoFigures;
  far_since_grind: { km: number };
}>;

/** Why a ski is to go to a grinder or a certified shop, or its marks want a second look. */
export type ShopReason = GradedFindingOf<{
  delaminated: NoFigures;
  not_flat: NoFigures;
  burnt_all_over: NoFigures;
  many_gouges: NoFigures;
  no_steel_edge: NoFigures;
}>;
