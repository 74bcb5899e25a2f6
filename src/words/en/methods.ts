import type { MethodKey, School } from '../../core/choice';

export const METHOD_TITLE: Record<MethodKey, string> = {
  first_heat: 'Before the iron',
  passes: 'Iron passes',
  cooling: 'Cooling',
  scraping: 'Scraping',
  brushes: 'Order of brushes',
  drive: 'Brush by',
  liquid: 'Liquids',
  powder_finish: 'After hot powder',
  routine: 'Between hot waxings',
  iron: 'Iron',
};

/** Each way of working, and why people work so. */
export const SCHOOL: Record<School, { label: string; reason: string }> = {
  rub_then_drip: {
    label: 'Rub on, then drip',
    reason: 'A rubbed film protects the base from the first heat.',
  },
  drip_only: { label: 'Drip only', reason: 'Faster, and enough if the drops are close together.' },
  spread_then_long: {
    label: 'Spread, then tip to tail',
    reason: 'First an even film, then even heat.',
  },
  long_only: {
    label: 'Tip to tail only',
    reason: 'The iron never goes back over hot wax.',
  },
  to_room: {
    label: 'To room temperature, 20–30 min',
    reason: 'Cold enough to scrape clean.',
  },
  overnight: { label: 'Overnight', reason: 'Wax keeps settling, and hard wax scrapes better.' },
  bare: { label: 'Scrape bare', reason: 'Wax left on top only slows the ski.' },
  brush_more: {
    label: 'Scrape less, brush more',
    reason: 'Protects the structure of the base.',
  },
  steel_nylon_horsehair: { label: 'Steel, nylon, horsehair', reason: 'From coarse to fine.' },
  nylon_steel_horsehair: {
    label: 'Nylon, fine steel, horsehair',
    reason: 'First most of the wax, then the depth of the structure.',
  },
  brass_horsehair_nylon: {
    label: 'Brass, horsehair, soft nylon',
    reason: 'Gentle on a fine grind.',
  },
  horsehair_metal_nylon: {
    label: 'Horsehair, fine metal, stiff nylon',
    reason: 'Polishes hard waxes.',
  },
  hand: { label: 'Hand', reason: 'You feel the base, and there is no heat. For race skis.' },
  rotary: {
    label: 'Rotary',
    reason: 'Fast for many pairs. Light pressure, away from the face, eye protection.',
  },
  sponge_dry_cork: {
    label: 'Sponge, dry until milky, cork',
    reason: 'Even, and the cork binds the film.',
  },
  brush_on_cork: {
    label: 'Brush on in 15–20 cm lengths, cork at once',
    reason: 'Worked in before it sets. Good in a warm room.',
  },
  sponge_dry_brush: {
    label: 'Sponge, dry, brush',
    reason: 'Fast for many pairs.',
  },
  brush_only: { label: 'Brush only', reason: 'The film is thin. A scraper can tear it out.' },
  scrape_lightly: {
    label: 'Scrape very lightly, then brush',
    reason: 'Takes the crumbs off fast.',
  },
  hot_each_time: { label: 'Hot wax every time', reason: 'The base stays full of wax.' },
  liquid_between: {
    label: 'Liquid in between',
    reason: 'Fast and without heat. Hot wax now and then.',
  },
  ski_iron: { label: 'Ski iron only', reason: 'Holds its temperature and has no holes.' },
  household_tolerated: {
    label: 'Household iron allowed',
    reason: 'Its temperature swings. Set it low and watch it.',
  },
};
