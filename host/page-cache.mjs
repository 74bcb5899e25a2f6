// While there is much to do, the same page asked by many within a moment is made once.
// A page of this app is the same for everybody with the same cookies; its nonce is then shared for that moment.

/** So long a page is as good as new; */
const KEPT_MS = 3000;
/** so long it is still handed out while somebody has it made anew, so that not all pages are made at once. */
const STALE_MS = 6000;
const MOST_KEPT = 60;
const MOST_BYTES = 4_000_000;
/** What a browser says when it fetches a page anew, or a part of one. */
const ROUTING = [
  'rsc',
  'next-router-state-tree',
  'next-router-prefetch',
  'next-router-segment-prefetch',
  'next-url',
];

/**
 * @typedef {{ status: number, headers: import('node:http').OutgoingHttpHeaders, body: Buffer }} Page
 * @typedef {{ page: Promise<Page | undefined>, sinceMs: number, isMade: boolean, before: Entry | undefined }} Entry
 * @typedef {import('node:http').IncomingMessage} Asked
 * @typedef {import('node:http').ServerResponse} Answer
 */

/** The pages made a moment ago, and those under way. */
export class PageCache {
  constructor() {
    /** @type {Map<string, Entry>} */
    this.kept = new Map();
  }

  /** What a page depends on; undefined for what is no page. @param {Asked} asked @param {string} role of who asks */
  keyOf({ method, url, headers }, role) {
    const isPart = headers.rsc !== undefined;
    const isWhole = String(headers.accept ?? '').includes('text/html');
    if (method !== 'GET' || headers.range !== undefined || (!isPart && !isWhole)) return undefined;
    const { cookie, 'accept-encoding': encoding, 'accept-language': language } = headers;
    // Of a page that is fetched anew also: which parts of it the browser has.
    const parts = isPart ? ROUTING.map((name) => headers[name]) : [];
    return [role, headers.host, url, cookie, encoding, language, ...parts].join('\n');
  }

  /** @param {string} key @returns {Promise<Page | undefined> | undefined} */
  find(key) {
    const entry = this.kept.get(key);
    if (!entry) return undefined;
    const ageOf = (/** @type {Entry} */ { sinceMs }) => Date.now() - sinceMs;
    if (entry.isMade) return ageOf(entry) < KEPT_MS ? entry.page : undefined;
    const { before } = entry;
    return before && ageOf(before) < STALE_MS ? before.page : entry.page;
  }

  /** Keeps what is written to an answer. @param {string} key @param {Answer} answer */
  record(key, answer) {
    /** @type {Buffer[]} */
    const pieces = [];
    let size = 0;
    const keep = (/** @type {unknown} */ piece, /** @type {unknown} */ encoding) => {
      if (piece === undefined || piece === null || typeof piece === 'function') return;
      const bytes =
        typeof piece === 'string'
          ? Buffer.from(
              piece,
              typeof encoding === 'string' ? /** @type {BufferEncoding} */ (encoding) : 'utf8',
            )
          : Buffer.from(/** @type {Uint8Array} */ (piece));
      size += bytes.length;
      if (size <= MOST_BYTES) pieces.push(bytes);
    };
    const { write, end } = answer;
    answer.write = /** @type {typeof write} */ (
      (/** @type {any[]} */ ...args) => {
        keep(args[0], args[1]);
        return write.apply(answer, /** @type {any} */ (args));
      }
    );
    answer.end = /** @type {typeof end} */ (
      (/** @type {any[]} */ ...args) => {
        keep(args[0], args[1]);
        return end.apply(answer, /** @type {any} */ (args));
      }
    );
    const page = new Promise((/** @type {(page: Page | undefined) => void} */ resolve) => {
      answer.once('close', () => {
        const isWhole = answer.writableFinished && answer.statusCode === 200 && size <= MOST_BYTES;
        if (this.kept.get(key) === entry && !isWhole) this.kept.delete(key);
        entry.isMade = true;
        entry.before = undefined;
        const headers = { ...answer.getHeaders() };
        delete headers['transfer-encoding'];
        resolve(
          isWhole ? { status: answer.statusCode, headers, body: Buffer.concat(pieces) } : undefined,
        );
      });
    });
    const last = this.kept.get(key);
    /** @type {Entry} */
    const entry = {
      page,
      sinceMs: Date.now(),
      isMade: false,
      before: last?.isMade ? last : undefined,
    };
    this.kept.delete(key);
    this.kept.set(key, entry);
    while (this.kept.size > MOST_KEPT) this.kept.delete(String(this.kept.keys().next().value));
  }

  /** After a write every page is made anew. */
  forget() {
    this.kept.clear();
  }
}

/** Answers with a kept page. @param {Answer} answer @param {Page} page */
export function answerWith(answer, { status, headers, body }) {
  answer.writeHead(status, { ...headers, 'content-length': body.length });
  answer.end(body);
}
