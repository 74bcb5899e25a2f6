// The server of the app: on this machine alone, or with `--lan` also beyond it for devices that were paired.
// Started by the scripts with `--port`, `--host-name`, `--lan` and `--dev`; FROST_PICK_DATA says where the data are.
import { createServer } from 'node:http';
import path from 'node:path';
import { parseArgs } from 'node:util';
import next from 'next';
import { setClock } from './clock.mjs';
import { makeGuard, ownNames } from './guard.mjs';
import { listenBeyond, readyBeyond } from './lan/listen.mjs';
import { inLanguage } from './language.mjs';
import { bound } from './sockets.mjs';
import { dress, makeRequests, refuse } from './requests.mjs';
import { shared } from './shared.mjs';

setClock();

const HOST = '127.0.0.1';
/** Who sits at this machine. */
const HERE = { role: 'here', client: 'here' };

const REFUSED = 3;

/** Ends with one sentence. @param {string} message @returns {never} */
function refuseStart(message) {
  console.error(message);
  process.exit(REFUSED);
}

/**
 * What a step of the start comes to; where it fails, the start is refused with a sentence.
 * @template T
 * @param {Promise<T>} step
 * @param {(error: NodeJS.ErrnoException) => string} words
 * @returns {Promise<T>}
 */
const orRefuse = (step, words) => step.catch((error) => refuseStart(words(error)));

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
const beyond =
  options.lan &&
  (await orRefuse(
    readyBeyond({ addresses: options.lan, hostNames, port }),
    (error) =>
      `The keys of this machine cannot be read or written in ${path.join(process.env.FROST_PICK_DATA || 'data', 'lan')} (${error.message}). Make that a folder that Frost Pick may write, or start without --lan.`,
  ));

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
  const { asHere: answer } = shared();
  return answer ? answer(work) : work();
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
/** @param {NodeJS.ErrnoException} error */
const cannotListen = (error) =>
  `Frost Pick cannot listen (${error.message}). Choose another port: -- --port 4000`;
const others = beyond
  ? await orRefuse(listenBeyond(beyond, { serve, isDevelopment }), cannotListen)
  : [];
server.once('error', (error) => refuseStart(cannotListen(error)));
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
