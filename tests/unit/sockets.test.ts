import { once } from 'node:events';
import { createServer, type Server } from 'node:http';
import { connect, type AddressInfo, type Socket } from 'node:net';
import { afterEach, expect, it } from 'vitest';
import { BEYOND, bound } from '../../host/sockets.mjs';

const PATIENT = { timeout: 60_000 };
let server: Server;
let sockets: Socket[] = [];
/** Connections that the server has seen. */
let seen = 0;
afterEach(async () => {
  for (const socket of sockets) socket.destroy();
  sockets = [];
  server.closeAllConnections();
  server.close();
  await once(server, 'close');
});

/** A server with these limits, which looks at its connections often. */
async function listening(limits?: Parameters<typeof bound>[1]): Promise<number> {
  server = createServer({ connectionsCheckingInterval: 50 }, (_asked, answer) => answer.end('ok'));
  seen = 0;
  bound(server, limits).listen(0, '127.0.0.1');
  server.on('connection', () => (seen += 1));
  await once(server, 'listening');
  return (server.address() as AddressInfo).port;
}

/** A client that never ends its side by itself. */
async function opened(port: number, text = ''): Promise<Socket> {
  const socket = connect({ port, host: '127.0.0.1', allowHalfOpen: true });
  sockets.push(socket);
  socket.on('error', () => undefined);
  await once(socket, 'connect');
  socket.write(text);
  return socket;
}

const connections = () =>
  new Promise<number>((resolve) => server.getConnections((_error, count) => resolve(count)));

it.each([
  ['sends half a header and waits', 'GET / HTTP/1.1\r\nHost: a'],
  ['sends what is no request', 'not http at all\r\n\r\n'],
])('who %s is let go of, though it never ends its side', async (_what, text) => {
  const port = await listening({ headersMs: 200 });
  await Promise.all(Array.from({ length: 10 }, () => opened(port, text)));
  await expect.poll(() => seen, PATIENT).toBe(10);
  await expect.poll(connections, PATIENT).toBe(0);
});

it('one address holds so many connections and no more; one that ends makes room', async () => {
  const port = await listening({ ...BEYOND, ofOne: 2 });
  const first = await opened(port);
  await opened(port);
  await expect.poll(connections, PATIENT).toBe(2);
  await opened(port);
  await expect.poll(() => seen, PATIENT).toBe(3);
  await expect.poll(connections, PATIENT).toBe(2);
  first.destroy();
  await expect.poll(connections, PATIENT).toBe(1);
  const answered = once(await opened(port, 'GET / HTTP/1.1\r\nHost: a\r\n\r\n'), 'data');
  expect(String((await answered)[0])).toContain('200 OK');
  expect(server.maxConnections).toBeGreaterThan(100);
});
