import type { FindingOf, GradedFindingOf, NoFigures } from '../finding';
import type { IronReason } from '../iron';
import type { ShopReason } from '../ski';

/** Brushes of the bench. */
export type Brush =
  | 'fine_steel'
  | 'fine_metal'
  | 'steel'
  | 'brass'
  | 'nylon'
  | 'soft_nylon'
  | 'stiff_nylon'
  | 'horsehair';

/** A product on the base, and whether tips and tails alone are waxed. */
interface OnBase {
  product: string;
  isTipsOnly: boolean;
}

interface Ironed {
  product: string;
  isPowder: boolean;
  isTipToTailOnly: boolean;
  /** The base is ironed one half after the other. */
  isWide: boolean;
  isHouseholdIron: boolean;
  /** The rests are long enough for the pair's other ski. */
  isOtherInRests: boolean;
}

interface Zone {
  startCm: number;
  endCm: number;
}

/** What a step has one do: its title, tool, instruction, sign and usual reason follow from it. */
export type StepWork = FindingOf<{
  secure: { isBoard: boolean; hasBrakes: boolean; hasEdges: boolean };
  release_clamp: NoFigures;
  sharpen_scraper: NoFigures;
  to_grinder: NoFigures;
  loosen_screws: NoFigures;
  tighten_screws: NoFigures;
  fill_gouges: { places: number };
  sidewall: { angleDeg: number };
  case_off: { hasBurrs: boolean };
  rust_off: NoFigures;
  base_bevel: { angleDeg: number };
  side_bevel: { angleDeg: number };
  detune: NoFigures;
  wipe_filings: NoFigures;
  clean_liquid: { isTwice: boolean };
  brush_new_base: { isAgain: boolean };
  abrasive_pad: NoFigures;
  open_structure: { brush: 'steel' | 'brass' };
  sprinkle: OnBase & { grams: number };
  drip: OnBase & { isRubbedFirst: boolean; isWide: boolean };
  edge_strip: { product: string; grams: number };
  iron: Ironed;
  iron_through_sheet: { product: string };
  warm_edges: NoFigures;
  warm_groove: NoFigures;
  hot_scrape: { purpose: 'clean' | 'condition' };
  sponge_on: OnBase;
  brush_on_and_cork: OnBase;
  wipe_on: OnBase;
  rub_on: OnBase;
  cork_film: { product: string };
  dab: { product: string };
  iron_halves: { product: string; isSecond: boolean; isStrip: boolean };
  brush_up: NoFigures;
  scrape_lightly: NoFigures;
  spread_for_box: OnBase;
  box: { product: string; boxC: number; hours: number };
  roll_top: OnBase & { isBlock: boolean };
  sponge_top: OnBase;
  polish_top: NoFigures;
  brush: { brush: Brush; isMetal: boolean; isRotary: boolean };
  scrape: { isBare: boolean; hasEdges: boolean };
  cool: { isColdRoom: boolean; isHard: boolean };
  cool_grip: NoFigures;
  cool_klister: NoFigures;
  flash_off: NoFigures;
  dry_film: NoFigures;
  zone_ready: Zone;
  grip_off: { hasCleaner: boolean };
  crayon: Zone & { product: string; layers: number };
  cork: { product: string };
  spread_klister: Zone & { product: string };
  clear_pattern: NoFigures;
  pattern_liquid: { product: string };
  skin_care: { product: string };
  cover_skin: NoFigures;
  uncover_skin: NoFigures;
  press_rills: { widthMm: number };
  leave_on: { hasEdges: boolean };
  last_look: NoFigures;
}>;

/** What can hurt people or skis at a step. */
export const STEP_CAUTIONS = [
  'iron',
  'flammable',
  'secure',
  'scraper',
  'file',
  'rotary',
  'dust',
  'klister',
  'binding',
  'legacy',
  'high_melt',
  'box',
  'burning_filler',
  'solvent_drying',
] as const;
export type StepCaution = (typeof STEP_CAUTIONS)[number];

/** Where the setting of the iron comes from. */
export type SettingReason = FindingOf<{
  lab_below_label: { belowK: number };
  lab_as_label: NoFigures;
  by_label: NoFigures;
  by_label_lab_found_none: { lab: IronReason };
}>;

/** What a sheet leaves out or has to say besides its steps. */
export type SheetNote =
  | GradedFindingOf<{
      not_on_shelf: {
        what:
          | 'cleaner'
          | 'soft_wax'
          | 'hardener'
          | 'wax_of_the_day'
          | 'storage_wax'
          | 'top_layer'
          | 'grip_wax'
          | 'skin_care';
      };
      not_under_iron: { product: string };
      not_for_roller: { product: string };
      not_for_sponge: { product: string };
      iron_cannot_hold: { product: string; ironC: number };
      too_hard_for_box: { product: string };
      not_a_liquid: { product: string };
      no_box_for_skin: NoFigures;
      under_left_out: { product: string };
      grinder_first: NoFigures;
      no_heat_on_delamination: NoFigures;
      no_grip_zone: NoFigures;
      no_pattern: NoFigures;
      no_skin: NoFigures;
      no_board: NoFigures;
      klister_takes_zone: NoFigures;
      storage_takes_all: NoFigures;
      ironed_liquid_is_enough: NoFigures;
      one_wax_of_the_day: NoFigures;
      wax_is_ironed_already: NoFigures;
      no_ventilation: NoFigures;
      grind_too_coarse: { grindMm: number; widthMm: number };
    }>
  | ShopReason;

/** Why a programme is suggested. */
export type ProgrammeReason = FindingOf<{
  powder_wax: { product: string };
  long_way_for_liquid: { distanceKm: number };
  cold_liquid: { product: string };
  iron_wax: { product: string };
  under_first: { product: string };
  rubbed_without_iron: { product: string };
  dirt_under_storage: NoFigures;
  season_over: NoFigures;
  edges_found: NoFigures;
  board: NoFigures;
  fresh_grind: NoFigures;
  dirt_found: NoFigures;
  dirt_found_no_iron: NoFigures;
  hardener_in_choice: NoFigures;
  structure_in_choice: NoFigures;
  race_top_roller: NoFigures;
  race_top_sponge: NoFigures;
  classic_stick: NoFigures;
  classic_klister: NoFigures;
  pattern_ices: NoFigures;
  skin_care: NoFigures;
}>;
