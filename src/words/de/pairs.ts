import type { SnowGround } from '../../core/pairs';
import type { WordsAt } from '../language';
import { span } from '../times';
import { terms } from './terms';

const ON: Record<SnowGround, string> = {
  firm: 'auf festem Schnee',
  usual: 'auf diesem Schnee',
  loose: 'auf lockerem Schnee',
};

const HOUR_MS = 3_600_000;
const timeLeft = (hours: number) => span(hours * HOUR_MS);

const ago = (days: number) =>
  days < 1 ? 'heute' : days < 2 ? 'gestern' : `vor ${Math.floor(days)} Tagen`;
const marked = (kinds: readonly (keyof typeof terms.FINDING_WORDS)[]) =>
  kinds.map((kind) => terms.inSentence(terms.FINDING_WORDS[kind])).join(', ');

export const pairs: WordsAt<'pairs'> = {
  REASON: {
    grind_fits: ({ grindMm, widthMm }, write) =>
      `Der Schliff von ${write.number(grindMm, 2)} mm passt zu den ${write.number(widthMm, 2)} mm, die dieser Schnee braucht.`,
    grind_too_coarse: ({ grindMm, widthMm }, write) =>
      `Der Schliff von ${write.number(grindMm, 2)} mm ist gröber als die ${write.number(widthMm, 2)} mm, die dieser Schnee braucht, und feiner wird er am Wachstisch nicht.`,
    grind_too_fine: ({ grindMm, widthMm }, write) =>
      `Der Schliff von ${write.number(grindMm, 2)} mm ist feiner als die ${write.number(widthMm, 2)} mm, die dieser Schnee braucht. Am Wachstisch lässt er sich gröber pressen.`,
    grind_unknown: 'Die Breite des Schliffs ist nicht bekannt.',
    grind_worn: ({ km }, write) =>
      `Der Schliff ist abgefahren: ${write.distance(Math.round(km))} seit dem Stein.`,
    flex_fits: ({ flexKg, weightKg, ground }, write) =>
      `Die Spannung für ${write.number(flexKg)} kg passt zu ${write.number(weightKg)} kg ${ON[ground]}.`,
    flex_too_soft: ({ flexKg, weightKg, ground }, write) =>
      `Zu weich: Spannung für ${write.number(flexKg)} kg, der Läufer wiegt ${write.number(weightKg)} kg, ${ON[ground]}.`,
    flex_too_stiff: ({ flexKg, weightKg, ground }, write) =>
      `Zu hart: Spannung für ${write.number(flexKg)} kg, der Läufer wiegt ${write.number(weightKg)} kg, ${ON[ground]}.`,
    flex_unknown: 'Die Spannung ist nicht bekannt.',
    reserve_low: ({ reserve }, write) =>
      `Der Belag hat wenig Wachs (${write.percent(reserve)}) und braucht mehr Aufträge.`,
    reserve_low_late: ({ reserve, hoursLeft }, write) =>
      `Der Belag hat wenig Wachs (${write.percent(reserve)}), und mehr Aufträge dauern länger als die ${timeLeft(hoursLeft)} bis zum Start.`,
    reserve_good: ({ reserve }, write) => `Wachsvorrat ${write.percent(reserve)}.`,
    marks: ({ kinds }) => `Am Belag gesehen: ${marked(kinds)}.`,
    marks_late: ({ kinds, hoursLeft }) =>
      `Bis zum Start in ${timeLeft(hoursLeft)} nicht mehr zu beheben: ${marked(kinds)}.`,
    kept_for_training: 'Es ist für das Training bestimmt.',
    tested_faster: ({ percent, seconds, daysAgo }, write) =>
      `Auf solchem Schnee glitt es ${write.loss(percent, 1)} besser als die anderen des Tests, ${write.number(seconds, 1)} s auf dieser Strecke, ${ago(daysAgo)}.`,
    tested_slower: ({ percent, seconds, daysAgo }, write) =>
      `Auf solchem Schnee glitt es ${write.loss(percent, 1)} schlechter als die anderen des Tests, ${write.number(seconds, 1)} s auf dieser Strecke, ${ago(daysAgo)}.`,
    tested_alike: ({ daysAgo }) =>
      `Auf solchem Schnee war kein Unterschied zu den anderen des Tests sicher, ${ago(daysAgo)}.`,
    skier_likes_it: 'Der Läufer würde es nehmen.',
    of_the_team: 'Es ist nicht das eigene Paar des Läufers.',
  },
  GROUND: { firm: 'fest', usual: 'weder fest noch locker', loose: 'locker' },
};
