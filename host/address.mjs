// The one form of an address: made once, before any rule is asked, and the only one that anything after it sees.

const MOST_URL = 4000;
/** What some readers of an address take for a separator, an end or a step up, and others do not. */
const UNCLEAR = /[\u0000-\u001f\u007f-\u009f\\;%#?]|\/\/|(^|\/)\.{1,2}(\/|$)/;

/**
 * The address of a request in its normal form, `/path` with what follows a `?` as it came. Undefined for what could be
 * read in two ways: steps up, doubled or encoded separators, backslashes, semicolons, control characters, anything that
 * is encoded twice or cannot be decoded, more than {@link MOST_URL} characters.
 * @param {string} url
 * @returns {string | undefined}
 * @example normalAddress('/outing/%61?b=1') === '/outing/a?b=1'; normalAddress('/icons/../x') === undefined
 */
export function normalAddress(url) {
  if (url.length > MOST_URL || !url.startsWith('/')) return undefined;
  const at = url.indexOf('?');
  const [raw, query] = at < 0 ? [url, ''] : [url.slice(0, at), url.slice(at)];
  // An encoded separator would become a plain one.
  if (/%2f|%5c/i.test(raw)) return undefined;
  const decoded = decodedOf(raw);
  if (decoded === undefined || UNCLEAR.test(decoded)) return undefined;
  const { pathname } = new URL(encodeURI(decoded), 'http://here');
  return decodedOf(pathname) === decoded ? pathname + query : undefined;
}

/** @param {string} text */
function decodedOf(text) {
  try {
    return decodeURIComponent(text);
  } catch {
    return undefined;
  }
}
