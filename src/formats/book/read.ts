import {
  BOOK_NAMES,
  completed,
  type BookName,
  type BookRecord,
  type Tombstone,
} from '../../core/book';
import { formatsScreenWords } from '../../words/screens/formats';
import { isMoment } from '../schemas/dates';
import { asFields, type FieldProblem } from '../schemas/validation';
import { recordCheck } from './check';
import { unpackedRecord } from './packing';
import { walkBook, type Item, type Piece } from './split';
import { unpack, type UnpackLimits } from './unpack';
import { BOOK_FORMAT, BOOK_VERSIONS, BookSum } from './write';

const WORDS = formatsScreenWords.book;
/** The most that the records may come to as text, bytes: twenty seasons of a large team are half of it. */
export const MOST_JSON = 150_000_000;
const LIMITS: UnpackLimits = { records: MOST_JSON, all: 500_000_000 };
const MOST_PROBLEMS = 20;
/** Records and removals of a book. */
const MOST_RECORDS = 1_000_000;
/** Removals of a book. */
const MOST_GONE = 100_000;
/** Records that are handed on at a time, and the bytes of their JSON: few enough to be met between two pauses. */
const A_PAGE = 200;
const A_PAGE_BYTES = 60_000;
/** What a book may say beside its format. */
const KEYS: readonly string[] = ['format', 'version', 'sha256'];
const ZIP_MARK = '504b0304';

/** A page of a book: some neighbours of one of its lists. */
export interface BookPage extends Piece {
  name: BookName;
}

/**
 * A book that was read and checked. Its records stay in its text, in pages that {@link openPage} opens: nothing is
 * copied, so that a large book is handed from thread to thread at once.
 */
export interface ReadBook {
  text: Uint8Array;
  pages: BookPage[];
  /** What was removed, in pages. */
  gone: Piece[];
  /** By the id of the record; undefined: the file has none. */
  pictures: Map<string, Uint8Array> | undefined;
}

export type BookRead =
  { ok: true; value: ReadBook } | { ok: false; message: string; problems: FieldProblem[] };

const refused = (message: string, problems: FieldProblem[] = []): BookRead => ({
  ok: false,
  message,
  problems: problems.slice(0, MOST_PROBLEMS),
});

const isZip = (bytes: Uint8Array) =>
  Buffer.from(bytes.subarray(0, ZIP_MARK.length / 2)).toString('hex') === ZIP_MARK;

const isGoneRecord = (value: unknown): value is Tombstone => {
  const { kind, ref, gone_at, back_at } = asFields(value);
  return (
    BOOK_NAMES.includes(kind as BookName) &&
    typeof ref === 'string' &&
    typeof gone_at === 'string' &&
    isMoment(gone_at) &&
    (back_at === null || (typeof back_at === 'string' && isMoment(back_at)))
  );
};

const listOf = (text: Uint8Array, { from, to }: Piece): unknown[] =>
  JSON.parse(
    `[${Buffer.from(text.buffer, text.byteOffset + from, to - from).toString('utf8')}]`,
  ) as unknown[];

/** The records of a page, with their long values unpacked. */
export const openPage = ({ text }: ReadBook, page: BookPage): BookRecord[] =>
  (listOf(text, page) as BookRecord[]).map((record) =>
    completed(page.name, unpackedRecord(record)),
  );

/** The removals of a page. */
export const openGone = ({ text }: ReadBook, page: Piece): Tombstone[] =>
  listOf(text, page) as Tombstone[];

/** Gathers neighbours of a list into pages; another list of the same name begins another page. */
class Pages {
  private count = 0;
  private from = 0;
  private to = 0;

  constructor(private readonly put: (page: Piece) => void) {}

  add({ from, to, place }: Item): void {
    if (place === 0) this.end();
    if (this.count === 0) this.from = from;
    this.to = to;
    this.count += 1;
    if (this.count === A_PAGE || to - this.from > A_PAGE_BYTES) this.end();
  }

  end(): void {
    if (this.count > 0) this.put({ from: this.from, to: this.to });
    this.count = 0;
  }
}

/** What is read of a book on the way through it. */
class Reading {
  readonly pages: ReadBook['pages'] = [];
  readonly gone: Piece[] = [];
  readonly problems: FieldProblem[] = [];
  readonly said: Record<string, unknown> = {};
  readonly strange: string[] = [];
  readonly sum = new BookSum();
  private readonly checks = new Map<BookName, ReturnType<typeof recordCheck>>();
  private count = 0;
  private goneCount = 0;
  private name: BookName | undefined;
  private readonly page = new Pages((page) => this.pages.push({ name: this.name!, ...page }));
  private readonly gonePage = new Pages((page) => this.gone.push(page));

  other = (key: string, value: unknown): boolean => {
    if (KEYS.includes(key)) this.said[key] = value;
    else this.strange.push(key);
    // Another version says other things: nothing more is looked at.
    return key !== 'version' || BOOK_VERSIONS.includes(value as number);
  };

  kind = (kind: string): boolean => {
    this.page.end();
    this.name = BOOK_NAMES.find((name) => name === kind);
    if (this.name === undefined) this.strange.push(kind);
    return true;
  };

  noList = (kind: string): boolean => {
    this.problems.push({ field: `records.${kind}`, message: WORDS.mustBeList });
    return true;
  };

  record = (kind: string, item: Item): boolean => {
    const { name } = this;
    if (name === undefined) return true;
    const path = `records.${kind}[${item.place}]`;
    if (item.json === undefined) this.problems.push({ field: path, message: WORDS.misshapen });
    else {
      const said = JSON.parse(item.json) as BookRecord;
      this.sum.add(name, said);
      const problemsOf = this.checks.get(name) ?? recordCheck(name);
      this.checks.set(name, problemsOf);
      this.problems.push(...problemsOf(unpackedRecord(said), path));
      this.page.add(item);
    }
    return this.goesOn();
  };

  removed = (item: Item): boolean => {
    const one = item.json === undefined ? undefined : (JSON.parse(item.json) as unknown);
    this.sum.add('gone', one);
    this.goneCount += 1;
    if (isGoneRecord(one)) this.gonePage.add(item);
    else this.problems.push({ field: `gone[${item.place}]`, message: WORDS.misshapen });
    return this.goesOn();
  };

  end(): void {
    this.page.end();
    this.gonePage.end();
  }

  private goesOn(): boolean {
    this.count += 1;
    return this.problems.length < MOST_PROBLEMS && !this.isTooLong;
  }

  get isTooLong(): boolean {
    return this.count > MOST_RECORDS || this.goneCount > MOST_GONE;
  }
}

function walked(json: Uint8Array): Reading | undefined {
  const reading = new Reading();
  try {
    const { record, kind, noList, removed: gone, other } = reading;
    walkBook(json, { record, kind, noList, gone, other });
  } catch (error) {
    // No JSON, no text, or lists in lists without end: no record of a book is as deep.
    if (error instanceof SyntaxError || error instanceof TypeError) return undefined;
    if (error instanceof RangeError) return undefined;
    throw error;
  }
  reading.end();
  return reading;
}

/** Reads a book from a JSON file or a ZIP, whole and checked; or says why it is not taken. */
export async function readBook(bytes: Uint8Array, limits = LIMITS): Promise<BookRead> {
  const files = isZip(bytes) ? await unpack(bytes, limits) : { json: bytes, pictures: undefined };
  if (!files) return refused(WORDS.noZip);
  const reading = walked(files.json);
  if (!reading) return refused(WORDS.damaged);
  const { said, strange, sum, problems, pages, gone } = reading;
  if (said.format !== BOOK_FORMAT) return refused(WORDS.noBook);
  if (!BOOK_VERSIONS.includes(said.version as number)) return refused(WORDS.otherVersion);
  if (strange.length > 0) return refused(WORDS.unknownKinds(strange));
  if (reading.isTooLong) return refused(WORDS.tooLong(MOST_RECORDS));
  const isWhole = said.sha256 === undefined || said.sha256 === sum.hex;
  if (problems.length === 0 && !isWhole) return refused(WORDS.damaged);
  if (problems.length > 0) return refused(WORDS.wrong(problems.length), problems);
  const { json: text, pictures } = files;
  return { ok: true, value: { text, pages, gone, pictures } };
}
