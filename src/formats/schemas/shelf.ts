import { number, object } from 'yup';
import { STOCK_MOVE_KINDS } from '../../core/terms';
import { formatsScreenWords } from '../../words/screens/formats';
import { oneOfWords, plainText } from './fields';
import { lazily } from '../../words/lazily';

const WORDS = lazily(formatsScreenWords.schemas);

/** A change of the grams on the shelf, as a person enters it: always a positive figure. */
export const stockMoveSchema = object({
  productId: plainText(WORDS.product, 64).required(WORDS.productIsMissing),
  kind: oneOfWords(WORDS.kind, STOCK_MOVE_KINDS).required(WORDS.sayWhatHappened),
  grams: number()
    .typeError(WORDS.gramsNotNumber)
    .min(0, WORDS.gramsMayNotBeNegative)
    .max(100_000, WORDS.gramsTooMany)
    .required(WORDS.gramsAreMissing),
  note: plainText(WORDS.note, 200),
});
