// How one request is answered: headers, files, the gate, kept pages, then Next's own handler.
import { createReadStream } from 'node:fs';
import path from 'node:path';
import sirv from 'sirv';
import { Gate } from './gate.mjs';
import { answerWith, PageCache } from './page-cache.mjs';
import { contentPolicy, FIXED_HEADERS, newNonce } from './headers.mjs';
import { shared } from './shared.mjs';

const RETRY_AFTER_S = 2;
const BUSY = { status: 503, code: 'busy' };
/** Scripts and fonts have their content in their name: they never change, and lie compressed beside themselves. */
export const STATIC_PATH = '/_next/static/';
/** In development Next has all files of its own; the languages and what draws charts are not of them. */
const OWN_PATHS = [`${STATIC_PATH}words/`, `${STATIC_PATH}plotly/`];

/** Said until the app is there with its words. */
const STARTING = 'The server is still starting.';

/** Whether somebody looks at the answer: a browser that goes to an address. @param {Asked} asked */
const isLookedAt = ({ headers }) =>
  String(headers.accept ?? '').includes('text/html') && headers.rsc === undefined;

/** @param {Asked} asked */
const hasBody = ({ headers }) =>
  headers['transfer-encoding'] !== undefined || Number(headers['content-length'] ?? 0) > 0;

/**
 * Refuses a request, in the words that the app has for the code: as a page for somebody who looks at it, which tries
 * again by itself while there is too much to do, else as JSON.
 * @param {Asked} asked
 * @param {Answer} answer
 * @param {{ status: number, code: string }} refusal
 */
export function refuse(asked, answer, { status, code }) {
  const said = shared().refusal?.(code);
  const message = said ? said.message : STARTING;
  if (answer.headersSent) {
    answer.destroy();
    return;
  }
  const isBusy = status === BUSY.status;
  const page = isLookedAt(asked)
    ? said?.page(message ?? code, isBusy ? RETRY_AFTER_S : undefined)
    : undefined;
  answer.writeHead(status, {
    ...FIXED_HEADERS,
    'content-type': page ? 'text/html; charset=utf-8' : 'application/json; charset=utf-8',
    'cache-control': 'no-store',
    ...(isBusy ? { 'retry-after': String(RETRY_AFTER_S) } : {}),
    // Whatever is still on its way is not waited for.
    ...(hasBody(asked) ? { connection: 'close' } : {}),
  });
  answer.end(page ?? JSON.stringify({ code, message, details: [] }));
}

/** Pages are what takes long; files, the API and writes never wait behind them. @param {Asked} asked */
const isPage = ({ method, url = '/' }) => {
  const [path = ''] = url.split('?');
  const isFile = path.startsWith('/_next/') || /\.\w+$/.test(path);
  return method === 'GET' && !isFile && !path.startsWith('/api/');
};

/** @param {Asked} asked @param {Answer} answer @param {boolean} isDevelopment */
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

/** @param {Answer} answer */
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

/**
 * @typedef {import('node:http').IncomingMessage} Asked
 * @typedef {import('node:http').ServerResponse} Answer
 * @typedef {(asked: Asked, answer: Answer) => Promise<void>} Handle
 * @typedef {{ role: string, client: string }} From what somebody may do, and who it is
 */

/** A stranger makes no page slower for those who were let in: strangers have a gate of their own. */
const STRANGERS = { atOnce: 1, ofOne: 4, waiting: 40, few: 0, waitMs: 4000 };
const STRANGER = 'stranger';

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
  const [insiders, strangers] = [new Gate(), new Gate(STRANGERS)];
  const pages = new PageCache();
  // A write tells of itself before others ask for what it changed.
  shared().forgetPages = () => pages.forget();
  /** @param {Asked} asked @param {Answer} answer @param {From} from */
  return async (asked, answer, { role, client }) => {
    const { url = '' } = asked;
    if (ownFiles.some((one) => url.startsWith(one))) {
      asked.url = url.slice(STATIC_PATH.length - 1);
      // A file that is not there is not looked for elsewhere.
      files(asked, answer, () => refuse(asked, answer, { status: 404, code: 'not_found' }));
      return;
    }
    if (url === KEEPER_PATH && !isDevelopment) {
      sendKeeper(answer);
      return;
    }
    const isRead = asked.method === 'GET' || asked.method === 'HEAD';
    if (!isRead) answer.once('close', () => pages.forget());
    const gate = role === STRANGER ? strangers : insiders;
    const key = isDevelopment ? undefined : pages.keyOf(asked, role);
    const kept = key && gate.isBusy() ? await pages.find(key) : undefined;
    if (kept && !answer.destroyed) {
      answerWith(answer, kept);
      return;
    }
    if (isPage(asked)) {
      if (!(await gate.enter(client))) {
        refuse(asked, answer, BUSY);
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
      refuse(asked, answer, { status: 500, code: 'failed' });
    }
  };
}
