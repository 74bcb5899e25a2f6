import type {
  Brush,
  ProgrammeReason,
  SettingReason,
  SheetNote,
  StepCaution,
  StepWords,
  StepWork,
} from '../../core/bench';
import type { Programme } from '../../core/bench';
import type { Writer } from '../write';
import { say, type WordsFor } from '../say';
import { IRON_REASON } from './iron';
import { MARK, SHOP } from './ski';

/** Stands on every sheet. */
export const FIRST_OF_ALL =
  'Labels, local rules and licensed practice come first. Bindings are work for certified people.';

export const STEP_CAUTION: Record<StepCaution, string> = {
  iron: 'Hot iron and molten wax. It must never smoke. Ventilate. Hotter than the label is not faster.',
  flammable: 'Flammable. No iron, flame or smoking near it. Lid on. Ventilate.',
  secure: 'Keep cables off the wet floor. Lift boards and forms with your legs.',
  scraper:
    'Sharp edges and scraper: wear cut-resistant gloves. Shavings go to the waste by local rules, not onto the snow.',
  file: 'Steel filings and sharp edges: wear cut-resistant gloves and eye protection. Hold the brakes up.',
  rotary: 'Rotary brush: wear eye protection, tie back hair and sleeves, spin away from your face.',
  dust: 'Wax dust: ventilate or extract, and sweep it up.',
  klister: 'Klister burns and sticks. Warm it gently. Never use an open flame on the base.',
  binding: 'Do not touch the release settings. Certified people only.',
  legacy:
    'Old fluorocarbon wax: suitable respirator, extraction, no flame, no smoking, skin covered. Waste by local rules. Not for a sanctioned race.',
  burning_filler: 'Burning filler drips. Put a metal plate under it, and keep solvent away.',
  solvent_drying: 'No heat and no flame until the solvent is gone.',
};

const BRUSH: Record<Brush, string> = {
  fine_steel: 'fine steel',
  fine_metal: 'fine metal',
  steel: 'steel',
  brass: 'brass',
  nylon: 'nylon',
  soft_nylon: 'soft nylon',
  stiff_nylon: 'stiff nylon',
  horsehair: 'horsehair',
};
const capital = (text: string) => `${text[0]!.toUpperCase()}${text.slice(1)}`;
const where = ({ isTipsOnly }: { isTipsOnly: boolean }) =>
  isTipsOnly ? 'tips and tails only, never the grip zone' : 'the whole base';
const zone = ({ startCm, endCm }: { startCm: number; endCm: number }) =>
  `from ${Math.round(startCm)} to ${Math.round(endCm)} cm in front of the heel plate`;
const grams = (value: number) => `${Math.round(value * 10) / 10} g`;

type WorkWords = {
  readonly [Code in StepWork['code']]:
    StepWords | ((work: Extract<StepWork, { code: Code }>) => StepWords);
};

const TRAIL =
  'A trail of 1 to 10 cm stays liquid behind the iron. The top of the ski is hand-warm.';
const EDGE_DUST = 'Tip to tail only, light, then wipe the dust off.';
const METAL_ONE_WAY = 'Tip to tail only, light, on the tips of the bristles.';

/** What each step has one do. */
const STEP: WorkWords = {
  secure: ({ isBoard, hasBrakes }) => ({
    title: 'Warm the ski and clamp it',
    tool: isBoard ? 'Board vice' : 'Vice or form',
    what: `Let the ski warm up to room temperature. Wipe it dry and clamp it base up.${hasBrakes ? ' Hold the brakes up with a band.' : ''}`,
    doneWhen: 'It does not move under your hand, and the base is dry.',
    reason: 'A cold or damp base takes no wax.',
  }),
  loosen_screws: {
    title: 'Loosen the binding screws',
    tool: 'Screwdriver',
    what: 'Loosen the binding screws one turn, or take the bindings off. Mark where they were.',
    doneWhen: 'The base is flat over the inserts.',
    reason: 'Tight screws pull dents into a warm base.',
  },
  tighten_screws: {
    title: 'Tighten the binding screws',
    tool: 'Screwdriver',
    what: 'Put the bindings back on their marks. Tighten the screws by hand.',
    doneWhen: 'Nothing moves.',
    reason: 'Tight screws pull dents into a warm base.',
  },
  fill_gouges: ({ places }) => ({
    title: places === 1 ? 'Fill one place' : `Fill ${places} places`,
    tool: 'Base filler and metal scraper',
    what: MARK.gouge.action,
    doneWhen: 'Your fingernail does not catch.',
    reason: MARK.gouge.meaning,
  }),
  sidewall: ({ angleDeg }) => ({
    title: 'Take the sidewall back',
    tool: 'Sidewall planer',
    what: `Plane the sidewall at ${angleDeg}°, long overlapping strokes, tip to tail.`,
    doneWhen: 'The file touches steel only.',
    reason: 'Sidewall clogs the file and lifts it off its angle.',
  }),
  burr_off: {
    title: 'Take hardened burrs off',
    tool: 'Coarse diamond',
    what: 'Wet and light, until it runs without ticking.',
    doneWhen: 'You feel no ticks along the edge.',
    reason: 'A hardened spot ruins a file.',
  },
  rust_off: {
    title: 'Take rust off',
    tool: 'Coarse diamond',
    what: 'Wet and light, until it runs without ticking.',
    doneWhen: 'You feel no ticks along the edge.',
    reason: 'Rust hides notches.',
  },
  base_bevel: ({ angleDeg }) => ({
    title: `Base bevel ${angleDeg}°`,
    tool: 'File guide and fine file',
    what: 'One or two light passes, tip to tail. No more than needed.',
    doneWhen: 'The marker ink is gone along the whole edge.',
    reason: 'Steel taken from the base side only comes back with a grind.',
  }),
  side_bevel: ({ angleDeg }) => ({
    title: `Side bevel ${angleDeg}°`,
    tool: 'Coarse file, second-cut file, fine diamond',
    what: 'Coarse file, then second cut, 1–2 passes each, then fine diamond. Long overlapping strokes, tip to tail.',
    doneWhen: 'Smooth, no ticks. It shaves a fingernail.',
    reason: 'Each grit removes the marks of the one before.',
  }),
  detune: {
    title: 'Detune, and take the burr off',
    tool: 'Rubber stone',
    what: 'The last 8 to 12 cm of tip and tail at 45°, then one light pass along all edges.',
    doneWhen: 'Nothing catches on a cloth.',
    reason: 'A sharp tip hooks, and a burr drags.',
  },
  clean_liquid: ({ isTwice }) => ({
    title: 'Clean with liquid',
    tool: 'Cleaner, cloth, soft brush',
    what: `Put it on with a cloth, let it soak 10 to 15 min, wipe it off${isTwice ? '. Do it twice: the base is dirty' : ''}. Lid on.`,
    doneWhen: 'A white cloth stays white.',
    reason: 'Old wax and grime keep new wax out.',
  }),
  brush_new_base: ({ isAgain }) => ({
    title: isAgain ? 'Fine steel brush again' : 'Fine steel brush',
    tool: 'Fine steel brush',
    what: EDGE_DUST,
    doneWhen: 'Nothing catches on a cotton pad.',
    reason: isAgain ? 'It clears the cut hairs.' : 'It lifts what the stone left standing.',
  }),
  abrasive_pad: {
    title: 'Abrasive pad',
    tool: 'Fine abrasive pad',
    what: EDGE_DUST,
    doneWhen: 'Nothing catches on a cotton pad.',
    reason: 'It cuts the hairs that stand up.',
  },
  open_structure: ({ brush }) => ({
    title: `Open the structure: ${BRUSH[brush]}`,
    tool: `${capital(BRUSH[brush])} brush`,
    what: 'Tip to tail only, firm, then wipe the dust off.',
    doneWhen: 'The base looks dull and even, and the lines are clear.',
    reason: brush === 'steel' ? 'Clean lines take wax.' : 'Cold, fine snow: brass is enough.',
  }),
  sprinkle: (work) => ({
    title: `Put on ${work.product}`,
    tool: 'Powder shaker',
    what: `Sprinkle ${grams(work.grams)} evenly over ${where(work)}.`,
    doneWhen: 'There is no bare base left for the iron to touch.',
    reason: 'A film protects the base from the first heat.',
  }),
  drip: (work) => {
    const drops = work.isWide
      ? 'in an S of drops, one half of the base, then the other'
      : 'a drop every 1–2 cm';
    return {
      title: `Put on ${work.product}`,
      tool: 'Block and iron held apart',
      what: work.isRubbedFirst
        ? `Rub a thin film on ${where(work)}, then drip: ${drops}.`
        : `Drip ${drops} on ${where(work)}.`,
      doneWhen: 'There is no bare base left for the iron to touch.',
      reason: work.isRubbedFirst
        ? 'A film protects the base from the first heat.'
        : 'That is enough if the drops are close together.',
    };
  },
  edge_strip: (work) => ({
    title: `Put ${work.product} along the edges`,
    tool: 'Powder shaker',
    what: `${grams(work.grams)} in a strip one centimetre wide along both edges underfoot, on a thin film of wax.`,
    doneWhen: 'There is no bare base left for the iron to touch.',
    reason: 'Hard snow burns the base there first.',
  }),
  iron: (work) => ({
    title: `Iron in ${work.product}`,
    tool: work.isHouseholdIron ? 'Iron' : 'Ski iron',
    what: `${work.isPowder ? 'Dab the powder down, then' : work.isTipToTailOnly ? '' : 'Spread the drops first, then'} tip to tail, one even pass after another. Never stand still.${work.isWide ? ' One half of the base, then the other.' : ''}`.replace(
      /^ t/,
      'T',
    ),
    doneWhen: TRAIL,
    reason: 'Wax only goes into the base while it is liquid.',
  }),
  iron_edges: (work) => ({
    title: `Iron in ${work.product}`,
    tool: work.isHouseholdIron ? 'Iron' : 'Ski iron',
    what: 'Dab the powder down, then tip to tail along one edge, then the other. Never stand still.',
    doneWhen: TRAIL,
    reason: 'Wax only goes into the base while it is liquid.',
  }),
  iron_through_sheet: ({ product }) => ({
    title: `Iron ${product} through a sheet`,
    tool: 'Ski iron and PTFE sheet',
    what: 'Put the sheet between iron and base. One slow pass. A chalky look is normal: do not scrape.',
    doneWhen: 'The film has turned from milky to clear or chalky all over.',
    reason: 'Heat binds the film, so it lasts longer.',
  }),
  warm_edges: {
    title: 'Scrape the edges while warm',
    tool: 'Plastic scraper',
    what: 'Take wax off the steel edges and sidewalls while it is soft.',
    doneWhen: 'The edges are clean, and no wax hangs over.',
    reason: 'Cold wax chips there. Warm wax peels off.',
  },
  warm_groove: {
    title: 'Scrape groove and sidewalls while warm',
    tool: 'Groove tool',
    what: 'Clear the groove with a hand over the tool, then the sidewalls.',
    doneWhen: 'Groove and sidewalls are clean, and no wax hangs over.',
    reason: 'Cold wax chips there. Warm wax peels off.',
  },
  hot_scrape: ({ purpose }) => ({
    title: 'Scrape it off warm',
    tool: 'Plastic scraper',
    what: 'Right after the iron, tip to tail. Repeat with new wax until the shavings are clean.',
    doneWhen:
      purpose === 'clean'
        ? 'The shavings come off clean.'
        : 'The colour is even, with no grey left.',
    reason:
      purpose === 'clean'
        ? 'Warm soft wax carries the dirt out.'
        : 'Soft wax opens the base. Hard wax follows.',
  }),
  sponge_on: (work) => ({
    title: `Put on ${work.product}`,
    tool: 'Sponge',
    what: `Shake the bottle. Sponge it on in lengths of 15 to 20 cm over ${where(work)}. Close the bottle.`,
    doneWhen: 'An even wet film, no pools.',
    reason: 'It covers in one go with little waste.',
  }),
  wipe_on: (work) => ({
    title: `Put on ${work.product}`,
    tool: 'Cloth',
    what: `Wipe it on thin over ${where(work)}.`,
    doneWhen: 'An even wet film, no pools.',
    reason: 'It covers in one go with little waste.',
  }),
  roll_top: (work) => ({
    title: `Top layer: ${work.product}`,
    tool: 'Wool roller',
    what: `Rub a thin trace on ${where(work)}. Then the short-haired roller, tip to tail, light, spinning toward the tail.`,
    doneWhen: 'A thin even film. Two layers are usually enough.',
    reason: 'On old snow a roller block works best.',
  }),
  sponge_top: (work) => ({
    title: `Top layer: ${work.product}`,
    tool: 'Sponge',
    what: `Shake the bottle. Put a thin film on ${where(work)}. Close the bottle.`,
    doneWhen: 'A thin even film. Two layers are usually enough.',
    reason: 'On new snow a liquid works best.',
  }),
  polish_top: {
    title: 'Polish the top layer',
    tool: 'Soft nylon brush or cork',
    what: 'Tip to tail, light, without pressure.',
    doneWhen: 'An even shine.',
    reason: 'A thin film is fast. A thick one is not.',
  },
  brush: ({ brush, isMetal, isRotary }) => ({
    title: `Brush: ${BRUSH[brush]}`,
    tool: isRotary ? `Rotary ${BRUSH[brush]} brush` : `${capital(BRUSH[brush])} brush`,
    what: isMetal
      ? METAL_ONE_WAY
      : isRotary
        ? 'Spin toward the tail, light, tip to tail.'
        : 'Long strokes tip to tail, short quick ones where wax still shows.',
    doneWhen: 'No more dust. Against the light the structure is clear of wax.',
    reason: isMetal
      ? 'It takes wax out of the structure.'
      : 'It takes off what the brush before left.',
  }),
  scrape: ({ isBare, hasEdges }) => ({
    title: 'Scrape',
    tool: 'Sharp plastic scraper, 4–5 mm',
    what: `${hasEdges ? 'From tip to tail,' : 'Groove first, then'} ${
      isBare
        ? 'long light strokes with the scraper slightly tilted, until the base is bare.'
        : 'a few light strokes. The brushes do the rest.'
    }`,
    doneWhen: isBare
      ? 'No white patches. It feels bare to the back of your hand.'
      : 'The wax is thin and even.',
    reason: isBare ? 'Wax left on top only slows the ski.' : 'It protects the structure.',
  }),
  cool: ({ isColdRoom }) => ({
    title: 'Cool',
    tool: 'Rack',
    what: isColdRoom
      ? 'Let it cool in the warmest corner, not in the doorway. Hard wax cracks off in frost.'
      : 'Put it in the rack, base free, until it is as cool as the room.',
    doneWhen: 'The back of your hand feels no warmth.',
    reason: 'Wax keeps settling as it cools. Warm wax smears under the scraper.',
  }),
  cool_klister: {
    title: 'Cool',
    tool: 'Rack',
    what: 'Put it outside, base free, until it is as cold as the snow.',
    doneWhen: 'It no longer sticks to your finger in strings.',
    reason: 'Warm klister picks up snow and ices up.',
  },
  flash_off: {
    title: 'Let the solvent dry off',
    tool: 'Rack',
    what: 'Leave it in moving air, bottles closed, until no solvent is left.',
    doneWhen: 'No smell, no damp shine.',
    reason: 'Solvent in the base keeps wax out, and it burns.',
  },
  dry_film: {
    title: 'Let it dry',
    tool: 'Rack',
    what: 'Leave it until the film is milky and dry to the touch.',
    doneWhen: 'It is milky and does not smear.',
    reason: 'A wet film wipes off instead of holding.',
  },
  zone_ready: (work) => ({
    title: 'Prepare the grip zone',
    tool: 'Scraper and fine sandpaper',
    what: `Scrape old wax off, mark the zone ${zone(work)}, sand it lightly.`,
    doneWhen: 'Dull, clean, and marked at both ends.',
    reason: 'Grip wax holds on a roughened base.',
  }),
  crayon: (work) => ({
    title: `${work.product}: ${work.layers === 1 ? 'one layer' : `${work.layers} layers`}`,
    tool: 'Grip stick',
    what: `Rub it on thin ${zone(work)}. Smooth each layer before the next.`,
    doneWhen: 'Even colour over the whole zone.',
    reason: 'Several thin layers last longer than a thick one.',
  }),
  cork: ({ product }) => ({
    title: `Cork ${product}`,
    tool: 'Synthetic cork',
    what: 'Smooth each layer, light and quick. Keep the groove clear.',
    doneWhen: 'Smooth and thin, no ridges at the ends.',
    reason: 'Thin smooth layers hold and glide. A thick one does neither.',
  }),
  spread_klister: (work) => ({
    title: `Spread ${work.product}`,
    tool: 'Tube and plastic spreader',
    what: `Warm the tube in your hand or with warm air. Short strokes on each side of the groove ${zone(work)}, spread thin.`,
    doneWhen: 'A thin even film, and the groove is clear.',
    reason: 'Only klister holds on wet coarse, refrozen or icy snow.',
  }),
  clear_pattern: {
    title: 'Clear the pattern',
    tool: 'Stiff nylon brush',
    what: 'Brush residue out of the pattern, along and across. Never a scraper or an iron on it.',
    doneWhen: 'The steps of the pattern are sharp and clear.',
    reason: 'Residue ices up in wet new snow, and hot wax fills the pattern.',
  },
  pattern_liquid: ({ product }) => ({
    title: `Put ${product} on the pattern`,
    tool: 'Sponge',
    what: 'Work a thin film into the steps against icing. Close the bottle.',
    doneWhen: 'A damp shine, no pools in the steps.',
    reason: 'A dry pattern ices up in wet new snow.',
  }),
  skin_care: ({ product }) => ({
    title: 'Clean and treat the skin',
    tool: 'Cloth',
    what: `${product} on a cloth, with the hair, tip to tail. Keep hot wax and base cleaner off the skin.`,
    doneWhen: 'The hair lies flat and dark, and no base wax sticks in it.',
    reason: 'Dirt and old wax make a skin drag. A dry skin ices up.',
  }),
  press_rills: ({ widthMm }) => ({
    title: `Press the structure, ${widthMm} mm`,
    tool: 'Rilling tool',
    what: 'Tip to tail with even pressure, glide zones only. A plastic scraper flattens it again.',
    doneWhen: 'Even lines against the light.',
    reason: 'Water must run off. A smooth base sticks to wet snow.',
  }),
  leave_on: {
    title: 'Leave the wax on',
    tool: 'Dry dark place',
    what: 'Do not scrape. Wax over the edges too. Loosen the straps, no weight on the camber.',
    doneWhen: 'Base and edges are covered all over.',
    reason: 'A covered base does not dry out or rust over the summer.',
  },
  last_look: {
    title: 'Look along the base',
    tool: 'Light from behind',
    what: 'Sidewalls and edges clean, bases not touching, straps on.',
    doneWhen: 'No wax in the structure, none on the sidewalls.',
    reason: 'A fault found now costs a minute. On the start line it costs the race.',
  },
};

/** What a step has one do, in words. */
export function stepWords(work: StepWork): StepWords {
  const entry = STEP[work.code] as StepWords | ((work: StepWork) => StepWords);
  return typeof entry === 'function' ? entry(work) : entry;
}

/** Where the setting of the iron comes from. */
export const SETTING_REASON: WordsFor<SettingReason> = {
  lab_below_label: ({ belowK }, write) =>
    `From the iron lab for this ski and room: ${write.difference(belowK, 0)} below the label, so that the trail stays short.`,
  lab_as_label: 'From the iron lab for this ski and room: as the label says.',
  by_label: 'From the label.',
  by_label_lab_found_none: ({ lab }, write: Writer) =>
    `From the label. The iron lab found no better setting. ${say(IRON_REASON, lab, write)}`,
};

const ON_SHELF = {
  cleaner: 'cleaner',
  soft_wax: 'soft wax',
  hardener: 'hardener',
  wax_of_the_day: 'wax of the day',
  storage_wax: 'soft wax for storage',
  top_layer: 'top layer',
  grip_wax: 'grip wax',
  skin_care: 'skin care',
} as const;

/** What a sheet leaves out, or has to say besides its steps. */
export const SHEET_NOTE: WordsFor<SheetNote> = {
  ...SHOP,
  not_on_shelf: ({ what }) => `Left out: there is no ${ON_SHELF[what]} on the shelf.`,
  not_under_iron: ({ product }) => `${product} must not be ironed. Use it cold.`,
  no_heat_on_delamination: 'The ski is delaminated: no heat on it. Take it to a shop first.',
  no_grip_zone: 'Grip wax is only for classic skis that are waxed for grip.',
  no_pattern: 'This ski has no patterned base.',
  no_skin: 'This ski has no skin.',
  no_board: 'This is a ski, not a snowboard.',
  klister_takes_zone: 'Stick left out: klister takes the zone.',
  storage_takes_all: 'Wax of the day left out: storage wax goes on for the summer.',
  ironed_liquid_is_enough: 'Cold liquid left out: the ironed liquid is enough.',
  one_wax_of_the_day: 'Powder left out: one wax of the day is enough.',
  wax_is_ironed_already: 'Liquid left out: the wax of the day is ironed in already.',
  no_ventilation: 'No ventilation. Open door and window to iron, or work without heat.',
  grind_too_coarse: ({ grindMm, widthMm }) =>
    `The grind of ${grindMm} mm is coarser than the ${widthMm} mm the snow asks for. Another ski would be faster.`,
};

export const PROGRAMME: Record<Programme, string> = {
  edges: 'Edges',
  clean_liquid: 'Clean with liquid',
  clean_hot_scrape: 'Clean by hot scraping',
  new_base: 'New or fresh grind',
  hot_wax: 'Hot wax',
  powder: 'Powder',
  liquid: 'Liquid wax',
  liquid_ironed: 'Liquid wax, ironed in',
  hardening: 'Harden the edges',
  structure: 'Press structure',
  top_roller: 'Top layer by roller',
  top_sponge: 'Top layer by sponge',
  grip: 'Grip stick',
  klister: 'Klister',
  pattern: 'Patterned base',
  skin: 'Skin',
  storage: 'Storage wax',
  snowboard: 'Snowboard',
};

/** Why a programme is suggested. */
export const PROGRAMME_REASON: WordsFor<ProgrammeReason> = {
  powder_wax: ({ product }) => `${product} is a powder.`,
  long_way_for_liquid: ({ distanceKm }, write) =>
    `${write.distance(distanceKm)}: ironed in, a liquid lasts longer.`,
  cold_liquid: ({ product }) => `${product} goes on cold.`,
  iron_wax: ({ product }) => `${product} goes on with the iron.`,
  dirt_under_storage: 'Dirt under storage wax stays there.',
  season_over: 'The season is over.',
  edges_found: 'The base check found burrs or rust. Edges come before wax.',
  board: 'A snowboard has screws and a wide base.',
  fresh_grind: 'It has a fresh stone grind.',
  dirt_found: 'The base is dirty. Lift the dirt with warm soft wax.',
  dirt_found_no_iron: 'The base is dirty, and there is no iron to use.',
  hardener_in_choice: 'The choice asks for hardener along the edges.',
  structure_in_choice: 'The snow asks for a pressed structure.',
  race_top_roller: 'A race: a thin top layer by roller.',
  race_top_sponge: 'A race: a thin top layer by sponge.',
  classic_stick: 'A classic ski: grip wax in the zone, last.',
  classic_klister: 'Classic on wet or icy snow: klister in the zone, last.',
  pattern_ices: 'A dry pattern ices up.',
  skin_care: 'A skin needs its own care.',
};
