import type {
  FormReason,
  FormWork,
  LayerPlace,
  LayerReason,
  MissingLayer,
  StructureTask,
} from '../../core/choice';
import type { BaseState, Form, Origin, Wetness } from '../../core/terms';
import type * as wax from '../../core/wax';
import type { WordsFor } from '../say';
import type { Writer } from '../write';
import { fixed, plain } from '../quantities';

export const LEDGER_LABEL: Record<wax.LedgerKey, string> = {
  temperature: 'Snow temperature',
  snow_temperature: 'Snow temperature',
  abrasion: 'Abrasion',
  dry_cap: 'Limit for dry snow',
  own: 'Your own correction',
  sharpness: 'Sharpness of the grains',
  new_snow: 'Sharp new crystals',
  humidity: 'Air humidity',
  machine_made: 'Machine-made snow',
  wetness: 'Wetness',
  glazed: 'Glazed or icy track',
  distance: 'Distance',
};

/** `6 tests and 2 outcomes`; nothing where there are none. */
export const countedResults = (tests: number, outcomes: number): string =>
  [
    tests === 0 ? '' : tests === 1 ? '1 test' : `${tests} tests`,
    outcomes === 0 ? '' : outcomes === 1 ? '1 outcome' : `${outcomes} outcomes`,
  ]
    .filter(Boolean)
    .join(' and ');

/** `6 tests and 2 outcomes here`. */
export const resultsInWords = (tests: number, outcomes: number): string =>
  tests + outcomes === 0 ? 'results elsewhere' : `${countedResults(tests, outcomes)} here`;

const WETNESS: Record<Wetness, string> = {
  dry: 'No free water.',
  moist: 'A snowball holds: there is some free water.',
  wet: 'Water shows between the grains.',
  very_wet: 'Water can be pressed out by hand.',
  soaked: 'Slush, full of water.',
};
const ORIGIN: Record<Origin, string> = {
  natural: 'Natural snow.',
  mixed: 'Partly machine-made: a little harder.',
  machine_made: 'Dense and abrasive: harder.',
};

/** Why each line of a ledger is what it is. */
export const LEDGER_REASON: WordsFor<wax.LedgerReason> = {
  measured_at_base: 'Measured where the ski touches. Labels are in snow temperature.',
  grain_sharp: 'Sharp crystals dig into the base: harder.',
  grain_rounded: 'Rounded grains do not dig in: softer.',
  grain_settled: 'Settled snow: no change.',
  grain_not_given: 'No grain given. Counted as settled snow: no change.',
  humidity_moist: 'Moist air rounds the crystals: softer.',
  humidity_dry: 'Dry air keeps crystals sharp: harder.',
  humidity_middling: 'Average humidity: no change.',
  humidity_idle: 'Only counts on dry snow. This snow is wet already.',
  origin: ({ origin }) => ORIGIN[origin],
  hard_track: ({ origin }) =>
    origin === 'natural'
      ? 'An icy track or a crust wears wax off: harder.'
      : 'An icy track of machine-made snow wears wax off: harder.',
  abrasion_idle: 'So much water has smoothed this snow.',
  wet_snow_at_zero: (_, write) =>
    `Snow with free water is at ${write.temperature(0, 0)}, whatever the probe says.`,
  dry_cap: 'Dry snow never needs a wax above 0.',
  dry_cap_idle: 'The sum is within what dry snow asks for.',
  wetness: ({ wetness }) => WETNESS[wetness],
  distance_long: 'The wax has to last: harder.',
  distance_short: 'Short enough to make no difference.',
  own: ({ venueC, handC }, write) =>
    venueC === 0
      ? 'Set by you for this choice.'
      : handC === 0
        ? 'Set on the venue.'
        : `${write.difference(venueC)} by the venue and ${write.difference(handC)} by hand.`,
  own_learned: ({ venueC, handC, learnedC, tests, outcomes }, write) =>
    [
      `${write.change(learnedC)} learned, from ${resultsInWords(tests, outcomes)}.`,
      venueC === 0 ? '' : `${write.difference(venueC)} set on the venue.`,
      handC === 0 ? '' : `${write.difference(handC)} by hand.`,
    ]
      .filter(Boolean)
      .join(' '),
  own_none: 'None set.',
  not_glazed: 'Not glazed.',
  grip_label_new: 'Uses the label for new snow.',
  grip_label_old: 'Uses the label for old snow.',
  grip_new_crystals: 'They dig in deep: harder.',
  grip_not_new: 'Not new snow. The label for old snow covers it.',
  grip_humidity: 'Moist air rounds the crystals: softer.',
  grip_humidity_idle: 'Only counts on dry snow.',
  grip_machine_made: 'Sharp, and wears wax off: harder.',
  grip_natural_or_wet: 'Natural snow, or wet snow.',
  grip_dry: 'No free water.',
  grip_wet: 'Water lets the grains slide: softer.',
  grip_glazed: 'Ice wears soft wax off: harder, over a binder.',
};

const NEED: Record<wax.AdditiveNeed, string> = {
  water_repellent: 'water repellent',
  dry_lubricant: 'dry lubricant',
};

/** Why a product stands where it stands. */
export const RANKING_REASON: WordsFor<wax.RankingReason> = {
  fluorocarbon_excluded: 'Not allowed: it contains fluorocarbons, and this outing bans them.',
  at_the_middle: ({ centreC }, write) =>
    `Right for today: the middle of its label is ${write.temperature(centreC)}.`,
  too_soft: ({ byK, centreC }, write) =>
    `${write.difference(byK)} too soft: the middle of its label is ${write.temperature(centreC)}.`,
  too_hard: ({ byK, centreC }, write) =>
    `${write.difference(byK)} too hard: the middle of its label is ${write.temperature(centreC)}.`,
  lacks: ({ need }) => `Has no ${NEED[need]}.`,
  needless: ({ need }) => `Its ${NEED[need]} is not needed today.`,
  wide_label: ({ spanK, costPercent }, write) =>
    `Its wide label (${write.difference(spanK)}) costs ${write.loss(costPercent)}.`,
  keeps_costlier: ({ costlier, extraPercent, savedAPair }, write) =>
    `${costlier} would lose ${write.loss(extraPercent)} less, but it is kept for races. This one saves ${fixed(savedAPair, 2)} a pair.`,
};

/** Why an additive is asked for. */
export const ADDITIVE_REASON: WordsFor<wax.AdditiveReason> = {
  free_water: 'The snow holds free water, and the base must shed it.',
  humid_air: ({ humidityOverIce }, write) =>
    `Air at ${write.percent(humidityOverIce)} humidity over ice puts moisture on the snow.`,
  dirty_snow: 'Dirt sticks to plain wax.',
  machine_made_dirt: 'Machine-made snow is abrasive and rarely clean.',
  static_charge: 'Cold and dry: static charge builds up.',
};

/** Why a structure is asked for. */
export const STRUCTURE_REASON: WordsFor<wax.StructureReason> = {
  structure_free_water: 'Free water needs pressed rills: two firm passes, glide zones only.',
  structure_wet: 'A smooth base sticks to wet snow.',
  structure_moist_fine: 'Moist snow with fine grains.',
  structure_moist_round: 'Moist snow with round grains.',
  structure_cold: 'Cold, fine snow: little or no structure.',
  structure_dry: 'Dry snow: a shallow, medium structure.',
};

/** What the figures cannot know, or what can go wrong today. */
export const CAUTION: WordsFor<wax.ChoiceCaution> = {
  wet_snow_below_zero: ({ temperatureC }, write) =>
    `Wet snow is at ${write.temperature(0, 0)}, but the probe says ${write.temperature(temperatureC)}. The wetness is taken. Check the probe or repeat the snowball test.`,
  made_and_natural:
    'Machine-made grains on natural snow. The origin is taken: natural. Correct one of the two.',
  crust_and_wet:
    'A refrozen crust is frozen, but the snow is wet. The water is taken. Correct one of the two.',
  glazed_and_soaked:
    'A glazed track is frozen, but the snow is soaked. The water is taken, and no ice is reckoned with.',
  abrades_any_wax: ({ belowC }, write) =>
    `Below ${write.temperature(belowC, 0)} the crystals wear off any wax. Use hard wax in several layers.`,
  all_excluded: 'No product may be used: the rule of this outing excludes all of them.',
  nothing_fits: ({ equivalentC, nearest, lossPercent }, write) =>
    `Nothing on the shelf fits. You need a label around ${write.temperature(equivalentC, 0)}. The nearest is ${nearest}, which loses ${write.loss(lossPercent, 1)}.`,
  legacy_fluorocarbons:
    'Old fluorocarbon wax is not legal in a sanctioned race. Use extraction and a suitable respirator, no flame, no smoking. Cover your skin. Follow labels and local rules, also for the waste.',
};

/** What the snow of a choice is taken from, and why. */
export const BASIS_REASON: WordsFor<wax.BasisReason> = {
  measured_at_start: 'Measured at the time of the start, so it counts more than the model.',
  modelled_for_start: 'Modelled for the start and corrected by your readings.',
  last_reading: 'From the last reading. There is no weather for the start.',
};

const CONDITIONING: Record<BaseState, string> = {
  in_use: 'No race and no abrasive snow: a soft coat keeps the base full.',
  dry: 'The base is dry. Iron in a soft wax first and scrape it warm.',
  new: 'A new grind takes up much wax. Soft wax first, scraped warm, then the harder coats.',
  burnt: 'The base is burnt along the edges. A soft wax first shows what it still takes.',
};

const TOP_FORM: Partial<Record<Form, string>> = {
  liquid: ': a liquid',
  paste: ': a paste',
  roller_block: ': a block for the roller',
  block: ': rubbed on and corked',
  powder: ': a powder, corked',
};
const topForm = (form: Form) => TOP_FORM[form] ?? '';

/** Why a layer is on the ski. */
export const LAYER_REASON: WordsFor<LayerReason> = {
  condition_base: ({ baseState }) => CONDITIONING[baseState],
  under_long: ({ distanceKm }, write) =>
    `${write.distance(distanceKm)} is long: a harder wax underneath makes it last.`,
  under_abrasive: 'The track is abrasive: a harder wax underneath keeps the wax on.',
  under_sharp: 'Sharp crystals grind wax off: a harder wax underneath keeps it on.',
  edges_burnt: 'The base is burnt along the edges: a strip along the edges underfoot.',
  edges_hard_snow: 'Hard snow burns the base: a strip along the edges underfoot.',
  one_coat: 'One coat is enough.',
  more_coats: ({ isRace, isLong }) =>
    `${isRace && isLong ? 'A long race' : isRace ? 'A race' : 'A long distance'}: let each coat cool, then scrape and brush it.`,
  top_old_snow: ({ form }) => `For the race, a thin top layer on old snow${topForm(form)}.`,
  top_new_snow: ({ form }) => `For the race, a thin top layer on new snow${topForm(form)}.`,
};

/** What the day asks for and the shelf does not have. */
export const MISSING_LAYER: WordsFor<MissingLayer> = {
  no_conditioner: 'A soft base wax for conditioning.',
  no_hardener: 'A hardener for the edges underfoot.',
  no_harder_wax: 'A harder wax to go underneath.',
  no_top_layer: 'A top layer that fits. It gains little: go without.',
};

/** How the wax goes on. */
export const FORM_WORK: WordsFor<FormWork> = {
  liquid_cold: 'Shake it, sponge it on, close the bottle, let it dry, then brush. No flame near.',
  rub_and_cork: 'Rub it on thin and cork it smooth. No heat, no solvent.',
  powder_and_iron: 'Sprinkle about 1 g a ski, then one controlled set of iron passes.',
  block_and_iron: 'Iron it in, let it cool, scrape, brush.',
};

/** Why it goes on so. */
export const FORM_REASON: WordsFor<FormReason> = {
  no_iron: 'There is no iron.',
  no_ventilation: 'The room has no ventilation.',
  no_fresh_air: 'Without fresh air use neither iron nor solvent.',
  too_little_time: ({ leastHours }) =>
    `Less than ${leastHours} h is left. Hot wax would not cool down in time.`,
  extruded_base: 'An extruded base takes up little wax from the iron.',
  hard_as_powder: 'A hard wax melts faster and more evenly as powder.',
  lasts_longest: 'It lasts longest, and there is time.',
  only_form: 'This wax comes in this form.',
  liquid_outside: 'Without fresh air put it on outdoors.',
};

const RILLS = 'Press with the';

/** How the structure gets into the base. */
export const STRUCTURE_WORK: WordsFor<StructureTask> = {
  grind_fits: (task) => `${opened(task)} The grind fits: no rill tool.`,
  grind_too_coarse: (task) => `${opened(task)} The grind is too coarse: use another ski.`,
  two_firm_passes: (task) =>
    `${opened(task)} ${RILLS} ${plain(task.widthMm, 2)} mm rill tool: two firm passes, glide zones only.`,
  one_pass: (task) =>
    `${opened(task)} ${RILLS} ${plain(task.widthMm, 2)} mm rill tool: one pass, glide zones only.`,
  press_nothing: (task) => `${opened(task)} No rill tool.`,
};

const BRUSH_NAME = { steel: 'steel', brass: 'brass' } as const;
const opened = ({ brush }: StructureTask) =>
  `Open the structure with the ${BRUSH_NAME[brush]} brush, tip to tail.`;

const FORM_AS: Record<Form, string> = {
  block: 'as a block',
  powder: 'as powder',
  liquid: 'as a liquid',
  paste: 'as a paste',
  roller_block: 'by roller',
  tube: 'from the tube',
  stick: 'from the stick',
};
const COATS = ['', 'one coat', 'two coats', 'three coats'];
const STRUCTURE_AS: Record<wax.StructureKind, string> = {
  fine: 'fine structure',
  medium: 'medium structure',
  medium_coarse: 'medium coarse structure',
  coarse: 'coarse structure',
  pressed_rills: 'pressed rills',
};

/** Odds as people say them: “7 times in 10”. */
export function odds(probability: number): string {
  if (probability > 0.95) return 'almost certainly';
  if (probability < 0.05) return 'less than 1 time in 10';
  const times = Math.max(1, Math.round(probability * 10));
  return times === 1 ? 'once in 10' : `${times} times in 10`;
}

/** Least expected loss and most often the best are two things: between two waxes the safe middle is seldom the best. */
export const standing = (probability: number, losesLeast: boolean): string =>
  losesLeast && probability < 0.5
    ? `Loses least on average. Best of the shelf ${odds(probability)}.`
    : `Best of the shelf ${odds(probability)}.`;

/** What the sentence of an answer is made of. */
export interface AnswerParts {
  name: string;
  form: Form;
  coats: number;
  layers: Partial<Record<LayerPlace, string>>;
  structure: { kind: wax.StructureKind; widthMm: number };
  probabilityBest: number;
  /** Whether it is the first of the ranking. */
  losesLeast: boolean;
  snowC: number;
  equivalentC: number;
}

/** How it goes on: form, coats, layers, structure. */
const howParts = ({ form, coats, layers, structure }: AnswerParts): string[] =>
  [
    FORM_AS[form],
    COATS[Math.min(3, coats)],
    layers.under && `over ${layers.under}`,
    layers.top && `${layers.top} on top`,
    layers.edges && `${layers.edges} along the edges`,
    `${STRUCTURE_AS[structure.kind]} of ${plain(structure.widthMm, 2)} mm`,
  ].filter((part): part is string => part !== undefined && part !== '');

/** One line of how: to be read under the product's name. */
export function how(parts: AnswerParts): string {
  const line = howParts(parts).join(', ');
  return `${line.charAt(0).toUpperCase()}${line.slice(1)}.`;
}

/** The answer in one sentence or two: what, in which form and layers, with what structure, how sure, and why. */
export function answer(parts: AnswerParts, write: Writer): string {
  return [
    `${[`${parts.name} ${howParts(parts)[0]}`, ...howParts(parts).slice(1)].join(', ')}.`,
    standing(parts.probabilityBest, parts.losesLeast),
    `The snow is ${write.temperature(parts.snowC)} and needs a wax at ${write.temperature(parts.equivalentC)}.`,
  ].join(' ');
}
