import { failed, type WireResult } from './wire';
import { formatsScreenWords } from '../words/screens/formats';

const WORDS = formatsScreenWords.json;

/** JSON text as what it says, or `invalid_json`. */
export function jsonFrom(text: string): WireResult<unknown> {
  try {
    return { ok: true, value: JSON.parse(text) as unknown };
  } catch {
    return failed('invalid_json', WORDS.theBodyIsNotJson);
  }
}
