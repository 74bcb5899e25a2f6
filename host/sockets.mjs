// How long a connection may take, and how many there may be: who does not read or write holds nothing.

const HEADERS_MS = 10_000;
const REQUEST_MS = 60_000;
const KEEP_ALIVE_MS = 5000;
const MOST_CONNECTIONS = 400;
/** From beyond this machine: a browser opens six, and a tablet may have some windows. */
const MOST_OF_ONE = 64;

/**
 * Bounds a server's connections in time and number, and those of each address with `ofOne`.
 * @template {import('node:http').Server | import('node:https').Server} T
 * @param {T} server
 * @param {{ ofOne?: number, headersMs?: number }} [limits]
 */
export function bound(server, { ofOne = Infinity, headersMs = HEADERS_MS } = {}) {
  server.headersTimeout = headersMs;
  server.requestTimeout = REQUEST_MS;
  server.keepAliveTimeout = KEEP_ALIVE_MS;
  server.maxConnections = MOST_CONNECTIONS;
  // Its own end is not waited for: a socket that never answers would stay for as long as the other side likes.
  server.on('clientError', (_error, /** @type {import('node:net').Socket} */ socket) => {
    if (socket.writable) socket.write('HTTP/1.1 400 Bad Request\r\nConnection: close\r\n\r\n');
    socket.destroySoon();
  });
  /** @type {Map<string, number>} */
  const open = new Map();
  server.on('connection', (/** @type {import('node:net').Socket} */ socket) => {
    const address = socket.remoteAddress ?? '';
    const count = (open.get(address) ?? 0) + 1;
    if (count > ofOne) {
      socket.destroy();
      return;
    }
    open.set(address, count);
    socket.once('close', () => {
      const left = (open.get(address) ?? 1) - 1;
      if (left > 0) open.set(address, left);
      else open.delete(address);
    });
  });
  return server;
}

export const BEYOND = { ofOne: MOST_OF_ONE };
