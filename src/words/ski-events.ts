import type { SkiEvent, Waxing } from '../core/ski';
import { skiWords } from './areas/ski';
import { termsWords } from './areas/terms';

const WORDS = skiWords.EVENT;

export const waxingWords = (): Record<Waxing, string> => ({
  hot: WORDS.hotWax,
  liquid: WORDS.liquid,
  top: WORDS.topLayer,
  box: WORDS.hotBox,
  storage: WORDS.storageWax,
});

/** What happened to a ski, in a line: `12 km, usual snow` or `Waxed, hot wax, 2 coats`. */
export function skiEventInWords(event: SkiEvent): string {
  if (event.kind === 'kilometres') {
    const snow = termsWords.WEAR_SNOW_WORDS[event.snow ?? 'usual'];
    return WORDS.km(event.km ?? 0, termsWords.inSentence(snow));
  }
  if (event.kind !== 'waxed') return termsWords.SKI_EVENT_WORDS[event.kind];
  if (event.waxing === 'box') return WORDS.waxedInTheHotBox(event.boxHours ?? 0);
  const coats = event.coats === 1 ? WORDS.oneCoat : WORDS.coats(event.coats ?? 1);
  return WORDS.waxed(termsWords.inSentence(waxingWords()[event.waxing ?? 'hot']), coats);
}
