// The server of the app: on this machine alone, or with `--lan` also beyond it for devices that were paired.
// Started by the scripts with `--port`, `--host-name`, `--lan` and `--dev`; FROST_PICK_DATA says where the data are.
import { createServer } from 'node:http';
import { parseArgs } from 'node:util';
import next from 'next';
import { makeGuard, ownNames } from './guard.mjs';
import { listenBeyond, readyBeyond } from './lan/listen.mjs';
import { inLanguage } from './language.mjs';
import { dress, makeRequests, refuse } from './requests.mjs';

const HOST = '127.0.0.1';
const HEADERS_MS = 10_000;
const REQUEST_MS = 60_000;
const KEEP_ALIVE_MS = 5000;

const { values: options } = parseArgs({
  options: {
    port: { type: 'string' },
    'host-name': { type: 'string', multiple: true },
    lan: { type: 'string', multiple: true },
    dev: { type: 'boolean' },
  },
});
const port = Number(options.port);
const isDevelopment = options.dev === true;
const hostNames = options['host-name'] ?? [];
const beyond = options.lan && (await readyBeyond({ addresses: options.lan, hostNames, port }));

const app = next({ dev: isDevelopment, dir: process.cwd(), hostname: HOST, port, turbopack: true });
await app.prepare();
const serve = makeRequests(app.getRequestHandler(), isDevelopment);
const upgrade = app.getUpgradeHandler();
const guard = makeGuard(ownNames(hostNames));

/**
 * @template {import('node:http').Server | import('node:https').Server} T
 * @param {T} server
 */
function bound(server) {
  server.headersTimeout = HEADERS_MS;
  server.requestTimeout = REQUEST_MS;
  server.keepAliveTimeout = KEEP_ALIVE_MS;
  server.on('clientError', (_error, socket) => {
    if (socket.writable) socket.end('HTTP/1.1 400 Bad Request\r\nConnection: close\r\n\r\n');
  });
  return server;
}

const server = bound(
  createServer((asked, answer) =>
    inLanguage(asked, () => {
      const refusal = guard(asked);
      if (refusal) {
        refuse(answer, refusal);
        return;
      }
      dress(asked, answer, isDevelopment);
      void serve(asked, answer, 'here');
    }),
  ),
);
server.on('upgrade', (asked, socket, head) => {
  if (guard(asked)) socket.destroy();
  else upgrade(asked, socket, head).catch(() => socket.destroy());
});
const others = beyond ? await listenBeyond(beyond, { serve, bound, isDevelopment }) : [];
server.listen(port, HOST, () => process.send?.('listening'));

/** What was acknowledged is on the disk: nothing needs to be waited for. */
function end() {
  for (const one of [server, ...others]) {
    one.close();
    one.closeAllConnections();
  }
  process.exit(0);
}
process.on('SIGTERM', end);
process.on('SIGINT', end);
