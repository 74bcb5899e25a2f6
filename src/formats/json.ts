import { failed, type WireResult } from './wire';
import { formatsScreenWords } from '../words/screens/formats';

const WORDS = formatsScreenWords.json;

/** Lists in lists: what people and programs send here has a few. */
const MOST_DEEP = 64;
const [QUOTE, BACKSLASH, LIST, END_LIST, OBJECT, END_OBJECT] = [34, 92, 91, 93, 123, 125];

/** Whether a text nests deeper than anything that is taken: readers that go down each level would fail at it. */
function isTooDeep(text: string): boolean {
  let [depth, isText] = [0, false];
  for (let at = 0; at < text.length; at += 1) {
    const sign = text.charCodeAt(at);
    if (isText && sign === BACKSLASH) at += 1;
    else if (sign === QUOTE) isText = !isText;
    else if (isText) continue;
    else if (sign === LIST || sign === OBJECT) {
      depth += 1;
      if (depth > MOST_DEEP) return true;
    } else if (sign === END_LIST || sign === END_OBJECT) depth -= 1;
  }
  return false;
}

/** JSON text as what it says, or `invalid_json`. */
export function jsonFrom(text: string): WireResult<unknown> {
  if (isTooDeep(text)) return failed('invalid_json', WORDS.tooDeep);
  try {
    return { ok: true, value: JSON.parse(text) as unknown };
  } catch {
    return failed('invalid_json', WORDS.theBodyIsNotJson);
  }
}
