import { mixed, object } from 'yup';
import { OFFLINE_WRITES, ONCE_CALLED } from '../../core/model';
import { formatsScreenWords } from '../../words/screens/formats';
import { oneOfWords, plainText } from './fields';
import { MOST } from './ids';
import { lazily } from '../../words/lazily';

const WORDS = lazily(formatsScreenWords.schemas);

/** A write that a device kept while it was out of reach; its input is checked where it is done. */
export const outboxSchema = object({
  kind: oneOfWords(WORDS.kindOfWrite, [...OFFLINE_WRITES, ...Object.keys(ONCE_CALLED)]).required(
    WORDS.kindOfWriteIsMissing,
  ),
  key: plainText(WORDS.keyOfWrite, MOST).required(WORDS.keyOfWriteIsMissing),
  input: mixed<object>().required(WORDS.inputIsMissing),
});
