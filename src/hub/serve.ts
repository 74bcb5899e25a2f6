import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { array, object, string } from 'yup';
import { validate } from '../formats/schemas/validation';
import { bearerOf } from '../formats/secrets';
import { MOST_PUSHED, MOST_PUSHED_CHARACTERS } from '../formats/hub/messages';
import { cabinOf, isKnown, pull, push, type Hub } from './store';

const MOST_BODY = 4 * MOST_PUSHED_CHARACTERS;
const MOST_REF = 300;
const MOST_KIND = 40;
const [UNAUTHORISED, NOT_FOUND, TOO_LARGE, INVALID, UNAVAILABLE] = [401, 404, 413, 422, 503];
const [HEADERS_MS, REQUEST_MS, MOST_CONNECTIONS] = [10_000, 60_000, 200];

const cursorSchema = object({
  seq: string()
    .matches(/^\d{1,18}$/)
    .required(),
  stamp: string().max(MOST_KIND).required(),
})
  .nullable()
  .default(null);
const pushSchema = object({
  records: array(
    object({
      kind: string().max(MOST_KIND).required(),
      ref: string().max(MOST_REF).required(),
      json: string().required(),
      picture: string(),
    }).required(),
  )
    .max(MOST_PUSHED)
    .required(),
});
const pullSchema = object({ after: cursorSchema });
const checkSchema = object({ cursors: array(cursorSchema).max(2).required() });

type Answer = { status: number; value: unknown };
const refused = (status: number, code: string): Answer => ({ status, value: { code } });
const done = (value: unknown): Answer => ({ status: 200, value });

async function bodyOf(asked: IncomingMessage): Promise<unknown> {
  const pieces: Buffer[] = [];
  let size = 0;
  for await (const piece of asked as AsyncIterable<Buffer>) {
    size += piece.length;
    if (size > MOST_BODY) return undefined;
    pieces.push(piece);
  }
  try {
    return JSON.parse(Buffer.concat(pieces).toString('utf8')) as unknown;
  } catch {
    return null;
  }
}

type Deed = (hub: Hub, cabin: string, input: unknown) => Promise<Answer>;

const DEEDS: Record<string, Deed> = {
  '/v1/push': async (hub, cabin, input) => {
    const checked = validate(pushSchema, input);
    if (!checked.ok) return refused(INVALID, 'invalid_input');
    return done({ cursor: await push(hub, cabin, checked.value.records) });
  },
  '/v1/pull': async (hub, cabin, input) => {
    const checked = validate(pullSchema, input);
    if (!checked.ok) return refused(INVALID, 'invalid_input');
    return done(await pull(hub, cabin, checked.value.after?.seq));
  },
  '/v1/check': async (hub, _cabin, input) => {
    const checked = validate(checkSchema, input);
    if (!checked.ok) return refused(INVALID, 'invalid_input');
    const known: boolean[] = [];
    for (const one of checked.value.cursors) known.push(one ? await isKnown(hub, one) : false);
    return done({ known });
  },
};

async function answerOf(hub: Hub, asked: IncomingMessage): Promise<Answer> {
  const token = bearerOf(asked.headers.authorization);
  const cabin = token === undefined ? undefined : await cabinOf(hub, token);
  if (cabin === undefined) return refused(UNAUTHORISED, 'not_let_in');
  const deed = asked.method === 'POST' ? DEEDS[asked.url ?? ''] : undefined;
  if (!deed) return refused(NOT_FOUND, 'not_found');
  const body = await bodyOf(asked);
  return body === undefined ? refused(TOO_LARGE, 'too_large') : deed(hub, cabin, body);
}

function send(answer: ServerResponse, { status, value }: Answer): void {
  answer.writeHead(status, {
    'content-type': 'application/json; charset=utf-8',
    'cache-control': 'no-store',
    ...(status === 200 ? {} : { connection: 'close' }),
  });
  answer.end(JSON.stringify(value));
}

/** A certificate and its key, both PEM, with which the hub speaks https. */
export interface Papers {
  cert: string;
  key: string;
}

/** The hub's server, not listening yet: push, pull and check, each for the cabin of its token. */
export function hubServer(hub: Hub, papers?: Papers): Server {
  const listener = (asked: IncomingMessage, answer: ServerResponse) => {
    answerOf(hub, asked)
      .then((told) => send(answer, told))
      .catch((error: unknown) => {
        console.error(error instanceof Error ? error.message : error);
        if (!answer.headersSent) send(answer, refused(UNAVAILABLE, 'unavailable'));
        else answer.destroy();
      });
  };
  const server = papers ? createSecureServer(papers, listener) : createServer(listener);
  server.headersTimeout = HEADERS_MS;
  server.requestTimeout = REQUEST_MS;
  server.maxConnections = MOST_CONNECTIONS;
  server.on('clientError', (_error, socket) => socket.destroy());
  return server;
}
