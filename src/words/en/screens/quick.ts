import type { GlideKind, GripKindKey } from '../../../core/quick';
import { plain } from '../../quantities';

export const GLIDE_KIND: Record<GlideKind, string> = {
  very_cold: 'Very cold',
  cold: 'Cold',
  cool: 'Cool',
  middle: 'Middle',
  mild: 'Mild',
  wet: 'Wet',
  all_round: 'All-round',
};

export const GRIP_KIND: Record<GripKindKey, string> = {
  stick_very_cold: 'grip stick',
  stick_cold: 'grip stick',
  stick_cool: 'grip stick',
  stick_mild: 'grip stick',
  stick_zero: 'grip stick',
  klister_ice: 'klister for ice',
  klister_zero: 'klister',
  klister_wet: 'klister for wet snow',
};

/** What the kinds of grip wax are called on a shelf. */
export const GRIP_NAME: Record<GripKindKey, string> = {
  stick_very_cold: 'Grip very cold',
  stick_cold: 'Grip cold',
  stick_cool: 'Grip cool',
  stick_mild: 'Grip mild',
  stick_zero: 'Grip zero',
  klister_ice: 'Klister ice',
  klister_zero: 'Klister zero',
  klister_wet: 'Klister wet',
};

export const quickScreen = {
  title: 'Quick answer',
  question: 'What do I wax with?',
  theSnow: 'The snow, and you',
  lookFor: (additive: string) => `Look for a block with this range on the box, ${additive}.`,
  frostPick: 'Frost Pick',
  noAdditive: 'no additive needed',
  with: (additives: string) => `with ${additives}`,
  hardness: 'Hardness, relative scale 0–100',
  iron: 'Iron',
  structure: 'Structure',
  structureOf: (kind: string, widthMm: number) => `${kind}, ${plain(widthMm, 2)} mm`,
  snowNeeds: (asks: string, sure: string) =>
    `The snow asks for ${asks}. Of the blocks in a shop this one is the best ${sure}.`,
  guessed: (snow: string, reason: string) => `Snow guessed at ${snow}. ${reason}`,
  oneStep: (softer: string, harder: string, distance: string) =>
    `Over ${distance}, the next softer block costs about ${softer}, the next harder one about ${harder}.`,
  grip: (kind: string, range: string, layers: number) =>
    `For grip: a ${kind} of ${range}, ${layers} thin layers.`,
  gripKlister: (kind: string, range: string) => `For grip: a ${kind}, ${range}, spread thin.`,
  overBinder: ' Over a binder.',
  toTheOuting: (name: string) => `Go to ${name}`,
  practice: 'Practice',
  devices: 'Devices',
  settings: 'Settings',
  startAnOuting: 'Start an outing',
  copyAnswer: 'Copy answer',
  copyLink: 'Copy link',
  print: 'Print',
  answerCopied: 'Answer copied.',
  linkCopied: 'Link copied.',
  notCopied: 'This browser does not allow copying. The link is in the address bar.',
  fixTheField: 'Enter a temperature to get an answer.',
};

export const quickInputs = {
  whatYouKnow: 'What you know',
  snowMeasured: 'Snow measured',
  onlyTheAir: 'Only the air',
  snowTemperature: 'Snow temperature',
  inTheShade: '1–2 cm deep, in the shade',
  airTemperature: 'Air temperature',
  sky: 'Sky',
  timeOfDay: 'Time of day',
  air: 'Air',
  dry: 'Dry',
  middling: 'Middling',
  humid: 'Humid',
  humidity: 'Humidity',
  grain: 'Grain',
  snowball: 'Snowball in your hand',
  discipline: 'Discipline',
  purpose: 'What for',
};

export const quickJob = {
  theJob: 'How to do it, for one pair',
  wax: (range: string) => `${range} wax`,
  gripWax: (kind: string, range: string) => `${kind[0]!.toUpperCase()}${kind.slice(1)} ${range}`,
  binder: 'binder',
};

export const ownBlocks = {
  whatHaveYouGot: 'What have you got?',
  typeTheRanges: 'Type the range on each block, or tick the kinds you have.',
  name: 'Name (optional)',
  from: 'From',
  to: 'To',
  addBlock: 'Add block',
  remove: (name: string) => `Delete ${name}`,
  usualKinds: 'Usual kinds (typical ranges, read your own labels)',
  kind: (name: string, range: string) => `${name}, ${range}`,
  ranked: 'Your blocks, best first',
  block: 'Block',
  label: 'Label',
  costs: 'Costs',
  best: 'Best',
  overTheBest: (seconds: string) => `+${seconds}`,
  theBest: 'the best you have',
  rangeWrong: 'The cold end must be colder than the warm end.',
  rangeMissing: 'Enter both ends of the range.',
  makeAnOuting: 'Make this an outing',
  putInTheLog: 'Put it in the log',
  keepThese: 'Keep these on my shelf',
  kept: (count: number) =>
    count === 1 ? 'One block added to the shelf.' : `${count} blocks added to the shelf.`,
  haveAll: 'They are on the shelf already.',
  unnamed: (range: string) => `Block ${range}`,
  takeOut: 'Delete',
};

export const share = {
  snow: (snow: string, humidity: string, grain: string, discipline: string, purpose: string) =>
    `Snow ${snow}, air ${humidity}, ${grain}. ${discipline}, ${purpose}.`,
  wax: (range: string, hardness: number, additive: string, iron: string) =>
    `Wax ${range} on the box (hardness ${hardness}), ${additive}. Iron ${iron}.`,
  cost: (sure: string, softer: string, harder: string, distance: string) =>
    `Best ${sure}. Next softer +${softer}, next harder +${harder} over ${distance}.`,
};
