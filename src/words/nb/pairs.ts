import type { SnowGround } from '../../core/pairs';
import type { WordsAt } from '../language';
import { span } from '../times';
import { terms } from './terms';

const ON: Record<SnowGround, string> = {
  firm: 'på fast snø',
  usual: 'på denne snøen',
  loose: 'på løs snø',
};

const HOUR_MS = 3_600_000;
const timeLeft = (hours: number) => span(hours * HOUR_MS);

const ago = (days: number) =>
  days < 1 ? 'i dag' : days < 2 ? 'i går' : `for ${Math.floor(days)} dager siden`;
const marked = (kinds: readonly (keyof typeof terms.FINDING_WORDS)[]) =>
  kinds.map((kind) => terms.FINDING_WORDS[kind].toLowerCase()).join(', ');

export const pairs: WordsAt<'pairs'> = {
  REASON: {
    grind_fits: ({ grindMm, widthMm }, write) =>
      `Slipet på ${write.number(grindMm, 2)} mm passer til de ${write.number(widthMm, 2)} mm snøen trenger.`,
    grind_too_coarse: ({ grindMm, widthMm }, write) =>
      `Slipet på ${write.number(grindMm, 2)} mm er grovere enn de ${write.number(widthMm, 2)} mm snøen trenger, og benken kan ikke gjøre det finere.`,
    grind_too_fine: ({ grindMm, widthMm }, write) =>
      `Slipet på ${write.number(grindMm, 2)} mm er finere enn de ${write.number(widthMm, 2)} mm snøen trenger. Benken kan presse det grovere.`,
    grind_unknown: 'Bredden på slipet er ikke kjent.',
    grind_worn: ({ km }, write) =>
      `Slipet er slitt: ${write.distance(Math.round(km))} siden steinen.`,
    flex_fits: ({ flexKg, weightKg, ground }, write) =>
      `Spennet for ${write.number(flexKg)} kg passer til ${write.number(weightKg)} kg ${ON[ground]}.`,
    flex_too_soft: ({ flexKg, weightKg, ground }, write) =>
      `For myk: spennet er for ${write.number(flexKg)} kg, løperen veier ${write.number(weightKg)} kg, ${ON[ground]}.`,
    flex_too_stiff: ({ flexKg, weightKg, ground }, write) =>
      `For stiv: spennet er for ${write.number(flexKg)} kg, løperen veier ${write.number(weightKg)} kg, ${ON[ground]}.`,
    flex_unknown: 'Spennet er ikke kjent.',
    reserve_low: ({ reserve }, write) =>
      `Sålen har lite voks igjen (${write.percent(reserve)}) og trenger flere strøk.`,
    reserve_low_late: ({ reserve, hoursLeft }, write) =>
      `Sålen har lite voks igjen (${write.percent(reserve)}), og flere strøk tar lengre tid enn de ${timeLeft(hoursLeft)} til start.`,
    reserve_good: ({ reserve }, write) => `Voksreserve ${write.percent(reserve)}.`,
    marks: ({ kinds }) => `Sett på sålen: ${marked(kinds)}.`,
    marks_late: ({ kinds, hoursLeft }) =>
      `Rekker ikke å bli i orden før start om ${timeLeft(hoursLeft)}: ${marked(kinds)}.`,
    kept_for_training: 'Den holdes til trening.',
    tested_faster: ({ percent, seconds, daysAgo }, write) =>
      `På slik snø gled den ${write.loss(percent, 1)} bedre enn de andre i testen, ${write.number(seconds, 1)} s på denne løypa, ${ago(daysAgo)}.`,
    tested_slower: ({ percent, seconds, daysAgo }, write) =>
      `På slik snø gled den ${write.loss(percent, 1)} dårligere enn de andre i testen, ${write.number(seconds, 1)} s på denne løypa, ${ago(daysAgo)}.`,
    tested_alike: ({ daysAgo }) =>
      `På slik snø var det ingen klar forskjell fra de andre i testen, ${ago(daysAgo)}.`,
    skier_likes_it: 'Løperen ville tatt den.',
    of_the_team: 'Det er ikke løperens eget par.',
  },
  GROUND: { firm: 'fast', usual: 'verken fast eller løs', loose: 'løs' },
};
