// How one request is answered: headers, files, the gate, kept pages, then Next's own handler.
import { createReadStream } from 'node:fs';
import path from 'node:path';
import sirv from 'sirv';
import { Gate } from './gate.mjs';
import { answerWith, PageCache } from './page-cache.mjs';
import { contentPolicy, FIXED_HEADERS, newNonce } from './headers.mjs';

const RETRY_AFTER_S = '1';
const BUSY = { status: 503, code: 'busy' };
/** Scripts and fonts have their content in their name: they never change, and lie compressed beside themselves. */
export const STATIC_PATH = '/_next/static/';
/** In development Next has all files of its own; the languages and what draws charts are not of them. */
const OWN_PATHS = [`${STATIC_PATH}words/`, `${STATIC_PATH}plotly/`];

/** Said until the app is there with its words. */
const STARTING = 'The server is still starting.';

/**
 * Refuses a request, in the words that the app has for the code.
 * @param {import('node:http').ServerResponse} answer
 * @param {{ status: number, code: string }} refusal
 */
export function refuse(answer, { status, code }) {
  const { frostRefusal } = /** @type {{ frostRefusal?: (code: string) => string | undefined }} */ (
    globalThis
  );
  const message = frostRefusal ? frostRefusal(code) : STARTING;
  if (answer.headersSent) {
    answer.destroy();
    return;
  }
  answer.writeHead(status, {
    ...FIXED_HEADERS,
    'content-type': 'application/json; charset=utf-8',
    'cache-control': 'no-store',
    ...(status === BUSY.status ? { 'retry-after': RETRY_AFTER_S } : {}),
    connection: 'close',
  });
  answer.end(JSON.stringify({ code, message, details: [] }));
}

/** Pages are what takes long; files, the API and writes never wait behind them. */
const isPage = (/** @type {import('node:http').IncomingMessage} */ { method, url = '/' }) =>
  method === 'GET' && !url.startsWith('/_next/') && !url.startsWith('/api/');

/** @param {import('node:http').IncomingMessage} asked @param {import('node:http').ServerResponse} answer @param {boolean} isDevelopment */
export function dress(asked, answer, isDevelopment) {
  const compiles = asked.url?.startsWith(STATIC_PATH) ?? false;
  const policy = contentPolicy(newNonce(), { isDevelopment, compiles });
  for (const [name, value] of Object.entries(FIXED_HEADERS)) answer.setHeader(name, value);
  answer.setHeader('content-security-policy', policy);
  // Next takes the nonce of its own scripts from the header of the request.
  asked.headers['content-security-policy'] = policy;
}

/** The program that keeps pages on a device: asked anew each time, so that a newer one is found. */
const KEEPER_PATH = '/sw.js';

/** @param {import('node:http').ServerResponse} answer */
function sendKeeper(answer) {
  const file = path.join(process.cwd(), '.next', 'sw.js');
  answer.setHeader('content-type', 'text/javascript; charset=utf-8');
  answer.setHeader('cache-control', 'no-cache');
  createReadStream(file)
    .on('error', () => {
      answer.statusCode = 404;
      answer.end();
    })
    .pipe(answer);
}

/** @typedef {(asked: import('node:http').IncomingMessage, answer: import('node:http').ServerResponse) => Promise<void>} Handle */

/**
 * Answers requests that were let in. What a page shows may depend on the role of who asks, never on its name.
 * @param {Handle} handle Next's own
 * @param {boolean} isDevelopment
 */
export function makeRequests(handle, isDevelopment) {
  const ownFiles = isDevelopment ? OWN_PATHS : [STATIC_PATH];
  const files = sirv(path.join(process.cwd(), '.next', 'static'), {
    dev: isDevelopment,
    brotli: !isDevelopment,
    gzip: !isDevelopment,
    immutable: true,
    maxAge: 31_536_000,
  });
  const gate = new Gate();
  const pages = new PageCache();
  // A write tells of itself before others ask for what it changed.
  Object.assign(globalThis, { frostForgetPages: () => pages.forget() });
  /** @param {import('node:http').IncomingMessage} asked @param {import('node:http').ServerResponse} answer @param {string} role */
  return async (asked, answer, role) => {
    const { url = '' } = asked;
    if (ownFiles.some((one) => url.startsWith(one))) {
      asked.url = url.slice(STATIC_PATH.length - 1);
      files(asked, answer, () => {
        asked.url = url;
        void handle(asked, answer);
      });
      return;
    }
    if (url === KEEPER_PATH && !isDevelopment) {
      sendKeeper(answer);
      return;
    }
    const isRead = asked.method === 'GET' || asked.method === 'HEAD';
    if (!isRead) answer.once('close', () => pages.forget());
    const key = isDevelopment ? undefined : pages.keyOf(asked, role);
    const kept = key && gate.isBusy() ? await pages.find(key) : undefined;
    if (kept && !answer.destroyed) {
      answerWith(answer, kept);
      return;
    }
    if (isPage(asked)) {
      if (!(await gate.enter())) {
        refuse(answer, BUSY);
        return;
      }
      if (answer.closed || answer.destroyed) {
        // Who asked is gone; the place is for the next.
        gate.leave();
        return;
      }
      answer.once('close', () => gate.leave());
    }
    // While it waited at the gate somebody else may have asked for the same.
    const fresh = key && gate.isBusy() ? await pages.find(key) : undefined;
    if (fresh && !answer.destroyed) {
      answerWith(answer, fresh);
      return;
    }
    if (key) pages.record(key, answer);
    try {
      await handle(asked, answer);
    } catch (error) {
      console.error(error);
      refuse(answer, { status: 500, code: 'failed' });
    }
  };
}
