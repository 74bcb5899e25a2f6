/** One way of doing a step, as a school of the craft teaches it. */
export interface MethodOption {
  key: string;
  label: string;
  reason: string;
}

export interface MethodGroup {
  key: string;
  title: string;
  /** The house's own; a team may set another. */
  standard: string;
  options: readonly MethodOption[];
}

const option = (key: string, label: string, reason: string): MethodOption => ({
  key,
  label,
  reason,
});

/** Where good technicians differ: every school with its reason, none hidden. */
export const METHOD_GROUPS: readonly MethodGroup[] = [
  {
    key: 'first_heat',
    title: 'Before the iron',
    standard: 'rub_then_drip',
    options: [
      option(
        'rub_then_drip',
        'Rub on, then drip',
        'A rubbed film shields the base from first heat.',
      ),
      option('drip_only', 'Drip only', 'Quicker, and enough if the drops lie close.'),
    ],
  },
  {
    key: 'passes',
    title: 'Passes of the iron',
    standard: 'spread_then_long',
    options: [
      option('spread_then_long', 'Spread, then tip to tail', 'Even film first, then even heat.'),
      option('long_only', 'Tip to tail only', 'The iron never goes back over hot wax.'),
    ],
  },
  {
    key: 'cooling',
    title: 'Cooling',
    standard: 'to_room',
    options: [
      option('to_room', 'To room warmth, 20–30 min', 'Cold enough to scrape clean.'),
      option('overnight', 'Overnight', 'Wax goes on settling; hard waxes scrape better.'),
    ],
  },
  {
    key: 'scraping',
    title: 'Scraping',
    standard: 'bare',
    options: [
      option('bare', 'Scrape bare', 'What is left on top only slows.'),
      option('brush_more', 'Scrape less, brush more', 'Spares the structure of the base.'),
    ],
  },
  {
    key: 'brushes',
    title: 'Order of brushes',
    standard: 'steel_nylon_horsehair',
    options: [
      option('steel_nylon_horsehair', 'Steel, nylon, horsehair', 'Coarse to fine.'),
      option(
        'nylon_steel_horsehair',
        'Nylon, fine steel, horsehair',
        'Bulk off first, then depth.',
      ),
      option('brass_horsehair_nylon', 'Brass, horsehair, soft nylon', 'Gentle on a fine grind.'),
      option('horsehair_metal_nylon', 'Horsehair, fine metal, stiff nylon', 'Polishes hard waxes.'),
    ],
  },
  {
    key: 'drive',
    title: 'Brush by',
    standard: 'hand',
    options: [
      option('hand', 'Hand', 'Feel, and no heat: race skis.'),
      option('rotary', 'Rotary', 'Quick for many pairs; light, away from the face, eyes covered.'),
    ],
  },
  {
    key: 'routine',
    title: 'Between hot waxings',
    standard: 'hot_each_time',
    options: [
      option('hot_each_time', 'Hot wax every time', 'The base stays full.'),
      option('liquid_between', 'Liquid in between', 'Quick and cool; hot wax now and then.'),
    ],
  },
  {
    key: 'iron',
    title: 'Iron',
    standard: 'ski_iron',
    options: [
      option('ski_iron', 'Ski iron only', 'Holds its temperature and has no holes.'),
      option(
        'household_tolerated',
        'Household iron tolerated',
        'Sags and swings: low set, watch it.',
      ),
    ],
  },
];

/** The school in force for each group: the team's own where it is a known one, else the house's. */
export function methodsInForce(
  own: Readonly<Record<string, string>>,
): Record<string, MethodOption> {
  return Object.fromEntries(
    METHOD_GROUPS.map((group) => {
      const wanted = own[group.key] ?? group.standard;
      const found = group.options.find((one) => one.key === wanted);
      return [group.key, found ?? group.options.find((one) => one.key === group.standard)!];
    }),
  );
}
