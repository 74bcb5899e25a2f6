import type { QuickAnswer, QuickInput } from '@/core/quick';
import { words } from '@/words';
import { seconds, temperatureRange } from '@/words/quantities';
import { writerFor } from '@/words/write';
import type { Units } from '@/words/units';

const WORDS = words.screens.quick.share;

/** What to look for besides the range. */
export function additiveWords({ additives }: Pick<QuickAnswer, 'additives'>): string {
  const { noAdditive, with: withWords } = words.screens.quick.quickScreen;
  if (additives.length === 0) return noAdditive;
  return withWords(
    additives.map((one) => words.terms.ADDITIVE_WORDS[one].toLowerCase()).join(', '),
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
      words.terms.GRAIN_WORDS[input.grain].toLowerCase(),
      words.terms.DISCIPLINE_WORDS[input.discipline],
      words.terms.PURPOSE_WORDS[input.purpose].toLowerCase(),
    ),
    WORDS.wax(
      temperatureRange(label.lowC, label.highC, units),
      Math.round(label.hardness),
      additiveWords(answer),
      write.temperature(label.ironC, 0),
    ),
    WORDS.cost(
      words.choice.odds(label.probabilityBest),
      seconds(label.softerSeconds),
      seconds(label.harderSeconds),
      write.distance(distanceKm),
    ),
  ].join('\n');
}
