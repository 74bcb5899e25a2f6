import type { FindingOf, NoFigures } from '../finding';
import type { BaseState, Form } from '../terms';

/** Why a layer is on the ski, or how many coats of it. */
export type LayerReason = FindingOf<{
  condition_base: { baseState: BaseState };
  under_long: { distanceKm: number };
  under_abrasive: NoFigures;
  under_sharp: NoFigures;
  edges_burnt: NoFigures;
  edges_hard_snow: NoFigures;
  one_coat: NoFigures;
  more_coats: { isRace: boolean; isLong: boolean };
  top_old_snow: { form: Form };
  top_new_snow: { form: Form };
}>;

/** What the day asks for and the shelf has not. */
export type MissingLayer = FindingOf<{
  no_conditioner: NoFigures;
  no_hardener: NoFigures;
  no_harder_wax: NoFigures;
  no_top_layer: NoFigures;
}>;

/** How the wax goes on. */
export type FormWork = FindingOf<{
  liquid_cold: NoFigures;
  rub_and_cork: NoFigures;
  powder_and_iron: NoFigures;
  block_and_iron: NoFigures;
}>;

/** Why it goes on so. */
export type FormReason = FindingOf<{
  no_iron: NoFigures;
  no_ventilation: NoFigures;
  no_fresh_air: NoFigures;
  too_little_time: { leastHours: number };
  extruded_base: NoFigures;
  hard_as_powder: NoFigures;
  lasts_longest: NoFigures;
  only_form: NoFigures;
  liquid_outside: NoFigures;
}>;

/** The brush that opens the structure, and the width of the rills. */
interface Rilled {
  brush: 'steel' | 'brass';
  widthMm: number;
}

/** How the structure of the day gets into the base. */
export type StructureTask = FindingOf<{
  grind_fits: Rilled;
  grind_too_coarse: Rilled;
  two_firm_passes: Rilled;
  one_pass: Rilled;
  press_nothing: Rilled;
}>;
