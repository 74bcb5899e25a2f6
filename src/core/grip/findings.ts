import type { FindingOf, GradedFindingOf, NoFigures } from '../finding';

/** Why stick or klister. */
export type KindReason = FindingOf<{
  wet_new_snow: NoFigures;
  wet_coarse_snow: NoFigures;
  moist_coarse_snow: NoFigures;
  refrozen_or_icy: NoFigures;
  stick_holds: NoFigures;
}>;

/** Why a grip wax stands where it stands. */
export type GripRankReason = FindingOf<{
  may_slip: NoFigures;
  may_drag: NoFigures;
  in_its_range: NoFigures;
}>;

/** Why so many layers. */
export type GripLayersReason = FindingOf<{
  one_klister_layer: NoFigures;
  klister_and_cover: NoFigures;
  more_layers_for_distance: { distanceKm: number };
  thin_layers: NoFigures;
}>;

/** What to take along for the way. */
export interface CarryAlong {
  code: 'carry_along';
  name: string;
  isWarming: boolean;
}

export type GripCaution = GradedFindingOf<{
  wet_snow_below_zero: { temperatureC: number };
  no_stick: NoFigures;
  no_klister: NoFigures;
  nothing_fits: { nearest: string };
  no_binder: NoFigures;
  may_turn_wet: NoFigures;
}>;

/** What a fit found about the ski. */
export type FitNote = FindingOf<{
  pocket_too_soft: NoFigures;
  pocket_too_stiff: NoFigures;
  touches_inside: { atCm: number };
  end_open: { end: 'back' | 'front' };
  other_weight: { measuredKg: number; skierKg: number };
  feeler_ends_only: NoFigures;
  simple_rule: NoFigures;
}>;

/** Why this step comes next. */
export type TroubleReason = FindingOf<{
  turned_round: NoFigures;
  all_tried: NoFigures;
  smallest_first: NoFigures;
  some_tried: { count: number };
}>;
