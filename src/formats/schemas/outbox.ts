import { mixed, object } from 'yup';
import { OUTBOX_KINDS } from '../../core/model';
import { formatsScreenWords } from '../../words/screens/formats';
import { oneOfWords, plainText } from './fields';
import { MOST } from './ids';
import { later } from '../../words/later';

const WORDS = later(formatsScreenWords.schemas);

/** A write that a device kept while it was out of reach; its input is checked where it is done. */
export const outboxSchema = object({
  kind: oneOfWords(WORDS.kindOfWrite, OUTBOX_KINDS).required(WORDS.kindOfWriteIsMissing),
  key: plainText(WORDS.keyOfWrite, MOST).required(WORDS.keyOfWriteIsMissing),
  input: mixed<object>().required(WORDS.inputIsMissing),
});
