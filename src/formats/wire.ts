import type { FieldProblem } from './schemas/validation';

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

/** Every problem of untrusted input, by field. */
export function invalidInput(problems: readonly FieldProblem[]): WireResult<never> {
  return failed('invalid_input', problems.map((one) => one.message).join(' '), [...problems]);
}

const STATUS_BY_CODE: Record<string, number> = {
  invalid_input: 422,
  invalid_json: 400,
  invalid_file: 422,
  too_large: 413,
  not_found: 404,
  conflict: 409,
};

/** A result as an HTTP response: the value itself, or `{code, message, details}` with its status. */
export function toResponse(result: WireResult<unknown>): Response {
  if (result.ok) return Response.json(result.value);
  return Response.json(result.error, { status: STATUS_BY_CODE[result.error.code] ?? 500 });
}

/** The body of a request, or `too_large` beyond `mostBytes`, without reading further. */
export async function readBytes(
  request: Request,
  mostBytes: number,
): Promise<WireResult<Uint8Array>> {
  const tooLarge = () =>
    failed('too_large', `The body is over the limit of ${Math.floor(mostBytes / 1e6)} MB.`);
  if (Number(request.headers.get('content-length') ?? 0) > mostBytes) return tooLarge();
  const reader = request.body?.getReader();
  if (!reader) return { ok: true, value: new Uint8Array() };
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > mostBytes) {
      await reader.cancel();
      return tooLarge();
    }
    chunks.push(value);
  }
  return { ok: true, value: Buffer.concat(chunks) };
}

/** The body of a request as text, or `too_large`. */
export async function readText(request: Request, mostBytes: number): Promise<WireResult<string>> {
  const bytes = await readBytes(request, mostBytes);
  return bytes.ok ? { ok: true, value: new TextDecoder().decode(bytes.value) } : bytes;
}

/** The body of a request as JSON, or `too_large` or `invalid_json`. */
export async function readJson(request: Request, mostBytes: number): Promise<WireResult<unknown>> {
  const text = await readText(request, mostBytes);
  if (!text.ok) return text;
  try {
    return { ok: true, value: JSON.parse(text.value) as unknown };
  } catch {
    return failed('invalid_json', 'The body is not JSON.');
  }
}

/** A file handed out. */
export interface OutFile {
  name: string;
  type: string;
  text: string;
}

/** Rows as a CSV or JSON file, by the word of the request; CSV where it gives none. */
export function asFile(
  name: string,
  format: string | null,
  csv: () => string,
  rows: unknown,
): WireResult<OutFile> {
  if (format === 'json') {
    const text = JSON.stringify(rows, null, 1);
    return { ok: true, value: { name: `${name}.json`, type: 'application/json', text } };
  }
  if (format === null || format === 'csv') {
    // The byte order mark tells spreadsheets that this is UTF-8.
    return {
      ok: true,
      value: { name: `${name}.csv`, type: 'text/csv', text: `\uFEFF${csv()}` },
    };
  }
  return invalidInput([{ field: 'format', message: 'Format must be csv or json.' }]);
}

/** A file as a download, or the error. */
export function toFileResponse(result: WireResult<OutFile>): Response {
  if (!result.ok) return toResponse(result);
  const { name, type, text } = result.value;
  return new Response(text, {
    headers: {
      'content-type': `${type}; charset=utf-8`,
      'content-disposition': `attachment; filename="${name}"`,
    },
  });
}
