import { fromBuffer, type Entry, type ZipFile } from 'yauzl';
import { BOOK_FILE, PICTURES } from './write';

/** The most files that a ZIP of a book may have. */
const MOST_FILES = 60_000;
const JPEG_MARK = Buffer.from([0xff, 0xd8, 0xff]);

/** What a ZIP may come to, bytes. */
export interface UnpackLimits {
  /** Its records as text. */
  records: number;
  /** All of it. */
  all: number;
}

/** The files of a book. */
export interface Unpacked {
  json: Uint8Array;
  /** By the id of the record; undefined: the file has none. */
  pictures: Map<string, Uint8Array> | undefined;
}

const opened = (bytes: Uint8Array): Promise<ZipFile> =>
  new Promise((resolve, reject) =>
    fromBuffer(
      Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength),
      {
        lazyEntries: true,
        // More than a file says of itself ends it.
        validateEntrySizes: true,
      },
      (error, zip) => (zip ? resolve(zip) : reject(error ?? new Error('no_zip'))),
    ),
  );

const bytesOf = (zip: ZipFile, entry: Entry): Promise<Buffer> =>
  new Promise((resolve, reject) =>
    zip.openReadStream(entry, (error, stream) => {
      if (!stream) {
        reject(error ?? new Error('no_stream'));
        return;
      }
      const pieces: Buffer[] = [];
      stream.on('data', (piece: Buffer) => pieces.push(piece));
      stream.on('error', reject);
      stream.on('end', () => resolve(Buffer.concat(pieces)));
    }),
  );

async function* entriesOf(zip: ZipFile): AsyncGenerator<Entry> {
  for (;;) {
    const next = new Promise<Entry | undefined>((resolve, reject) => {
      zip.once('entry', resolve);
      zip.once('end', () => resolve(undefined));
      zip.once('error', reject);
    });
    zip.readEntry();
    const entry = await next;
    zip.removeAllListeners();
    if (!entry) return;
    yield entry;
  }
}

/** The files of a book in a ZIP; undefined where it is damaged, no book, or larger than it may be. */
export async function unpack(
  bytes: Uint8Array,
  limits: UnpackLimits,
): Promise<Unpacked | undefined> {
  try {
    const zip = await opened(bytes);
    if (zip.entryCount > MOST_FILES) return undefined;
    let [left, json] = [limits.all, undefined as Buffer | undefined];
    const pictures = new Map<string, Uint8Array>();
    for await (const entry of entriesOf(zip)) {
      const { fileName, uncompressedSize } = entry;
      const isBook = fileName === BOOK_FILE;
      if (!isBook && !fileName.startsWith(PICTURES)) continue;
      left -= uncompressedSize;
      if (left < 0 || (isBook && uncompressedSize > limits.records)) return undefined;
      const file = await bytesOf(zip, entry);
      if (isBook) json = file;
      else if (file.subarray(0, JPEG_MARK.length).equals(JPEG_MARK)) {
        pictures.set(fileName.slice(PICTURES.length).replace(/\.jpg$/, ''), file);
      }
    }
    return json && { json, pictures };
  } catch {
    return undefined;
  }
}
