// What listens beyond this machine: https for devices that were paired, http that only leads there.
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import path from 'node:path';
import { makeGuard } from '../guard.mjs';
import { inLanguage } from '../language.mjs';
import { dress, refuse } from '../requests.mjs';
import { BEYOND, bound } from '../sockets.mjs';
import { machineNames } from './addresses.mjs';
import { papersOf } from './authority.mjs';
import { shared } from '../shared.mjs';

/** Ciphers that every browser of the last ten years has, all with forward secrecy and authentication in one. */
export const TLS = {
  minVersion: /** @type {const} */ ('TLSv1.2'),
  ciphers: [
    'TLS_AES_256_GCM_SHA384',
    'TLS_CHACHA20_POLY1305_SHA256',
    'TLS_AES_128_GCM_SHA256',
    'ECDHE-ECDSA-AES256-GCM-SHA384',
    'ECDHE-ECDSA-CHACHA20-POLY1305',
    'ECDHE-ECDSA-AES128-GCM-SHA256',
  ].join(':'),
  handshakeTimeout: 10_000,
};
const LOOK_AGAIN_MS = 86_400_000;
const AUTHORITY_PATH = '/pair/authority.crt';

/**
 * @typedef {import('node:http').IncomingMessage} Asked
 * @typedef {import('node:http').ServerResponse} Answer
 * @typedef {import('../requests.mjs').From} From
 * @typedef {{ addresses: string[], names: string[], port: number, securePort: number, folder: string, papers: import('./authority.mjs').Papers }} Beyond
 * @typedef {{ serve: (asked: Asked, answer: Answer, from: From) => Promise<void>, isDevelopment: boolean }} Ways
 */

const machine = (/** @type {Pick<Beyond, 'addresses' | 'names'>} */ { addresses, names }) => ({
  own: names,
  addresses,
  nowMs: Date.now(),
});

/**
 * Makes the papers and tells the app, before it starts, where it can be reached.
 * @param {{ addresses: string[], hostNames: string[], port: number }} options
 * @returns {Promise<Beyond>}
 */
export async function readyBeyond({ addresses, hostNames, port }) {
  const folder = path.join(process.env.FROST_PICK_DATA || 'data', 'lan');
  const names = [...machineNames(), ...hostNames];
  const papers = await papersOf(folder, machine({ addresses, names }));
  const securePort = port + 1;
  process.env.FROST_PICK_LAN = JSON.stringify({
    origins: addresses.map((address) => `https://${address}:${securePort}`),
    fingerprint: papers.fingerprint,
  });
  return { addresses, names, port, securePort, folder, papers };
}

/** Leads from http to https, whatever was asked. @param {Beyond} beyond */
function leading({ addresses, names, securePort }) {
  const guard = makeGuard([...addresses, ...names]);
  return (/** @type {Asked} */ asked, /** @type {Answer} */ answer) => {
    const refusal = guard(asked);
    if (refusal) {
      refuse(asked, answer, refusal);
      return;
    }
    const host = String(asked.headers.host).replace(/:\d+$/, '');
    answer.writeHead(308, {
      location: `https://${host}:${securePort}${asked.url}`,
      'cache-control': 'no-store',
      'content-length': 0,
    });
    answer.end();
  };
}

/**
 * Listens beyond this machine on every address; gives the servers.
 * @param {Beyond} beyond
 * @param {Ways} ways
 */
export async function listenBeyond(beyond, { serve, isDevelopment }) {
  const { addresses, names, port, securePort, folder, papers } = beyond;
  const guard = makeGuard([...addresses, ...names]);
  /** @param {Asked} asked @param {Answer} answer */
  const answerDevice = async (asked, answer) => {
    const refusal = guard(asked);
    if (refusal) {
      refuse(asked, answer, refusal);
      return;
    }
    dress(asked, answer, isDevelopment);
    if (asked.method === 'GET' && asked.url === AUTHORITY_PATH) {
      answer.setHeader('content-type', 'application/x-x509-ca-cert');
      answer.setHeader('content-disposition', 'attachment; filename="frost-pick-authority.crt"');
      answer.end(papers.authority);
      return;
    }
    const { reception } = shared();
    if (!reception) {
      refuse(asked, answer, { status: 503, code: 'busy' });
      return;
    }
    await reception(asked, answer, (from) => serve(asked, answer, from));
  };
  const secure = { key: papers.key, cert: papers.certificate };
  /** @type {(import('node:http').Server | import('node:https').Server)[]} */
  const servers = [];
  for (const address of addresses) {
    const https = bound(
      createSecureServer({ ...secure, ...TLS }, (asked, answer) => {
        inLanguage(asked, () => answerDevice(asked, answer)).catch((error) => {
          console.error(error);
          refuse(asked, answer, { status: 500, code: 'failed' });
        });
      }),
      BEYOND,
    );
    https.on('tlsClientError', (_error, socket) => socket.destroy());
    https.on('upgrade', (_asked, socket) => socket.destroy());
    const http = bound(createServer(leading(beyond)), BEYOND);
    await Promise.all([listening(https, securePort, address), listening(http, port, address)]);
    servers.push(https, http);
  }
  // A server that runs for months: its certificate is made anew in time and taken over without a pause.
  setInterval(async () => {
    const now = await papersOf(folder, machine({ addresses, names })).catch(() => undefined);
    if (!now || now.certificate === papers.certificate) return;
    Object.assign(papers, now);
    for (const server of servers) {
      if ('setSecureContext' in server) {
        server.setSecureContext({ key: now.key, cert: now.certificate });
      }
    }
  }, LOOK_AGAIN_MS).unref();
  return servers;
}

/** @param {import('node:net').Server} server @param {number} port @param {string} address */
function listening(server, port, address) {
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, address, () => resolve(undefined));
  });
}
