// The server of the app: guards, headers and a gate before Next's own handler.
// Started by the scripts with `--port`, `--host-name` and `--dev`; FROST_PICK_DATA says where the data are.
import { createServer } from 'node:http';
import path from 'node:path';
import { parseArgs } from 'node:util';
import next from 'next';
import sirv from 'sirv';
import { Gate } from './gate.mjs';
import { makeGuard, ownNames } from './guard.mjs';
import { answerWith, PageCache } from './page-cache.mjs';
import { contentPolicy, FIXED_HEADERS, newNonce } from './headers.mjs';

const HOST = '127.0.0.1';
const HEADERS_MS = 10_000;
const REQUEST_MS = 60_000;
const KEEP_ALIVE_MS = 5000;
const RETRY_AFTER_S = '1';
const BUSY = {
  status: 503,
  code: 'busy',
  message: 'The server has too much to do just now: try again in a second.',
};

const { values: options } = parseArgs({
  options: {
    port: { type: 'string' },
    'host-name': { type: 'string', multiple: true },
    dev: { type: 'boolean' },
  },
});
const port = Number(options.port);
const isDevelopment = options.dev === true;
const app = next({ dev: isDevelopment, dir: process.cwd(), hostname: HOST, port, turbopack: true });
/** Scripts and fonts have their content in their name: they never change, and lie compressed beside themselves. */
const STATIC_PATH = '/_next/static/';
const files = isDevelopment
  ? undefined
  : sirv(path.join(process.cwd(), '.next', 'static'), {
      brotli: true,
      gzip: true,
      immutable: true,
      maxAge: 31_536_000,
    });
const guard = makeGuard(ownNames(options['host-name'] ?? []));
const gate = new Gate();
const pages = new PageCache();

/** @param {import('node:http').ServerResponse} answer @param {{ status: number, code: string, message: string }} refusal */
function refuse(answer, { status, code, message }) {
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

/** @param {import('node:http').IncomingMessage} asked @param {import('node:http').ServerResponse} answer */
function dress(asked, answer) {
  const policy = contentPolicy(newNonce(), isDevelopment);
  for (const [name, value] of Object.entries(FIXED_HEADERS)) answer.setHeader(name, value);
  answer.setHeader('content-security-policy', policy);
  // Next takes the nonce of its own scripts from the header of the request.
  asked.headers['content-security-policy'] = policy;
}

await app.prepare();
const handle = app.getRequestHandler();
const upgrade = app.getUpgradeHandler();

const server = createServer(async (asked, answer) => {
  const refusal = guard(asked);
  if (refusal) {
    refuse(answer, refusal);
    return;
  }
  dress(asked, answer);
  if (files && asked.url?.startsWith(STATIC_PATH)) {
    const whole = asked.url;
    asked.url = whole.slice(STATIC_PATH.length - 1);
    files(asked, answer, () => {
      asked.url = whole;
      void handle(asked, answer);
    });
    return;
  }
  const isRead = asked.method === 'GET' || asked.method === 'HEAD';
  if (!isRead) answer.once('close', () => pages.forget());
  const key = isDevelopment ? undefined : pages.keyOf(asked);
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
    refuse(answer, {
      status: 500,
      code: 'failed',
      message: 'The request could not be answered: nothing was saved.',
    });
  }
});
server.headersTimeout = HEADERS_MS;
server.requestTimeout = REQUEST_MS;
server.keepAliveTimeout = KEEP_ALIVE_MS;
server.on('upgrade', (asked, socket, head) => {
  if (guard(asked)) socket.destroy();
  else upgrade(asked, socket, head).catch(() => socket.destroy());
});
server.on('clientError', (_error, socket) => {
  if (socket.writable) socket.end('HTTP/1.1 400 Bad Request\r\nConnection: close\r\n\r\n');
});
server.listen(port, HOST, () => process.send?.('listening'));

/** What was acknowledged is on the disk: nothing needs to be waited for. */
function end() {
  server.close();
  server.closeAllConnections();
  process.exit(0);
}
process.on('SIGTERM', end);
process.on('SIGINT', end);
