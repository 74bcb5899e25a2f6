import { createHash } from 'node:crypto';
import { Zip, ZipDeflate, ZipPassThrough } from 'fflate';
import { packedRecord } from './packing';
import { type BookName, type BookRecord, type Tombstone } from '../../core/book';

export const BOOK_FORMAT = 'frost-pick-book';
/** From the second on long values may be packed. */
export const BOOK_VERSIONS: readonly number[] = [1, 2];
export const BOOK_VERSION = 2;
/** The name of the records in a ZIP, and of the folder of its pictures. */
export const BOOK_FILE = 'book.json';
export const PICTURES = 'photos/';

/** What a book is written from. */
export interface BookSource {
  records: () => AsyncIterable<{ name: BookName; records: BookRecord[] }>;
  gone: () => Tombstone[];
  pictures: () => AsyncIterable<{ id: string; jpeg: Uint8Array }>;
}

/** Sums up records, so that a file that was damaged on its way is known. */
export class BookSum {
  private readonly hash = createHash('sha256');

  add(name: string, record: unknown): this {
    this.hash.update(`${name}\n${JSON.stringify(record)}\n`);
    return this;
  }

  get hex(): string {
    return this.hash.digest('hex');
  }
}

/** A book as JSON, piece by piece; see docs/exchange.md. */
export async function* bookJson({ records, gone }: BookSource): AsyncGenerator<string> {
  const sum = new BookSum();
  yield `{"format":"${BOOK_FORMAT}","version":${BOOK_VERSION},"records":{`;
  let kind: BookName | undefined;
  let isFirst = true;
  for await (const { name, records: whole } of records()) {
    const page = whole.map((record) => packedRecord(name, record));
    if (name !== kind) {
      yield `${kind === undefined ? '' : '\n],'}\n"${name}":[`;
      kind = name;
      isFirst = true;
    }
    if (page.length === 0) continue;
    for (const record of page) sum.add(name, record);
    const text = page.map((record) => JSON.stringify(record)).join(',\n');
    yield `${isFirst ? '\n' : ',\n'}${text}`;
    isFirst = false;
  }
  const removed = gone();
  for (const one of removed) sum.add('gone', one);
  const goneText = removed.map((one) => `\n${JSON.stringify(one)}`).join(',');
  yield `${kind === undefined ? '' : '\n]'}},\n"gone":[${goneText}],\n"sha256":"${sum.hex}"}\n`;
}

/** A book as a ZIP: its records as JSON, and each picture as a file. */
export async function* bookZip(source: BookSource): AsyncGenerator<Uint8Array> {
  const ready: Uint8Array[] = [];
  let failure: Error | null = null;
  const zip = new Zip((error, chunk) => {
    if (error) failure = error;
    else ready.push(chunk);
  });
  function* take() {
    if (failure) throw failure;
    yield* ready.splice(0);
  }
  // The same book gives the same bytes: no time of its making is in it.
  const at = { mtime: new Date(Date.UTC(2000, 0, 1)) };
  const book = Object.assign(new ZipDeflate(BOOK_FILE), at);
  zip.add(book);
  const encoder = new TextEncoder();
  for await (const piece of bookJson(source)) {
    book.push(encoder.encode(piece));
    yield* take();
  }
  book.push(new Uint8Array(), true);
  for await (const { id, jpeg } of source.pictures()) {
    const picture = Object.assign(new ZipPassThrough(`${PICTURES}${id}.jpg`), at);
    zip.add(picture);
    picture.push(new Uint8Array(jpeg), true);
    yield* take();
  }
  zip.end();
  yield* take();
}
