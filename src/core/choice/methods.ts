/** Where good technicians differ: the schools of each question, none hidden; the house's own first. */
const SCHOOLS = {
  first_heat: ['rub_then_drip', 'drip_only'],
  passes: ['spread_then_long', 'long_only'],
  cooling: ['to_room', 'overnight'],
  scraping: ['bare', 'brush_more'],
  brushes: [
    'steel_nylon_horsehair',
    'nylon_steel_horsehair',
    'brass_horsehair_nylon',
    'horsehair_metal_nylon',
  ],
  drive: ['hand', 'rotary'],
  liquid: ['sponge_dry_cork', 'brush_on_cork', 'sponge_dry_brush'],
  powder_finish: ['brush_only', 'scrape_lightly'],
  routine: ['hot_each_time', 'liquid_between'],
  iron: ['ski_iron', 'household_tolerated'],
} as const;

export type MethodKey = keyof typeof SCHOOLS;
/** One way of doing a step, as a school of the craft teaches it. */
export type School = (typeof SCHOOLS)[MethodKey][number];

export interface MethodGroup {
  key: MethodKey;
  /** The house's own; a team may set another. */
  standard: School;
  options: readonly School[];
}

export const METHOD_GROUPS: readonly MethodGroup[] = (Object.keys(SCHOOLS) as MethodKey[]).map(
  (key) => ({ key, standard: SCHOOLS[key][0], options: SCHOOLS[key] }),
);

/** The school in force for each group: the team's own where it is a known one, else the house's. */
export function methodsInForce(own: Readonly<Record<string, string>>): Record<MethodKey, School> {
  return Object.fromEntries(
    METHOD_GROUPS.map(({ key, standard, options }) => [
      key,
      options.find((school) => school === own[key]) ?? standard,
    ]),
  ) as Record<MethodKey, School>;
}
