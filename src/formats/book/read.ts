import { unzipSync } from 'fflate';
import { BOOK_NAMES, type BookName, type BookRecord, type GoneRecord } from '../../core/book';
import { formatsScreenWords } from '../../words/screens/formats';
import { isMoment } from '../schemas/dates';
import { asFields, type FieldProblem } from '../schemas/validation';
import { recordCheck } from './check';
import { BOOK_FILE, BOOK_FORMAT, BOOK_VERSION, BookSum, PICTURES } from './write';

const WORDS = formatsScreenWords.book;
/** The most that the records may come to as text, bytes: seasons of a large team are a tenth of it. */
export const MOST_JSON = 60_000_000;
/** The most that the files of a ZIP may come to, bytes. */
const MOST_UNPACKED = 400_000_000;
const MOST_PROBLEMS = 20;
/** Records that are handed on at a time. */
const A_PAGE = 200;
/** What a book may say beside its format. */
const KEYS: readonly string[] = ['format', 'version', 'records', 'gone', 'sha256'];
const ZIP_MARK = '504b0304';
const JPEG_MARK = 'ffd8ff';

/** A book that was read and checked: its records by kind, in pages as JSON. */
export interface ReadBook {
  pages: { name: BookName; json: string }[];
  gone: GoneRecord[];
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

const startsWith = (bytes: Uint8Array, mark: string) =>
  Buffer.from(bytes.subarray(0, mark.length / 2)).toString('hex') === mark;

interface Unpacked {
  json: Uint8Array;
  pictures: Map<string, Uint8Array> | undefined;
}

/** The files of a ZIP; undefined where it is damaged, no book, or larger than it may be. */
function unpacked(bytes: Uint8Array, most: number): Unpacked | undefined {
  let left = most;
  try {
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        left -= originalSize;
        if (left < 0 || (name === BOOK_FILE && originalSize > MOST_JSON)) {
          throw new RangeError('too_large');
        }
        return name === BOOK_FILE || name.startsWith(PICTURES);
      },
    });
    const json = files[BOOK_FILE];
    if (!json) return undefined;
    const pictures = Object.entries(files)
      .filter(([name, file]) => name !== BOOK_FILE && startsWith(file, JPEG_MARK))
      .map(([name, file]) => [name.slice(PICTURES.length).replace(/\.jpg$/, ''), file] as const);
    return { json, pictures: new Map(pictures) };
  } catch {
    return undefined;
  }
}

function parsed(json: Uint8Array): Record<string, unknown> | undefined {
  try {
    const text = new TextDecoder('utf-8', { fatal: true }).decode(json);
    return asFields(JSON.parse(text));
  } catch {
    return undefined;
  }
}

const isGoneRecord = (value: unknown): value is GoneRecord => {
  const { kind, ref, gone_at, back_at } = asFields(value);
  return (
    BOOK_NAMES.includes(kind as BookName) &&
    typeof ref === 'string' &&
    typeof gone_at === 'string' &&
    isMoment(gone_at) &&
    (back_at === null || (typeof back_at === 'string' && isMoment(back_at)))
  );
};

/** Records of a kind with what is wrong with them. */
function checked(name: BookName, records: unknown, sum: BookSum) {
  if (!Array.isArray(records)) {
    return { pages: [], problems: [{ field: `records.${name}`, message: WORDS.mustBeList }] };
  }
  const problemsOf = recordCheck(name);
  const problems: FieldProblem[] = [];
  const pages: ReadBook['pages'] = [];
  for (let from = 0; from < records.length; from += A_PAGE) {
    const page = records.slice(from, from + A_PAGE) as BookRecord[];
    page.forEach((record, i) => {
      sum.add(name, record);
      if (problems.length >= MOST_PROBLEMS) return;
      problems.push(...problemsOf(record, `records.${name}[${from + i}]`));
    });
    pages.push({ name, json: JSON.stringify(page) });
  }
  return { pages, problems };
}

/** Reads a book from a JSON file or a ZIP, whole and checked; or says why it is not taken. */
export function readBook(bytes: Uint8Array, mostUnpacked = MOST_UNPACKED): BookRead {
  try {
    return readWhole(bytes, mostUnpacked);
  } catch (error) {
    // Lists in lists without end: no record of a book is as deep.
    if (error instanceof RangeError) return refused(WORDS.damaged);
    throw error;
  }
}

function readWhole(bytes: Uint8Array, mostUnpacked: number): BookRead {
  const isZip = startsWith(bytes, ZIP_MARK);
  const files = isZip ? unpacked(bytes, mostUnpacked) : { json: bytes, pictures: undefined };
  if (!files) return refused(WORDS.noZip);
  const file = parsed(files.json);
  if (!file) return refused(WORDS.damaged);
  if (file.format !== BOOK_FORMAT) return refused(WORDS.noBook);
  if (file.version !== BOOK_VERSION) return refused(WORDS.otherVersion);
  const given = asFields(file.records);
  const strange = [
    ...Object.keys(file).filter((key) => !KEYS.includes(key)),
    ...Object.keys(given).filter((name) => !BOOK_NAMES.includes(name as BookName)),
  ];
  if (strange.length > 0) return refused(WORDS.unknownKinds(strange));
  const sum = new BookSum();
  const kinds = BOOK_NAMES.filter((name) => name in given).map((name) =>
    checked(name, given[name], sum),
  );
  const gone = Array.isArray(file.gone) ? (file.gone as unknown[]) : [];
  for (const one of gone) sum.add('gone', one);
  if (file.sha256 !== undefined && file.sha256 !== sum.hex) return refused(WORDS.damaged);
  const problems = [
    ...kinds.flatMap((one) => one.problems),
    ...gone.flatMap((one, i) =>
      isGoneRecord(one) ? [] : [{ field: `gone[${i}]`, message: WORDS.misshapen }],
    ),
  ];
  if (problems.length > 0) return refused(WORDS.wrong(problems.length), problems);
  return {
    ok: true,
    value: {
      pages: kinds.flatMap((one) => one.pages),
      gone: gone as GoneRecord[],
      pictures: files.pictures,
    },
  };
}
