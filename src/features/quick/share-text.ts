import type { QuickAnswer, QuickInput } from '@/core/quick';
import { choiceWords } from '@/words/areas/choice';
import { termsWords } from '@/words/areas/terms';
import { quickScreenWords } from '@/words/screens/quick';
import { seconds, temperatureRange } from '@/words/quantities';
import { writerFor } from '@/words/write';
import type { Units } from '@/words/units';

const WORDS = quickScreenWords.share;

/** What to look for besides the range. */
export function additiveWords({ additives }: Pick<QuickAnswer, 'additives'>): string {
  const { noAdditive, with: withWords } = quickScreenWords.quickScreen;
  if (additives.length === 0) return noAdditive;
  return withWords(
    additives.map((one) => termsWords.inSentence(termsWords.ADDITIVE_WORDS[one])).join(', '),
  );
}

/** The answer in three lines, for a message to a friend. */
export function shareText(input: QuickInput, answer: QuickAnswer, units: Units): string {
  const write = writerFor(units);
  const { label, demand, distanceKm } = answer;
  return [
    WORDS.snow(
      write.temperature(demand.snow.temperatureC),
      write.percent(input.humidityFraction),
      termsWords.inSentence(termsWords.GRAIN_WORDS[input.grain]),
      termsWords.DISCIPLINE_WORDS[input.discipline],
      termsWords.inSentence(termsWords.PURPOSE_WORDS[input.purpose]),
    ),
    WORDS.wax(
      temperatureRange(label.lowC, label.highC, units),
      Math.round(label.hardness),
      additiveWords(answer),
      write.temperature(label.ironC, 0),
    ),
    WORDS.cost(
      choiceWords.odds(label.probabilityBest),
      seconds(label.softerSeconds),
      seconds(label.harderSeconds),
      write.distance(distanceKm),
    ),
  ].join('\n');
}
