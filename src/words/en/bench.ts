import type { ProgrammeReason, SettingReason, SheetNote, StepCaution } from '../../core/bench';
import type { Programme } from '../../core/bench';
import type { Writer } from '../write';
import { say, type WordsFor } from '../say';
import { IRON_REASON } from './iron';
import { SHOP } from './ski';
import { plain } from '../quantities';

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
  high_melt:
    'So hot a label melts the base and makes fumes: respirator, extraction, quick passes. At the first smoke take the iron away.',
  box: 'Check the box with a thermometer. Hotter than set, bases and bonding suffer. Bindings and skins must allow it.',
  burning_filler: 'Burning filler drips. Put a metal plate under it, and keep solvent away.',
  solvent_drying: 'No heat and no flame until the solvent is gone.',
};

/** Where the setting of the iron comes from. */
export const SETTING_REASON: WordsFor<SettingReason> = {
  lab_below_label: ({ belowK }, write) =>
    `The iron lab for this ski and room: ${write.difference(belowK, 0)} below the label keeps the trail short.`,
  lab_as_label: 'The iron lab for this ski and room: as the label says.',
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
  not_for_roller: ({ product }) =>
    `Top layer left out: ${product} is not made for the roller. Put it on by sponge.`,
  not_for_sponge: ({ product }) =>
    `Top layer left out: ${product} is not a liquid. Put it on by roller.`,
  iron_cannot_hold: ({ product, ironC }, write) =>
    `${product} left out: its label asks for ${write.temperature(ironC, 0)}, and your iron cannot hold that. Use a heavy digital iron.`,
  too_hard_for_box: ({ product }) =>
    `Hot box left out: ${product} stays hard in a box. Iron it in, or take a softer wax.`,
  not_a_liquid: ({ product }) =>
    `${product} is not a liquid. Iron it in as it is, without a sheet.`,
  no_box_for_skin: 'Hot box left out: hours of heat loosen a skin.',
  under_left_out: ({ product }) =>
    `Left out: ${product} beneath the liquid. Tick “Hot wax” as well to iron it in first.`,
  grinder_first: 'The base is not flat: the grinder comes before all other work.',
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
    `The grind of ${plain(grindMm, 2)} mm is coarser than the ${plain(widthMm, 2)} mm the snow needs. Another ski would be faster.`,
};

export const PROGRAMME: Record<Programme, string> = {
  edges: 'Edges',
  clean_liquid: 'Clean with liquid',
  clean_hot_scrape: 'Clean by hot scraping',
  new_base: 'New or fresh grind',
  hot_wax: 'Hot wax',
  powder: 'Powder',
  liquid: 'Cold: liquid, paste or rubbed on',
  liquid_ironed: 'Liquid, ironed in',
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
  hot_box: 'Hot box',
};

/** Why a programme is suggested. */
export const PROGRAMME_REASON: WordsFor<ProgrammeReason> = {
  powder_wax: ({ product }) => `${product} is a powder.`,
  long_way_for_liquid: ({ distanceKm }, write) =>
    `${write.distance(distanceKm)}: ironed in, a liquid lasts longer.`,
  cold_liquid: ({ product }) => `${product} goes on cold.`,
  iron_wax: ({ product }) => `${product} goes on with the iron.`,
  under_first: ({ product }) => `${product} goes under the liquid, with the iron.`,
  rubbed_without_iron: ({ product }) =>
    `No iron or no fresh air: ${product} is rubbed on and corked.`,
  dirt_under_storage: 'Dirt under storage wax stays there.',
  season_over: 'The season is over.',
  edges_found: 'The base check found burrs. Edges come before wax.',
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
