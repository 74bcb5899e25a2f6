import type { FindingOf, GradedFindingOf, NoFigures } from '../finding';
import type { Origin, Wetness } from '../terms';

/** The two jobs an additive can have. */
export type AdditiveNeed = 'water_repellent' | 'dry_lubricant';

/** Lines of the ledgers, of glide and of grip. */
export type LedgerKey =
  | 'temperature'
  | 'abrasion'
  | 'dry_cap'
  | 'own'
  | 'snow_temperature'
  | 'sharpness'
  | 'new_snow'
  | 'humidity'
  | 'machine_made'
  | 'wetness'
  | 'glazed'
  | 'distance';

/** Why a line of a ledger is what it is. */
export type LedgerReason = FindingOf<{
  measured_at_base: NoFigures;
  grain_sharp: NoFigures;
  grain_rounded: NoFigures;
  grain_settled: NoFigures;
  grain_not_given: NoFigures;
  humidity_moist: NoFigures;
  humidity_dry: NoFigures;
  humidity_middling: NoFigures;
  humidity_idle: NoFigures;
  origin: { origin: Origin };
  hard_track: { origin: Origin };
  abrasion_idle: NoFigures;
  wet_snow_at_zero: NoFigures;
  dry_cap: NoFigures;
  dry_cap_idle: NoFigures;
  wetness: { wetness: Wetness };
  distance_long: NoFigures;
  distance_short: NoFigures;
  own: { venueC: number; handC: number };
  own_learned: {
    venueC: number;
    handC: number;
    learnedC: number;
    tests: number;
    outcomes: number;
  };
  own_none: NoFigures;
  not_glazed: NoFigures;
  grip_label_new: NoFigures;
  grip_label_old: NoFigures;
  grip_new_crystals: NoFigures;
  grip_not_new: NoFigures;
  grip_humidity: NoFigures;
  grip_humidity_idle: NoFigures;
  grip_machine_made: NoFigures;
  grip_natural_or_wet: NoFigures;
  grip_dry: NoFigures;
  grip_wet: NoFigures;
  grip_glazed: NoFigures;
}>;

/** Why a product stands where it stands. */
export type RankingReason = FindingOf<{
  fluorocarbon_excluded: NoFigures;
  at_the_middle: { centreC: number };
  too_soft: { byK: number; centreC: number };
  too_hard: { byK: number; centreC: number };
  lacks: { need: AdditiveNeed };
  needless: { need: AdditiveNeed };
  wide_label: { spanK: number; costPercent: number };
  keeps_costlier: { costlier: string; extraPercent: number; savedAPair: number };
}>;

/** Why an additive is asked for. */
export type AdditiveReason = FindingOf<{
  free_water: NoFigures;
  humid_air: { humidityOverIce: number };
  dirty_snow: NoFigures;
  machine_made_dirt: NoFigures;
  static_charge: NoFigures;
}>;

/** Why a structure is asked for. */
export type StructureReason = FindingOf<{
  structure_free_water: NoFigures;
  structure_wet: NoFigures;
  structure_moist_fine: NoFigures;
  structure_moist_round: NoFigures;
  structure_cold: NoFigures;
  structure_dry: NoFigures;
}>;

/** What was seen that cannot be true at once. */
interface Contradictions {
  wet_snow_below_zero: { temperatureC: number };
  made_and_natural: NoFigures;
  crust_and_wet: NoFigures;
  glazed_and_soaked: NoFigures;
}
export type Contradiction = GradedFindingOf<Contradictions>;

/** What the figures cannot know, or what can go wrong today. */
export type ChoiceCaution = GradedFindingOf<
  Contradictions & {
    abrades_any_wax: { belowC: number };
    all_excluded: NoFigures;
    nothing_fits: { equivalentC: number; nearest: string; lossPercent: number };
    legacy_fluorocarbons: NoFigures;
  }
>;

/** What the snow of a choice is taken from, and why. */
export type BasisReason = FindingOf<{
  measured_at_start: NoFigures;
  modelled_for_start: NoFigures;
  last_reading: NoFigures;
}>;
