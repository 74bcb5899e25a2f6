// The server of the app: on this machine alone, or with `--lan` also beyond it for devices that were paired.
// Started by the scripts with `--port`, `--host-name`, `--lan` and `--dev`; FROST_PICK_DATA says where the data are.
import { createServer } from 'node:http';
import { parseArgs } from 'node:util';
import next from 'next';
import { makeGuard, ownNames } from './guard.mjs';
import { listenBeyond, readyBeyond } from './lan/listen.mjs';
import { inLanguage } from './language.mjs';
import { bound } from './sockets.mjs';
import { dress, makeRequests, refuse } from './requests.mjs';

const HOST = '127.0.0.1';
/** Who sits at this machine. */
const HERE = { role: 'here', client: 'here' };

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
 * Answers in the name of who sits at this machine; until the app knows of that, in nobody's.
 * @param {() => Promise<void>} work
 */
function asHere(work) {
  const { frostAsHere } = /** @type {{ frostAsHere?: <T>(work: () => T) => T }} */ (globalThis);
  return frostAsHere ? frostAsHere(work) : work();
}

const server = bound(
  createServer((asked, answer) =>
    inLanguage(asked, () => {
      const refusal = guard(asked);
      if (refusal) {
        refuse(asked, answer, refusal);
        return;
      }
      dress(asked, answer, isDevelopment);
      void asHere(() => serve(asked, answer, HERE));
    }),
  ),
);
server.on('upgrade', (asked, socket, head) => {
  if (!isDevelopment || guard(asked)) socket.destroy();
  else upgrade(asked, socket, head).catch(() => socket.destroy());
});
const others = beyond ? await listenBeyond(beyond, { serve, isDevelopment }) : [];
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
