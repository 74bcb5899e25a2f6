import { invalidInput, toResponse, type WireResult } from './wire';
import { formatsScreenWords } from '../words/screens/formats';

const WORDS = formatsScreenWords.outFile;

/** A file handed out, in pieces: it may be larger than should stand in memory. */
export interface OutFile {
  name: string;
  type: string;
  pieces: AsyncIterable<string | Uint8Array>;
}

/** Text that is at hand whole. */
export async function* whole(text: string): AsyncGenerator<string> {
  yield text;
}

/** Rows that are at hand whole, as the only page. */
export async function* onePage<T>(rows: readonly T[]): AsyncGenerator<readonly T[]> {
  yield rows;
}

/** A file's whole text. */
export const textOf = async (file: OutFile): Promise<string> =>
  new TextDecoder('utf-8', { ignoreBOM: true }).decode(await bytesOf(file));

/** A file whole. */
export async function bytesOf({ pieces }: OutFile): Promise<Uint8Array> {
  const parts: Uint8Array[] = [];
  for await (const piece of pieces) parts.push(Buffer.from(piece as string));
  return Buffer.concat(parts);
}

async function* jsonPieces<T>(pages: AsyncIterable<readonly T[]>): AsyncGenerator<string> {
  let isFirst = true;
  yield '[';
  for await (const rows of pages) {
    if (rows.length === 0) continue;
    const text = rows.map((row) => JSON.stringify(row)).join(',\n');
    yield isFirst ? `\n${text}` : `,\n${text}`;
    isFirst = false;
  }
  yield '\n]\n';
}

async function* csvPieces<T>(
  pages: AsyncIterable<readonly T[]>,
  write: (rows: readonly T[], hasHeader: boolean) => string,
): AsyncGenerator<string> {
  // The byte order mark tells spreadsheets that this is UTF-8.
  yield `\uFEFF${write([], true)}`;
  for await (const rows of pages) {
    if (rows.length > 0) yield `\r\n${write(rows, false)}`;
  }
}

/** Rows as a CSV or JSON file, by the word of the request; CSV where it gives none. */
export function asFile<T>(
  name: string,
  {
    format,
    pages,
    write,
  }: {
    format: string | null;
    pages: AsyncIterable<readonly T[]>;
    write: (rows: readonly T[], hasHeader: boolean) => string;
  },
): WireResult<OutFile> {
  if (format === 'json') {
    const pieces = jsonPieces(pages);
    return { ok: true, value: { name: `${name}.json`, type: 'application/json', pieces } };
  }
  if (format === null || format === 'csv') {
    const pieces = csvPieces(pages, write);
    return { ok: true, value: { name: `${name}.csv`, type: 'text/csv', pieces } };
  }
  return invalidInput([{ field: 'format', message: WORDS.formatUnknown }]);
}

/** A file as a download that is made while it is read, or the error. */
export function toFileResponse(result: WireResult<OutFile>): Response {
  if (!result.ok) return toResponse(result);
  const { name, type, pieces } = result.value;
  const iterator = pieces[Symbol.asyncIterator]();
  const encoder = new TextEncoder();
  const body = new ReadableStream<Uint8Array>({
    async pull(controller) {
      const { done, value } = await iterator.next();
      if (done) controller.close();
      else controller.enqueue(typeof value === 'string' ? encoder.encode(value) : value);
    },
    async cancel() {
      await iterator.return?.(undefined);
    },
  });
  return new Response(body, {
    headers: {
      'cache-control': 'no-store',
      'content-type': type === 'application/zip' ? type : `${type}; charset=utf-8`,
      'content-disposition': `attachment; filename="${name}"`,
    },
  });
}
