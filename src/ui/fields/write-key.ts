const BYTES = 16;

/** A key for one write: sent again with the same key, it is done once. Works without https too. */
export function newWriteKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(BYTES));
  return Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('');
}
