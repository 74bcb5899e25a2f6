import type { IncomingMessage, ServerResponse } from 'node:http';
import { DEVICE_FIELDS } from '@/core/model';
import { deviceSchema } from '@/formats/schemas/device';
import { validate } from '@/formats/schemas/validation';
import { door, type PairRefusal } from './door';

const MOST_BYTES = 4000;
const FORM = 'application/x-www-form-urlencoded';

/** Why the form of pairing comes back. */
export type PairProblem = PairRefusal | 'no_name' | 'odd_name';

/** The fields of a form that was sent; undefined for what is no such form or too long. */
async function formOf(asked: IncomingMessage): Promise<URLSearchParams | undefined> {
  if (!String(asked.headers['content-type'] ?? '').startsWith(FORM)) return undefined;
  const pieces: Buffer[] = [];
  let size = 0;
  for await (const piece of asked as AsyncIterable<Buffer>) {
    size += piece.length;
    if (size > MOST_BYTES) return undefined;
    pieces.push(piece);
  }
  return new URLSearchParams(Buffer.concat(pieces).toString('utf8'));
}

function leadTo(answer: ServerResponse, location: string): void {
  answer.statusCode = 303;
  answer.setHeader('location', location);
  answer.setHeader('cache-control', 'no-store');
  answer.end();
}

/** A name as it is kept: without what cannot be seen, and not too long. */
const tidiedName = (typed: string) =>
  typed
    .replace(/[\p{C}\s]+/gu, ' ')
    .trim()
    .slice(0, DEVICE_FIELDS.name.most);

/** What is wrong with a name; undefined for one that may stand in the log. */
function nameProblem(name: string): PairProblem | undefined {
  if (name === '') return 'no_name';
  return validate(deviceSchema, { name, role: 'looks' }).ok ? undefined : 'odd_name';
}

/** Trades the code of a form for a session and leads into the app, or back to the form with what was wrong. */
export async function pairByForm(asked: IncomingMessage, answer: ServerResponse): Promise<void> {
  // Before a body that is too long ends the connection.
  const from = asked.socket.remoteAddress ?? '';
  const form = await formOf(asked);
  const [code, secret] = [form?.get('code') ?? '', form?.get('key') ?? ''];
  const name = tidiedName(form?.get('name') ?? '');
  const odd = nameProblem(name);
  const paired = odd
    ? ({ ok: false, why: odd } as const)
    : await door().pair({ code, secret, name, from }, { asked, answer });
  if (paired.ok) {
    leadTo(answer, '/');
    return;
  }
  // What was typed stays in the form, but for a code that was wrong.
  const isOfName = paired.why !== 'wrong_code' && paired.why !== 'too_many';
  const kept = isOfName ? { code, ...(secret === '' ? {} : { key: secret }) } : {};
  leadTo(answer, `/pair?${new URLSearchParams({ no: paired.why, name, ...kept }).toString()}`);
}
