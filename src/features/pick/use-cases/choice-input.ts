import { mixed, object, type InferType } from 'yup';
import { BASES, BASE_STATES } from '@/core/terms';
import { moment, oneOfWords, plainText } from '@/formats/schemas/fields';
import { outingFactsSchema, ownCorrectionC } from '@/formats/schemas/outing';
import { pickScreenWords } from '@/words/screens/pick';
import { lazily } from '@/words/lazily';

const WORDS = lazily(pickScreenWords.saveChoice);

/** What the Pick screen sends: ids and what was typed there. All figures are computed anew. */
export const saveChoiceSchema = object({
  outingId: plainText(WORDS.outing, 64).required(),
  readingId: plainText(WORDS.reading, 64),
  productId: plainText(WORDS.product, 64).required(WORDS.takeAProduct),
  facts: outingFactsSchema.required(),
  startAt: moment(WORDS.start).required(WORDS.startIsMissing),
  /** The facts and the start as the screen was filled with them. */
  base: mixed(),
  basis: oneOfWords(WORDS.basis, BASES).required(WORDS.chooseWhatTheSnowIs),
  handCorrectionC: ownCorrectionC(WORDS.correctionByHand).required(WORDS.correctionIsMissing),
  baseState: oneOfWords(WORDS.stateOfTheBase, BASE_STATES),
  overrideReason: plainText(WORDS.reason, 300),
  note: plainText(WORDS.note, 500),
});

export type ChoiceInput = InferType<typeof saveChoiceSchema>;
