import { plainText } from './fields';
import { invalidInput, type WireResult } from '../wire';

const MOST = 64;
const idSchema = plainText('Id', MOST).required('The id is missing.');

/** An id as it came from outside: text of a bounded length, or the problem. */
export function checkedId(value: unknown, field = 'id'): WireResult<string> {
  return typeof value === 'string' && idSchema.isValidSync(value, { strict: true })
    ? { ok: true, value }
    : invalidInput([{ field, message: `${field} must be text of up to ${MOST} characters.` }]);
}
