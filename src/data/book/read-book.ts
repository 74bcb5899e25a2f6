import Database from 'better-sqlite3';
import {
  BOOK_NAMES,
  bookKind,
  courseRecord,
  recordOf,
  type BookName,
  type BookRecord,
  type Tombstone,
} from '../../core/book';
import { databaseFile } from '../database';
import { nextTurn } from '../next-turn';

/** Records between two pauses, in which others are served, and the characters of their JSON. */
const A_TURN = 200;
const A_TURN_CHARACTERS = 300_000;

const ALL_OF = (table: string) => String.raw`select * from ${table} order by rowid`;
const VENUES = String.raw`select id, course_version from venue order by rowid`;
const SEGMENTS = String.raw`select * from segment where venue_id = ? order by position`;
const GONE = String.raw`select * from gone order by kind, ref`;

type Row = Record<string, unknown>;

/** A book as it is at one moment, whatever is written meanwhile. It must be closed. */
export interface OpenBook {
  /** Records of every kind in the order in which they came in, in pages. */
  records: () => AsyncGenerator<{ name: BookName; records: BookRecord[] }>;
  gone: () => Tombstone[];
  /** The pictures of photos, JPEG, each with the id of its record. */
  pictures: () => AsyncGenerator<{ id: string; jpeg: Buffer }>;
  close: () => void;
}

/** About so many characters a row holds. */
const lengthOf = (row: Row): number =>
  Object.values(row).reduce<number>(
    (sum, value) => sum + (typeof value === 'string' ? value.length : 0),
    0,
  );

function* rowsOf(
  sqlite: Database.Database,
  name: BookName,
): Generator<{ record: BookRecord; length: number }> {
  if (name === 'course') {
    const segments = sqlite.prepare<[string], Row>(SEGMENTS);
    for (const venue of sqlite.prepare<[], { id: string; course_version: number }>(VENUES).all()) {
      yield { record: courseRecord(venue, segments.all(venue.id)), length: 0 };
    }
    return;
  }
  for (const row of sqlite.prepare<[], Row>(ALL_OF(name)).iterate()) {
    yield { record: recordOf(name, row), length: lengthOf(row) };
  }
}

/** Opens the book of a folder for reading, from a connection of its own. */
export function openBook(folder: string): OpenBook {
  const sqlite = new Database(databaseFile(folder), { readonly: true });
  sqlite.exec('begin');
  return {
    async *records() {
      for (const name of BOOK_NAMES) {
        let [records, characters] = [[] as BookRecord[], 0];
        for (const { record, length } of rowsOf(sqlite, name)) {
          records.push(record);
          characters += length;
          if (records.length < A_TURN && characters < A_TURN_CHARACTERS) continue;
          yield { name, records };
          [records, characters] = [[], 0];
          await nextTurn();
        }
        yield { name, records };
      }
    },
    gone: () => sqlite.prepare<[], Tombstone>(GONE).all(),
    async *pictures() {
      for (const name of BOOK_NAMES.filter((one) => bookKind(one).hasPicture)) {
        const rows = sqlite.prepare<[], { id: string; jpeg: Buffer }>(ALL_OF(name));
        for (const { id, jpeg } of rows.iterate()) {
          await nextTurn();
          yield { id, jpeg };
        }
      }
    },
    close: () => sqlite.close(),
  };
}
