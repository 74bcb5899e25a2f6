import type { GripVerdict } from '../../core/grip';
import type {
  Additive,
  Application,
  BaseSide,
  BaseState,
  BaseType,
  DayTime,
  Dirt,
  Discipline,
  FindingKind,
  Form,
  Grain,
  HandHardness,
  LabelPreference,
  Origin,
  ProductRole,
  Purpose,
  SkiEventKind,
  SkiType,
  Sky,
  Tool,
  WearSnow,
  Wetness,
} from '../../core/terms';
import type { SurfaceKind } from '../../core/snow/outlook';
import type { AdditiveNeed, StructureKind } from '../../core/wax';

/** The words a person reads for each term of the craft. */
export const ORIGIN_WORDS: Record<Origin, string> = {
  natural: 'Natural',
  machine_made: 'Machine-made',
  mixed: 'Mixed',
};
export const WETNESS_WORDS: Record<Wetness, string> = {
  dry: 'Dry',
  moist: 'Moist',
  wet: 'Wet',
  very_wet: 'Very wet',
  soaked: 'Soaked',
};
/** The snowball test, in what the hand feels. */
export const SNOWBALL_WORDS: Record<Wetness, string> = {
  dry: 'will not ball',
  moist: 'balls, glove stays dry',
  wet: 'glove turns wet',
  very_wet: 'water drips when squeezed',
  soaked: 'slush',
};
export const GRAIN_WORDS: Record<Grain, string> = {
  PP: 'New snow',
  DF: 'Broken',
  RG: 'Rounded',
  FC: 'Faceted',
  MF: 'Melt forms',
  refrozen_crust: 'Refrozen crust',
  MM: 'Machine-made',
};
export const GRAIN_CODES: Record<Grain, string> = {
  PP: 'PP',
  DF: 'DF',
  RG: 'RG',
  FC: 'FC',
  MF: 'MF',
  refrozen_crust: 'MFcr',
  MM: 'MM',
};
export const BASE_STATE_WORDS: Record<BaseState, string> = {
  in_use: 'In use',
  dry: 'Dry, grey',
  new: 'New grind',
  burnt: 'Burnt edges',
};
export const DIRT_WORDS: Record<Dirt, string> = { clean: 'Clean', dirty: 'Dirty' };
export const DISCIPLINE_WORDS: Record<Discipline, string> = {
  skate: 'Skate',
  classic: 'Classic',
  alpine: 'Alpine',
  touring: 'Ski touring',
  snowboard: 'Snowboard',
};
export const PURPOSE_WORDS: Record<Purpose, string> = {
  race: 'Race',
  training: 'Training',
  recreation: 'Recreation',
  touring: 'Tour',
};
export const SKY_WORDS: Record<Sky, string> = {
  clear: 'Clear',
  partly_cloudy: 'Broken cloud',
  overcast: 'Overcast',
};
export const DAY_TIME_WORDS: Record<DayTime, string> = {
  night: 'Night',
  dawn: 'Dawn',
  midday: 'Midday',
  dusk: 'Dusk',
};
export const ADDITIVE_WORDS: Record<Additive, string> = {
  water_repellent: 'Water repellent',
  dry_lubricant: 'Dry lubricant',
  graphite: 'Graphite',
  molybdenum: 'Molybdenum',
  fluorocarbon: 'Fluorocarbon (legacy)',
  hardener: 'Hardener',
};
export const NEED_WORDS: Record<AdditiveNeed, string> = {
  water_repellent: 'a water repellent',
  dry_lubricant: 'a dry lubricant (graphite or molybdenum)',
};
export const FORM_WORDS: Record<Form, string> = {
  block: 'Block',
  powder: 'Powder',
  liquid: 'Liquid',
  paste: 'Paste',
  roller_block: 'Roller block',
  tube: 'Tube',
  stick: 'Stick',
};
export const STRUCTURE_WORDS: Record<StructureKind, string> = {
  fine: 'Fine',
  medium: 'Medium',
  medium_coarse: 'Medium coarse',
  coarse: 'Coarse',
  pressed_rills: 'Pressed rills',
};
export const SOURCE_WORDS: Record<string, string> = {
  probe: 'Probe',
  infrared: 'Infra-red',
  guess: 'Guess',
};
export const SURFACE_WORDS: Record<SurfaceKind, string> = {
  new: 'New snow',
  settled: 'Settled',
  groomed: 'Groomed',
  machine_made: 'Machine-made',
};
export const HAND_HARDNESS_WORDS: Record<HandHardness, string> = {
  fist: 'Fist',
  four_fingers: 'Four fingers',
  one_finger: 'One finger',
  pencil: 'Pencil',
  knife: 'Knife',
};
export const BASE_TYPE_WORDS: Record<BaseType, string> = {
  sintered: 'Sintered',
  extruded: 'Extruded',
};
export const TOOL_WORDS: Record<Tool, string> = {
  ski_iron: 'Ski iron',
  household_iron: 'Household iron',
  cork: 'Cork',
  rotary_brush: 'Rotary brush',
  roller: 'Wool roller',
  riller: 'Rilling tool',
};
export const ROLE_WORDS: Record<ProductRole, string> = {
  base: 'Base and conditioning',
  glide: 'Glide',
  hardener: 'Hardener',
  top: 'Top layer',
  grip_stick: 'Grip stick',
  klister: 'Klister',
  binder: 'Binder',
  cleaner: 'Cleaner',
  skin_care: 'Skin care',
};
export const APPLICATION_WORDS: Record<Application, string> = {
  iron: 'Iron',
  cork: 'Cork',
  wipe: 'Wipe',
  roller: 'Roller',
};
export const PREFERENCE_WORDS: Record<LabelPreference, string> = {
  dry_air: 'Dry air',
  moist_air: 'Moist air',
  new_snow: 'New snow',
  old_snow: 'Old snow',
};
export const SKI_TYPE_WORDS: Record<SkiType, string> = {
  alpine: 'Alpine',
  skate: 'Skate',
  classic: 'Classic, waxed',
  patterned: 'Classic, patterned',
  skin: 'Classic, skin',
  touring: 'Ski touring',
  snowboard: 'Snowboard',
};
export const FINDING_WORDS: Record<FindingKind, string> = {
  delamination: 'Delamination',
  gouge: 'Gouge',
  unflat: 'Not flat',
  burr: 'Burr',
  rust: 'Rust',
  burn: 'Burn',
  dirt: 'Dirt',
  hairs: 'Hairs',
  dry: 'Dry',
};
/** Two letters for a mark on the map of a base. */
export const FINDING_MARKS: Record<FindingKind, string> = {
  delamination: 'De',
  gouge: 'Go',
  unflat: 'Nf',
  burr: 'Br',
  rust: 'Ru',
  burn: 'Bn',
  dirt: 'Di',
  hairs: 'Ha',
  dry: 'Dr',
};
export const SIDE_WORDS: Record<BaseSide, string> = {
  left: 'Left',
  middle: 'Middle',
  right: 'Right',
};
export const SKI_EVENT_WORDS: Record<SkiEventKind, string> = {
  waxed: 'Waxed',
  tested: 'Tested',
  ground: 'Ground',
  repaired: 'Repaired',
  stored: 'Stored',
  kilometres: 'Kilometres',
};
export const WEAR_SNOW_WORDS: Record<WearSnow, string> = {
  usual: 'Usual snow',
  machine_made_or_icy: 'Machine-made or icy',
  abrasive_cold: 'Cold and abrasive',
  soft: 'Soft',
};

export const GRIP_VERDICT_WORDS: Record<GripVerdict, string> = {
  holds: 'Holds and glides',
  slips: 'Slips',
  ices: 'Ices up',
  drags: 'Drags',
};

/** A word of these tables within a sentence. */
export const inSentence = (word: string): string => word.toLowerCase();

/** What follows the figures of a span of time. */
export const SPAN = { day: 'd', hour: 'h', minute: 'min' };
