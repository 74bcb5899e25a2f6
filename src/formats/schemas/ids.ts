import { idText } from './fields';
import { invalidInput, type WireResult } from '../wire';
import { formatsScreenWords } from '../../words/screens/formats';
import { lazily } from '../../words/lazily';

const WORDS = lazily(formatsScreenWords.schemas);

/** Longest id, characters. */
export const MOST = 64;
const idSchema = idText(WORDS.id, MOST).required(WORDS.theIdIsMissing);

/** An id as it came from outside: text of a bounded length, or the problem. */
export function checkedId(value: unknown, field = 'id'): WireResult<string> {
  return typeof value === 'string' && idSchema.isValidSync(value, { strict: true })
    ? { ok: true, value }
    : invalidInput([{ field, message: WORDS.textExpected(field, MOST)() }]);
}
