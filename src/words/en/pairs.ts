import type { PairReason, SnowGround } from '../../core/pairs';
import type { WordsFor } from '../say';
import { span } from '../times';
import { FINDING_WORDS } from './terms';

const ON: Record<SnowGround, string> = {
  firm: 'on firm snow',
  usual: 'on this snow',
  loose: 'on loose snow',
};

const HOUR_MS = 3_600_000;
const timeLeft = (hours: number) => span(hours * HOUR_MS);

/** Why a pair suits a skier today, or not. */
const ago = (days: number) =>
  days < 1 ? 'today' : days < 2 ? 'yesterday' : `${Math.floor(days)} days ago`;

export const REASON: WordsFor<PairReason> = {
  grind_fits: ({ grindMm, widthMm }, write) =>
    `The grind of ${write.number(grindMm, 2)} mm suits the ${write.number(widthMm, 2)} mm that this snow needs.`,
  grind_too_coarse: ({ grindMm, widthMm }, write) =>
    `The grind of ${write.number(grindMm, 2)} mm is coarser than the ${write.number(widthMm, 2)} mm this snow needs. The bench cannot make it finer.`,
  grind_too_fine: ({ grindMm, widthMm }, write) =>
    `The grind of ${write.number(grindMm, 2)} mm is finer than the ${write.number(widthMm, 2)} mm this snow needs. The bench can press it wider.`,
  grind_unknown: 'The width of its grind is not known.',
  grind_worn: ({ km }, write) =>
    `The grind is worn: ${write.distance(Math.round(km))} since the stone.`,
  flex_fits: ({ flexKg, weightKg, ground }, write) =>
    `Its flex for ${write.number(flexKg)} kg suits ${write.number(weightKg)} kg ${ON[ground]}.`,
  flex_too_soft: ({ flexKg, weightKg, ground }, write) =>
    `Too soft: its flex is for ${write.number(flexKg)} kg, the skier weighs ${write.number(weightKg)} kg, ${ON[ground]}.`,
  flex_too_stiff: ({ flexKg, weightKg, ground }, write) =>
    `Too stiff: its flex is for ${write.number(flexKg)} kg, the skier weighs ${write.number(weightKg)} kg, ${ON[ground]}.`,
  flex_unknown: 'Its flex is not known.',
  reserve_low: ({ reserve }, write) =>
    `The base is low on wax (${write.percent(reserve)}) and needs more coats.`,
  reserve_low_late: ({ reserve, hoursLeft }, write) =>
    `The base is low on wax (${write.percent(reserve)}). There is no time for more coats: ${timeLeft(hoursLeft)} to the start.`,
  reserve_good: ({ reserve }, write) => `Wax reserve ${write.percent(reserve)}.`,
  marks: ({ kinds }) =>
    `Seen on its base: ${kinds.map((kind) => FINDING_WORDS[kind].toLowerCase()).join(', ')}.`,
  marks_late: ({ kinds, hoursLeft }) =>
    `Cannot be put right before the start, ${timeLeft(hoursLeft)} away: ${kinds.map((kind) => FINDING_WORDS[kind].toLowerCase()).join(', ')}.`,
  kept_for_training: 'It is kept for training.',
  tested_faster: ({ percent, seconds, daysAgo }, write) =>
    `On snow like this it tested ${write.loss(percent, 1)} faster, ${ago(daysAgo)}. That is ${write.number(seconds, 1)} s over this course.`,
  tested_slower: ({ percent, seconds, daysAgo }, write) =>
    `On snow like this it tested ${write.loss(percent, 1)} slower, ${ago(daysAgo)}. That is ${write.number(seconds, 1)} s over this course.`,
  tested_alike: ({ daysAgo }) =>
    `On snow like this no difference from the others of its test was clear, ${ago(daysAgo)}.`,
  skier_likes_it: 'The skier would take it.',
  of_the_team: 'It is not the skier’s own pair.',
};

/** How firm the snow is. */
export const GROUND: Record<SnowGround, string> = {
  firm: 'firm',
  usual: 'neither firm nor loose',
  loose: 'loose',
};
