/** The enumerations of the craft, in snake_case, shared by forms, files, the database and the API. */

export const ORIGINS = ['natural', 'machine_made', 'mixed'] as const;
export type Origin = (typeof ORIGINS)[number];

/** Wetness classes of the International Classification for Seasonal Snow on the Ground. */
export const WETNESSES = ['dry', 'moist', 'wet', 'very_wet', 'soaked'] as const;
export type Wetness = (typeof WETNESSES)[number];

/** Grain classes: precipitation particles, decomposing, rounded, faceted, melt forms, refrozen crust, machine-made. */
export const GRAINS = ['PP', 'DF', 'RG', 'FC', 'MF', 'refrozen_crust', 'MM'] as const;
export type Grain = (typeof GRAINS)[number];

/** The finger test: what is pushed into the snow with a steady hand (hand hardness, ICSSG 2009). */
export const HAND_HARDNESSES = ['fist', 'four_fingers', 'one_finger', 'pencil', 'knife'] as const;
export type HandHardness = (typeof HAND_HARDNESSES)[number];

export const DIRTS = ['clean', 'dirty'] as const;
export type Dirt = (typeof DIRTS)[number];

export const DISCIPLINES = ['skate', 'classic', 'alpine', 'touring', 'snowboard'] as const;
export type Discipline = (typeof DISCIPLINES)[number];

export const PURPOSES = ['race', 'training', 'recreation', 'touring'] as const;
export type Purpose = (typeof PURPOSES)[number];

/** Graphite and molybdenum are the two dry lubricants in use; `dry_lubricant` is for a label that does not say which. */
export const ADDITIVES = [
  'water_repellent',
  'dry_lubricant',
  'graphite',
  'molybdenum',
  'fluorocarbon',
  'hardener',
] as const;
export type Additive = (typeof ADDITIVES)[number];

export const FORMS = [
  'block',
  'powder',
  'liquid',
  'paste',
  'roller_block',
  'tube',
  'stick',
] as const;
export type Form = (typeof FORMS)[number];

/** What a product is for. */
export const PRODUCT_ROLES = [
  'base',
  'glide',
  'hardener',
  'top',
  'grip_stick',
  'klister',
  'binder',
  'cleaner',
  'skin_care',
] as const;
export type ProductRole = (typeof PRODUCT_ROLES)[number];

/** Roles whose products stand for no temperature. */
export const UNLABELLED_ROLES: readonly ProductRole[] = ['cleaner', 'skin_care'];

/** Why the grams on the shelf changed. */
export const STOCK_MOVE_KINDS = ['bought', 'used', 'corrected'] as const;
export type StockMoveKind = (typeof STOCK_MOVE_KINDS)[number];

/** What a label says the product is best in, besides its temperatures. */
export const LABEL_PREFERENCES = ['dry_air', 'moist_air', 'new_snow', 'old_snow'] as const;
export type LabelPreference = (typeof LABEL_PREFERENCES)[number];

/** How a product may be put on. */
export const APPLICATIONS = ['iron', 'cork', 'wipe', 'roller'] as const;
export type Application = (typeof APPLICATIONS)[number];

/** The base material: a sintered one drinks wax, an extruded one hardly does. */
export const BASE_TYPES = ['sintered', 'extruded'] as const;
export type BaseType = (typeof BASE_TYPES)[number];

/** Tools of the bench that a choice of method asks after. */
export const TOOLS = [
  'ski_iron',
  'household_iron',
  'cork',
  'rotary_brush',
  'roller',
  'riller',
] as const;
export type Tool = (typeof TOOLS)[number];

export const SKIES = ['clear', 'partly_cloudy', 'overcast'] as const;
export type Sky = (typeof SKIES)[number];

export const DAY_TIMES = ['night', 'dawn', 'midday', 'dusk'] as const;
export type DayTime = (typeof DAY_TIMES)[number];

/** What the snow of a choice is taken from: a reading, or the outlook for the start. */
export const BASES = ['measured', 'modelled'] as const;
export type ChoiceBasis = (typeof BASES)[number];

/** State of a ski's base before it is waxed: it decides what goes on first. */
export const BASE_STATES = ['in_use', 'dry', 'new', 'burnt'] as const;
export type BaseState = (typeof BASE_STATES)[number];

export const SKI_TYPES = [
  'alpine',
  'skate',
  'classic',
  'patterned',
  'skin',
  'touring',
  'snowboard',
] as const;
export type SkiType = (typeof SKI_TYPES)[number];

/** What a look over the base can find at a place. */
export const FINDING_KINDS = [
  'delamination',
  'gouge',
  'unflat',
  'burr',
  'rust',
  'burn',
  'dirt',
  'hairs',
  'dry',
] as const;
export type FindingKind = (typeof FINDING_KINDS)[number];

export const BASE_SIDES = ['left', 'middle', 'right'] as const;
export type BaseSide = (typeof BASE_SIDES)[number];

/** What happens in the life of a ski. */
export const SKI_EVENT_KINDS = [
  'waxed',
  'tested',
  'ground',
  'repaired',
  'stored',
  'kilometres',
] as const;
export type SkiEventKind = (typeof SKI_EVENT_KINDS)[number];

/** The snow that kilometres were skied on: how fast it empties a base. */
export const WEAR_SNOWS = ['usual', 'machine_made_or_icy', 'abrasive_cold', 'soft'] as const;
export type WearSnow = (typeof WEAR_SNOWS)[number];
