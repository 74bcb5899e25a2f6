import { plain } from '../quantities';
import type { WordsAt } from '../language';

const cm = (metres: number) => `${Math.round(metres * 100)} cm`;
const sags = (
  { sagK }: { sagK: number },
  difference: (kelvin: number, decimals: number) => string,
) =>
  `Jernet kjølner ${difference(sagK, 0)} i løpet av et drag. Ta en halv ski om gangen, eller bruk et tyngre jern.`;

export const iron: WordsAt<'iron'> = {
  IRON_WARNING: {
    base_melts: ({ peakBaseC }, write) =>
      `Stopp. Sålen ville nå ${write.temperature(peakBaseC, 0)} og smelte.`,
    base_softens: ({ peakBaseC }, write) =>
      `Sålen ville nå ${write.temperature(peakBaseC, 0)} og mykne. Still jernet lavere, eller før det fortere.`,
    wax_smokes: ({ filmMostC, smokeC }, write) =>
      `Voksen når ${write.temperature(filmMostC, 0)}. Den ryker fra ${write.temperature(smokeC, 0)}.`,
    iron_sags: (warning, write) => sags(warning, write.difference),
    trail_too_long: ({ fromPass, mostM }) =>
      `Fra drag ${fromPass} er det flytende sporet lengre enn ${cm(mostM)}. Før jernet fortere, still det lavere, eller la skien kjølne.`,
    iron_too_cold: 'Jernet er for kaldt. Denne voksen smelter ikke gjennom.',
    film_stays_solid: 'Voksen smelter ikke. Før jernet saktere, eller still det høyere.',
  },
  IRON_REASON: {
    trail_in_range: ({ leastM, mostM }) =>
      `Det flytende sporet holder seg mellom ${cm(leastM)} og ${cm(mostM)}.`,
    cool_after: ({ passes, mostM }) =>
      `Etter ${passes === 1 ? 'ett drag' : `${passes} drag`} er sporet lengre enn ${cm(mostM)}. La skien kjølne, og gå over den igjen.`,
    iron_sags: (reason, write) => sags(reason, write.difference),
    film_sets: ({ slowestS, setC }, write) =>
      `Selv med ${plain(slowestS)} s per drag stivner voksen under et jern på ${write.temperature(setC, 0)}. Varm opp ski og rom først, eller bruk en mykere voks.`,
    base_too_hot: ({ setC, baseMostC }, write) =>
      `Voksen trenger ${write.temperature(setC, 0)}, men sålen tåler ikke mer enn ${write.temperature(baseMostC, 0)}. Kork den inn.`,
    trail_stays_long: ({ quickestS, mostM }) =>
      `Selv med ${plain(quickestS)} s per drag er sporet lengre enn ${cm(mostM)}. La skien kjølne, eller still jernet lavere.`,
  },
};
