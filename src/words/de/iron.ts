import { plain } from '../quantities';
import type { WordsAt } from '../language';

const cm = (metres: number) => `${Math.round(metres * 100)} cm`;
const sags = (
  { sagK }: { sagK: number },
  difference: (kelvin: number, decimals: number) => string,
) =>
  `Dieses Eisen kühlt während eines Zugs um ${difference(sagK, 0)} ab. Den Ski in zwei Hälften wachsen oder ein schwereres Eisen nehmen.`;

export const iron: WordsAt<'iron'> = {
  IRON_WARNING: {
    base_melts: ({ peakBaseC }, write) =>
      `Halt. Der Belag käme auf ${write.temperature(peakBaseC, 0)} und würde schmelzen.`,
    base_softens: ({ peakBaseC }, write) =>
      `Der Belag käme auf ${write.temperature(peakBaseC, 0)} und würde weich. Eisen niedriger stellen oder schneller führen.`,
    wax_smokes: ({ filmMostC, smokeC }, write) =>
      `Das Wachs erreicht ${write.temperature(filmMostC, 0)}. Es raucht ab ${write.temperature(smokeC, 0)}.`,
    iron_sags: (warning, write) => sags(warning, write.difference),
    trail_too_long: ({ fromPass, mostM }) =>
      `Ab Zug ${fromPass} ist die flüssige Spur länger als ${cm(mostM)}. Schneller führen, niedriger stellen oder den Ski abkühlen lassen.`,
    iron_too_cold: 'Das Eisen ist zu kalt. Dieses Wachs schmilzt nicht durch.',
    film_stays_solid: 'Das Wachs schmilzt nicht. Langsamer führen oder das Eisen höher stellen.',
  },
  IRON_REASON: {
    trail_in_range: ({ leastM, mostM }) =>
      `Die flüssige Spur bleibt zwischen ${cm(leastM)} und ${cm(mostM)}.`,
    cool_after: ({ passes, mostM }) =>
      `Nach ${passes === 1 ? 'einem Zug' : `${passes} Zügen`} ist die Spur länger als ${cm(mostM)}. Den Ski abkühlen lassen, dann noch einmal darüber.`,
    iron_sags: (reason, write) => sags(reason, write.difference),
    film_sets: ({ slowestS, setC }, write) =>
      `Selbst bei ${plain(slowestS)} s pro Zug erstarrt das Wachs unter einem Eisen von ${write.temperature(setC, 0)}. Erst Ski und Raum wärmen oder ein weicheres Wachs nehmen.`,
    base_too_hot: ({ setC, baseMostC }, write) =>
      `Das Wachs braucht ${write.temperature(setC, 0)}, der Belag verträgt aber höchstens ${write.temperature(baseMostC, 0)}. Mit Kork einarbeiten.`,
    trail_stays_long: ({ quickestS, mostM }) =>
      `Selbst bei ${plain(quickestS)} s pro Zug ist die Spur länger als ${cm(mostM)}. Den Ski abkühlen lassen oder das Eisen niedriger stellen.`,
  },
};
