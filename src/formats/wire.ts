import { KeyReused, Overload, isNotLetIn, isStorageFault } from '../core/faults';
import { mistakesWords } from '../words/areas/mistakes';
import { formatsScreenWords } from '../words/screens/formats';
import { serverScreenWords } from '../words/screens/server';
import { decodeText } from './text';
import type { FieldProblem } from './schemas/validation';
import { listed } from '../words/listed';

const WORDS = formatsScreenWords.wire;

/** The one shape of an error across a route, an action or a worker. */
export interface WireError {
  code: string;
  message: string;
  details: unknown[];
}

export type WireResult<T> = { ok: true; value: T } | { ok: false; error: WireError };

export const failed = (
  code: string,
  message: string,
  details: unknown[] = [],
): WireResult<never> => ({
  ok: false,
  error: { code, message, details },
});

/** Problems spelled out in the message; all of them stand in the details. */
const MOST_SPELLED = 10;

/** Every problem of untrusted input, by field. */
export function invalidInput(problems: readonly FieldProblem[]): WireResult<never> {
  const sentences = problems.slice(0, MOST_SPELLED).map((problem) => problem.message);
  return failed('invalid_input', sentences.join(' '), [...problems]);
}

/** An error that nobody foresaw; what it was stands in the server's log, not in the answer. */
const unforeseen = () => failed('failed', WORDS.serverFailed);

/**
 * The result of a use-case for a route or an action, also when it throws: faults of the file, overload and
 * keys used twice by their code, anything else as `failed`.
 */
export async function answered<T>(
  work: () => Promise<WireResult<T>> | WireResult<T>,
): Promise<WireResult<T>> {
  try {
    return await work();
  } catch (error) {
    if (isStorageFault(error)) return failed(error.code, mistakesWords.FAULT[error.code]);
    if (error instanceof Overload) {
      const message = WORDS.theServerHasTooMuch;
      return failed('busy', message, [{ retryAfterS: error.retryAfterS }]);
    }
    if (isNotLetIn(error)) return failed('not_paired', serverScreenWords.reception.notPaired);
    if (error instanceof KeyReused) {
      return failed('conflict', WORDS.keyUsed);
    }
    console.error(error);
    return unforeseen();
  }
}

const STATUS_BY_CODE: Record<string, number> = {
  invalid_input: 422,
  invalid_json: 400,
  invalid_file: 422,
  too_large: 413,
  unsupported_type: 415,
  not_found: 404,
  not_paired: 401,
  looks_only: 403,
  at_host_only: 403,
  conflict: 409,
  changed_meanwhile: 409,
  busy: 503,
  storage_full: 507,
  storage_read_only: 503,
  storage_damaged: 503,
  storage_busy: 503,
  storage_failed: 503,
  log_missing: 503,
  log_damaged: 503,
  log_foreign: 503,
};

const LEAST_BODY = 65_536;

/** Data is never kept by a browser or by what stands between. */
const NO_STORE = { 'cache-control': 'no-store' };

function headersFor({ code, details }: WireError): Record<string, string> {
  const after = (details[0] as { retryAfterS?: number } | undefined)?.retryAfterS;
  return code === 'busy' ? { ...NO_STORE, 'retry-after': String(after ?? 1) } : NO_STORE;
}

/** A result as an HTTP response: the value itself, or `{code, message, details}` with its status. */
export function toResponse(result: WireResult<unknown>): Response {
  if (result.ok) return Response.json(result.value, { headers: NO_STORE });
  const { error } = result;
  return Response.json(error, {
    status: STATUS_BY_CODE[error.code] ?? 500,
    headers: headersFor(error),
  });
}

/** Answers a route with what its work comes to, also when it throws. */
export const answerRoute = async (
  work: () => Promise<WireResult<unknown>> | WireResult<unknown>,
): Promise<Response> => toResponse(await answered(work));

/** The same for work that gives its value as JSON text already, such as a long one from a thread of its own. */
export async function answerJson(work: () => Promise<WireResult<string>>): Promise<Response> {
  const result = await answered(work);
  if (!result.ok) return toResponse(result);
  return new Response(result.value, {
    headers: { ...NO_STORE, 'content-type': 'application/json' },
  });
}

type JsonWork<T> = (text: string) => Promise<WireResult<T>> | WireResult<T>;

const ofText =
  <T>(request: Request, mostBytes: number, work: JsonWork<T>) =>
  async (): Promise<WireResult<T>> => {
    const text = await readJsonText(request, mostBytes);
    return text.ok ? work(text.value) : text;
  };

/** A route that takes JSON of at most so many bytes, as text: what it says is checked off the event loop. */
export const jsonRoute =
  (mostBytes: number, work: JsonWork<unknown>) =>
  (request: Request): Promise<Response> =>
    answerRoute(ofText(request, mostBytes, work));

/** The same for work that gives its answer as JSON text. */
export const jsonTextRoute =
  (mostBytes: number, work: JsonWork<string>) =>
  (request: Request): Promise<Response> =>
    answerJson(ofText(request, mostBytes, work));

/** The body of a request, or `too_large` beyond `mostBytes`, without reading further. */
export async function readBytes(
  request: Request,
  mostBytes: number,
): Promise<WireResult<Uint8Array<ArrayBuffer>>> {
  const tooLarge = () => failed('too_large', WORDS.bodyTooLarge(Math.floor(mostBytes / 1e6)));
  const rendered = Number(request.headers.get('content-length') ?? 0);
  if (rendered > mostBytes) return tooLarge();
  const reader = request.body?.getReader();
  if (!reader) return { ok: true, value: new Uint8Array() };
  // A large body is held once.
  let bytes = new Uint8Array(rendered > 0 ? rendered : LEAST_BODY);
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    if (size + value.byteLength > mostBytes) {
      await reader.cancel();
      return tooLarge();
    }
    if (size + value.byteLength > bytes.length) {
      const larger = new Uint8Array(2 * (size + value.byteLength));
      larger.set(bytes.subarray(0, size));
      bytes = larger;
    }
    bytes.set(value, size);
    size += value.byteLength;
  }
  return { ok: true, value: bytes.subarray(0, size) };
}

/** Whether the request says exactly that its body is of this type, whatever its charset. */
const isOfType = (request: Request, types: readonly string[]) =>
  types.includes((request.headers.get('content-type') ?? '').split(';')[0]!.trim().toLowerCase());

/** The body of a request, if it is of one of these types; else `unsupported_type` or `too_large`. */
export async function readTyped(
  request: Request,
  types: readonly string[],
  mostBytes: number,
): Promise<WireResult<Uint8Array>> {
  if (!isOfType(request, types)) {
    return failed('unsupported_type', WORDS.wrongContentType(listed(types, 'disjunction')));
  }
  return readBytes(request, mostBytes);
}

/** The body of a request as text of one type, or why not. */
export async function readText(
  request: Request,
  type: string,
  mostBytes: number,
): Promise<WireResult<string>> {
  const bytes = await readTyped(request, [type], mostBytes);
  if (!bytes.ok) return bytes;
  const decoded = decodeText(bytes.value);
  return decoded.ok
    ? { ok: true, value: decoded.text }
    : failed('invalid_file', decoded.message, [
        { line: 1, field: 'file', message: decoded.message },
      ]);
}

/** The body of a JSON request as text: parsed where it is answered, which may be another thread. */
export const readJsonText = (request: Request, mostBytes: number) =>
  readText(request, 'application/json', mostBytes);
