const BYTES = 16;
/** Keys that one tab remembers as its own. */
const MOST_OWN = 200;

const own: string[] = [];

/** A key for one write: sent again with the same key, it is done once. Works without https too. */
export function newWriteKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(BYTES));
  const key = Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('');
  own.push(key);
  if (own.length > MOST_OWN) own.shift();
  return key;
}

/** True for a key that this tab made lately. */
export const isOwnKey = (key: string): boolean => own.includes(key);
