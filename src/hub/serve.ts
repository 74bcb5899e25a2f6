import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { array, boolean, number, object, string, type AnyObject, type ObjectSchema } from 'yup';
import { OF_ALL } from '../core/shared-book';
import { validate } from '../formats/schemas/validation';
import { bearerOf } from '../formats/secrets';
import { MOST_PARTS, MOST_PART_CHARACTERS, MOST_PUSHED_CHARACTERS } from '../formats/hub/messages';
import { cabinOf, hello, PushRefusal } from './cabins';
import { push } from './documents';
import { picture, putPicture } from './pictures';
import { pull, vectors } from './reading';
import type { Hub } from './schema';

const MOST_BODY = MOST_PART_CHARACTERS + 2 * MOST_PUSHED_CHARACTERS;
const [MOST_NAME, MOST_REF, MOST_PICTURE] = [300, 300, 8_000_000];
const [UNAUTHORISED, NOT_FOUND, CONFLICT, TOO_LARGE, INVALID, OLDER, UNAVAILABLE, FULL] = [
  401, 404, 409, 413, 422, 426, 503, 507,
];
const [HEADERS_MS, REQUEST_MS, MOST_CONNECTIONS] = [10_000, 60_000, 200];
/** What one cabin may hand in, in bytes, where nobody says otherwise. */
const MOST_BYTES = 4_000_000_000;

const session = number()
  .integer()
  .min(1)
  .max(2 ** 48)
  .strict()
  .required();
const cursorSchema = object({
  seq: string()
    .matches(/^\d{1,18}$/)
    .required(),
  stamp: string().max(MOST_NAME).defined(),
  document: string().max(MOST_NAME),
})
  .nullable()
  .default(null);
const helloSchema = object({ session, cursors: array(cursorSchema).max(2).required() });
const pullSchema = object({ session, after: cursorSchema });
const pushSchema = object({
  session,
  isRelay: boolean().strict().required(),
  parts: array(
    object({
      document: string().max(MOST_NAME).notOneOf([OF_ALL]).required(),
      update: string().max(MOST_PART_CHARACTERS).required(),
    }).required(),
  )
    .max(MOST_PARTS)
    .required(),
});
const photo = { kind: string().max(MOST_NAME).required(), ref: string().max(MOST_REF).required() };
const photoSchema = object(photo);
const pictureSchema = object({ ...photo, jpeg: string().max(MOST_PICTURE).required() });

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

interface Asked {
  hub: Hub;
  cabin: string;
  mostBytes: number;
  input: unknown;
}

const STATUS_OF = { full: FULL, not_yours: CONFLICT, unreadable: INVALID } as const;

const deedOf =
  <T>(
    schema: ObjectSchema<AnyObject & T>,
    work: (asked: Omit<Asked, 'input'>, input: T) => Promise<unknown>,
  ) =>
  async ({ input, ...asked }: Asked): Promise<Answer> => {
    const checked = validate(schema, input);
    if (!checked.ok) return refused(INVALID, 'invalid_input');
    try {
      return done(await work(asked, checked.value as T));
    } catch (error) {
      if (!(error instanceof PushRefusal)) throw error;
      return refused(STATUS_OF[error.code], error.code);
    }
  };

const ROUTES: Record<string, (asked: Asked) => Promise<Answer>> = {
  '/v2/hello': deedOf(helloSchema, ({ hub, cabin }, input) => hello(hub, cabin, input)),
  '/v2/pull': deedOf(pullSchema, ({ hub }, { session: own, after }) => pull(hub, own, after)),
  '/v2/push': deedOf(pushSchema, async ({ hub, ...who }, { parts, ...how }) => ({
    cursor: await push(hub, { ...who, ...how }, parts),
  })),
  '/v2/vectors': deedOf(object({}), async ({ hub }) => ({ vectors: await vectors(hub) })),
  '/v2/picture': deedOf(photoSchema, async ({ hub }, input) => ({
    jpeg: await picture(hub, input),
  })),
  '/v2/put-picture': deedOf(pictureSchema, async ({ hub, ...who }, input) => {
    await putPicture(hub, who, input);
    return {};
  }),
};

/** What cabins of an older version ask; they work alone until they are upgraded, and hand everything in then. */
const OLDER_PATH = /^\/v1\//;

async function answerOf(hub: Hub, asked: IncomingMessage, mostBytes: number): Promise<Answer> {
  const token = bearerOf(asked.headers.authorization);
  const cabin = token === undefined ? undefined : await cabinOf(hub, token);
  if (cabin === undefined) return refused(UNAUTHORISED, 'not_let_in');
  if (OLDER_PATH.test(asked.url ?? '')) return refused(OLDER, 'older_cabin');
  const isKnown = asked.method === 'POST' && Object.hasOwn(ROUTES, asked.url ?? '');
  const route = isKnown ? ROUTES[asked.url!] : undefined;
  if (!route) return refused(NOT_FOUND, 'not_found');
  const body = await bodyOf(asked);
  return body === undefined
    ? refused(TOO_LARGE, 'too_large')
    : route({ hub, cabin, mostBytes, input: body });
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

/** The hub's server, not listening yet: each route for the cabin of its token, which may hand in `mostBytes`. */
export function hubServer(
  hub: Hub,
  { papers, mostBytes = MOST_BYTES }: { papers?: Papers; mostBytes?: number } = {},
): Server {
  const listener = (asked: IncomingMessage, answer: ServerResponse) => {
    answerOf(hub, asked, mostBytes)
      .then((rendered) => send(answer, rendered))
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
