import type { IncomingMessage, ServerResponse } from 'node:http';
import { serverScreenWords } from '@/words/screens/server';
import { runAs, STRANGER } from '../caller';
import { plainPage } from '../plain-page';
import { door, SESSION_COOKIE } from './door';
import { pairByForm } from './pair-by-form';

const WORDS = serverScreenWords.reception;

export const PAIR_PATH = '/pair';
const STATIC = '/_next/static/';
/** What the page of pairing itself is made of; nothing of it holds data. */
const FILES_OF_PAIRING = new Set([
  PAIR_PATH,
  '/favicon.ico',
  '/icon.svg',
  '/apple-icon.png',
  '/manifest.webmanifest',
  '/icons/192.png',
  '/icons/512.png',
  '/icons/maskable.png',
]);
/** Questions that are sent with POST because they are long: they write nothing. */
const QUESTIONS = new Set(
  ['pick', 'iron', 'grip', 'glide', 'outlook', 'plan'].map((name) => `/api/v1/${name}`),
);
const READS = new Set(['GET', 'HEAD']);

/** What somebody may do, and who it is, for the order in which requests are answered. */
export interface From {
  role: string;
  client: string;
}

/** What the rest of the server must not see, and what it must not believe. */
function takeSecrets({ headers }: IncomingMessage): void {
  delete headers.authorization;
  const kept = (headers.cookie ?? '')
    .split(/;\s*/)
    .filter((one) => one !== '' && !one.startsWith(SESSION_COOKIE));
  headers.cookie = kept.join('; ');
  headers['x-forwarded-proto'] = 'https';
}

/** Only whole pages for a stranger: no part of another page by a header of the router. */
function takeRouting({ headers }: IncomingMessage): void {
  for (const name of Object.keys(headers)) {
    if (name === 'rsc' || name.startsWith('next-') || name.startsWith('x-')) {
      if (name !== 'x-forwarded-proto') delete headers[name];
    }
  }
}

const isPairing = (method: string, path: string) =>
  READS.has(method) && (FILES_OF_PAIRING.has(path) || path.startsWith(STATIC));

function turnAway({ headers }: IncomingMessage, answer: ServerResponse): void {
  answer.statusCode = 401;
  // Whatever is still on its way is not waited for.
  answer.setHeader('connection', 'close');
  answer.setHeader('cache-control', 'no-store');
  if (!String(headers.accept ?? '').includes('text/html')) {
    answer.setHeader('content-type', 'application/json; charset=utf-8');
    answer.end(JSON.stringify({ code: 'not_paired', message: WORDS.notPaired, details: [] }));
    return;
  }
  answer.setHeader('content-type', 'text/html; charset=utf-8');
  const link = { href: PAIR_PATH, label: WORDS.toPairing };
  answer.end(plainPage({ title: WORDS.title, text: WORDS.notPaired, link }));
}

function refuseWrite(answer: ServerResponse): void {
  answer.statusCode = 403;
  answer.setHeader('connection', 'close');
  answer.setHeader('content-type', 'application/json; charset=utf-8');
  answer.end(
    JSON.stringify({
      code: 'looks_only',
      message: serverScreenWords.permission.looksOnly,
      details: [],
    }),
  );
}

/**
 * Receives a request from beyond this machine: who was let in is served in its own name, who was not sees the page
 * of pairing. `serve` answers it with the app.
 */
export async function receive(
  asked: IncomingMessage,
  answer: ServerResponse,
  serve: (from: From) => Promise<void>,
): Promise<void> {
  const [method, path] = [asked.method ?? 'GET', (asked.url ?? '/').split('?')[0]!];
  if (method === 'POST' && path === PAIR_PATH && asked.headers['next-action'] === undefined) {
    await pairByForm(asked, answer);
    return;
  }
  // Files of the app hold no data and are many: nobody is asked for them who it is.
  const isFile = READS.has(method) && path.startsWith(STATIC);
  const caller = isFile ? undefined : await door().callerOf(asked, answer);
  takeSecrets(asked);
  if (caller?.door === 'beyond') {
    const isWrite = !READS.has(method) && path.startsWith('/api/') && !QUESTIONS.has(path);
    if (caller.role === 'looks' && isWrite) refuseWrite(answer);
    else await runAs(caller, () => serve({ role: caller.role, client: caller.id }));
    return;
  }
  if (!isPairing(method, path)) {
    turnAway(asked, answer);
    return;
  }
  takeRouting(asked);
  const client = asked.socket.remoteAddress ?? '';
  await runAs(STRANGER, () => serve({ role: 'stranger', client }));
}
